package undersaw.web.docket;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import undersaw.engagement.Client;
import undersaw.engagement.Heading;
import undersaw.engagement.TaxpayerNumber;
import undersaw.law.calendar.Period;
import undersaw.registry.Returns;
import undersaw.returns.ReturnKind;
import undersaw.store.Engagements;

/** Checks what was typed for a new engagement. */
@Component
class NewEngagement {
    private final Engagements engagements;

    NewEngagement(Engagements engagements) {
        this.engagements = engagements;
    }

    /** A heading to begin with, or what is wrong by field. */
    record Checked(@Nullable Heading heading, Map<String, String> problems) {}

    Checked check(NewEngagementForm form) {
        Map<String, String> problems = new LinkedHashMap<>();
        Optional<TaxpayerNumber> number = TaxpayerNumber.parse(form.number());
        if (number.isEmpty()) {
            problems.put("number", "A taxpayer number has nine digits, such as 00-1234567.");
        } else if (!TaxpayerNumber.parse(form.numberAgain()).equals(number)) {
            problems.put("numberAgain", "The two numbers differ. Type the number again from the client's papers.");
        }
        Optional<ReturnKind> kind = Returns.find(form.form());
        if (kind.isEmpty()) {
            problems.put("form", "Choose a form.");
        }
        Period period = period(form, problems);
        kind.filter(each -> period != null && !each.years().contains(period.lawYear()))
                .ifPresent(each -> problems.put(
                        "year", "Form " + each.code() + " is held for years beginning in " + each.years() + "."));
        Optional<Client> known = number.flatMap(each -> engagements.client(each.digits()));
        if (known.isEmpty() && form.name().isBlank()) {
            problems.put("name", "Enter the client's legal name.");
        } else if (known.isPresent()
                && !form.name().isBlank()
                && !known.get().name().equals(form.name().strip())) {
            problems.put("number", "This number belongs to " + known.get().name() + ". Check the number or the name.");
        }
        if (problems.isEmpty()) {
            refuseASecond(form, number.orElseThrow(), period, problems);
        }
        if (!problems.isEmpty() || period == null) {
            return new Checked(null, problems);
        }
        Client client = known.orElseGet(() -> Client.named(form.name().strip(), number.get()));
        return new Checked(new Heading(form.form(), client, period, null, Set.of()), problems);
    }

    private void refuseASecond(
            NewEngagementForm form, TaxpayerNumber number, @Nullable Period period, Map<String, String> problems) {
        if (period != null
                && engagements
                        .overlapping(number.digits(), form.form(), period.start(), period.end())
                        .isPresent()) {
            problems.put(
                    "year",
                    "There is an engagement for this client, form and period already. Open it from the docket.");
        }
    }

    private static @Nullable Period period(NewEngagementForm form, Map<String, String> problems) {
        if (!form.year().matches("\\d{4}")) {
            problems.put("year", "A year has four digits, such as 2025.");
            return null;
        }
        Period calendar = Period.calendarYear(Integer.parseInt(form.year()));
        LocalDate start = date(form.start(), calendar.start(), "start", problems);
        LocalDate end = date(form.end(), calendar.end(), "end", problems);
        if (start == null || end == null) {
            return null;
        }
        Period period = new Period(start, end);
        if (!period.makesAYear()) {
            problems.put(
                    "end", "These dates do not make a tax year: it ends after it starts and lasts at most 12 months.");
            return null;
        }
        return period;
    }

    private static @Nullable LocalDate date(String text, LocalDate usual, String field, Map<String, String> problems) {
        if (text.isBlank()) {
            return usual;
        }
        try {
            return LocalDate.parse(text.strip());
        } catch (DateTimeParseException notADate) {
            problems.put(field, "Enter a date such as 2025-12-31.");
            return null;
        }
    }
}
