package undersaw.web.books;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import undersaw.engagement.AccountingMethod;
import undersaw.engagement.Activity;
import undersaw.engagement.Address;
import undersaw.engagement.Client;
import undersaw.engagement.Contact;
import undersaw.engagement.Heading;
import undersaw.engagement.Heading.Flag;
import undersaw.engagement.TaxpayerNumber;
import undersaw.files.sheet.WrittenDate;
import undersaw.law.calendar.Period;
import undersaw.returns.ActivityCodes;
import undersaw.web.frame.Fields;

/** The client's facts and the tax year as typed. */
public record ClientForm(
        String name,
        String number,
        String line1,
        String line2,
        String city,
        String region,
        String postalCode,
        String formed,
        String formedIn,
        String activityCode,
        String activity,
        String product,
        String contactName,
        String contactTitle,
        String contactPhone,
        String contactEmail,
        String method,
        String start,
        String end,
        @Nullable String initial,
        @Nullable String last,
        @Nullable String nameChange,
        @Nullable String addressChange,
        @Nullable String extended) {
    private static final Pattern PHONE = Pattern.compile(
            "\\+?1?[-. ]?\\(?\\d{3}\\)?[-. ]?\\d{3}[-. ]?\\d{4}( ?(x|ext\\.?) ?\\d{1,6})?|\\+\\d[\\d ().-]{6,20}");
    private static final Pattern MAIL = Pattern.compile("[^@\\s]+@[^@\\s.]+(\\.[^@\\s.]+)+");

    /** Fields that a request leaves out are empty; boxes that it leaves out are not ticked. */
    public ClientForm {
        name = Fields.given(name);
        number = Fields.given(number);
        line1 = Fields.given(line1);
        line2 = Fields.given(line2);
        city = Fields.given(city);
        region = Fields.given(region);
        postalCode = Fields.given(postalCode);
        formed = Fields.given(formed);
        formedIn = Fields.given(formedIn);
        activityCode = Fields.given(activityCode);
        activity = Fields.given(activity);
        product = Fields.given(product);
        contactName = Fields.given(contactName);
        contactTitle = Fields.given(contactTitle);
        contactPhone = Fields.given(contactPhone);
        contactEmail = Fields.given(contactEmail);
        method = Fields.given(method);
        start = Fields.given(start);
        end = Fields.given(end);
    }

    static ClientForm of(Heading heading) {
        Client client = heading.client();
        Address address = client.address();
        return new ClientForm(
                client.name(),
                client.number().printed(),
                address.line1(),
                address.line2(),
                address.city(),
                address.region(),
                address.postalCode(),
                client.formed() == null ? "" : client.formed().toString(),
                client.formedIn(),
                client.activity().code(),
                client.activity().activity(),
                client.activity().product(),
                client.contact().name(),
                client.contact().title(),
                client.contact().phone(),
                client.contact().email(),
                heading.method() == null ? "" : heading.method().word(),
                heading.period().start().toString(),
                heading.period().end().toString(),
                heading.is(Flag.INITIAL) ? "yes" : null,
                heading.is(Flag.FINAL) ? "yes" : null,
                heading.is(Flag.NAME_CHANGE) ? "yes" : null,
                heading.is(Flag.ADDRESS_CHANGE) ? "yes" : null,
                heading.is(Flag.EXTENDED) ? "yes" : null);
    }

    /** What is wrong, by field; empty where everything can be kept. Facts may still be missing. */
    Map<String, String> problems(String country) {
        Map<String, String> problems = new LinkedHashMap<>();
        if (name.isBlank()) {
            problems.put("name", "Enter the client's legal name.");
        }
        if (TaxpayerNumber.parse(number).isEmpty()) {
            problems.put("number", "A taxpayer number has nine digits, such as 00-1234567.");
        }
        date(formed, "formed", problems);
        LocalDate from = date(start, "start", problems);
        LocalDate until = date(end, "end", problems);
        if (from == null && !problems.containsKey("start")) {
            problems.put("start", "Enter the first day of the tax year.");
        }
        if (from != null && until != null && !new Period(from, until).makesAYear()) {
            problems.put(
                    "end", "These dates do not make a tax year: it ends after it starts and lasts at most 12 months.");
        }
        problems.putAll(new AddressCheck(country, region, postalCode).problems());
        if (!contactPhone.isBlank() && !PHONE.matcher(contactPhone.strip()).matches()) {
            problems.put("contactPhone", "A telephone number has ten digits, such as 207-555-0142.");
        }
        if (!contactEmail.isBlank() && !MAIL.matcher(contactEmail.strip()).matches()) {
            problems.put("contactEmail", "A mail address has a name, @ and a domain, such as pat@quay.example.");
        }
        if (!activityCode.isBlank() && ActivityCodes.title(activityCode.strip()).isEmpty()) {
            problems.put("activityCode", "This code is not on the list. Type a word of the business to find it.");
        }
        return problems;
    }

    private static @Nullable LocalDate date(String text, String field, Map<String, String> problems) {
        if (text.isBlank()) {
            return null;
        }
        Optional<LocalDate> date = WrittenDate.read(text);
        if (date.isEmpty()) {
            problems.put(field, "Enter a date such as 2025-12-31 or 3/15/2010.");
        }
        return date.orElse(null);
    }

    /** The heading that these facts make; to be asked only where there are no problems. */
    Heading heading(Heading before) {
        Map<String, String> none = new LinkedHashMap<>();
        Client client = new Client(
                name.strip(),
                TaxpayerNumber.parse(number).orElseThrow(),
                new Address(
                        line1.strip(),
                        line2.strip(),
                        city.strip(),
                        region.strip(),
                        postalCode.strip(),
                        before.client().address().country()),
                date(formed, "formed", none),
                formedIn.strip(),
                new Activity(activityCode.strip(), activity.strip(), product.strip()),
                new Contact(contactName.strip(), contactTitle.strip(), contactPhone.strip(), contactEmail.strip()));
        Set<Flag> flags = EnumSet.noneOf(Flag.class);
        flag(initial, Flag.INITIAL, flags);
        flag(last, Flag.FINAL, flags);
        flag(nameChange, Flag.NAME_CHANGE, flags);
        flag(addressChange, Flag.ADDRESS_CHANGE, flags);
        flag(extended, Flag.EXTENDED, flags);
        Optional<AccountingMethod> chosen = AccountingMethod.parse(method);
        Period period = new Period(
                WrittenDate.read(start).orElseThrow(), WrittenDate.read(end).orElseThrow());
        return new Heading(before.form(), client, period, chosen.orElse(null), flags);
    }

    private static void flag(@Nullable String ticked, Flag flag, Set<Flag> flags) {
        if (ticked != null) {
            flags.add(flag);
        }
    }
}
