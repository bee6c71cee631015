package undersaw.us.partnership;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import undersaw.calc.LineValue;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.line.LineId;
import undersaw.owners.OwnerRegister;
import undersaw.us.passthrough.LateCheck;
import undersaw.us.passthrough.PassthroughLaw;

/** Checks of the answers that only a partnership gives on Schedule B. */
final class AnswerChecks {
    private static final Set<String> PERSONS = Set.of("individual", "estate");
    private static final Set<String> INELIGIBLE = Set.of("partnership", "trust", "disregarded");
    private static final BigDecimal HALF = BigDecimal.valueOf(50);
    private static final int MOST = 100;

    private AnswerChecks() {}

    static List<Check> all() {
        return List.of(
                when(
                        "P-0203",
                        STOP,
                        look -> look.says("1065/B/5", "yes"),
                        look -> onLine(
                                "1065/B/5",
                                "A publicly traded partnership is taxed as a corporation unless its income qualifies. "
                                        + "Check the test or change the form.")),
                new Check("P-0204", STOP, AnswerChecks::electingOut),
                when(
                        "P-0207",
                        STOP,
                        look -> look.says("1065/B/31", "no") && !hasRepresentative(look),
                        look -> onLine(
                                "1065/PR/name",
                                "Name the partnership representative with a US address and telephone.")),
                new Check("P-0208", QUERY, look -> large(look, "2a", false)),
                new Check("P-0208", QUERY, look -> large(look, "2b", true)),
                when(
                        "P-0209",
                        STOP,
                        AnswerChecks::saysSmall,
                        look -> onLine(
                                "1065/B/4",
                                "Question 4 is answered yes, but receipts are "
                                        + look.amount("1065/W-B/1").printed() + " and assets "
                                        + look.amount("1065/L/14/d").printed() + ".")),
                when(
                        "P-0210",
                        STOP,
                        look -> look.says("1065/hdr/G5", "yes")
                                && !look.says("1065/B/31", "yes")
                                && look.today().isAfter(LateCheck.lastDay(look)),
                        look -> onLine(
                                "1065/B/31",
                                "After the due date this partnership corrects itself by an adjustment request, not by "
                                        + "an amended return.")));
    }

    private static boolean hasRepresentative(Examination look) {
        return List.of("name", "tin", "address", "phone").stream()
                .noneMatch(each ->
                        look.calculation().answer(LineId.of("1065/PR/" + each)).isEmpty());
    }

    /** Open to a hundred statements at most, and to no partner of a barred kind (IRC 6221(b); from memory). */
    private static List<Found> electingOut(Examination look) {
        if (!look.says("1065/B/31", "yes")) {
            return List.of();
        }
        List<Found> found = new ArrayList<>();
        for (LineValue kind : look.rows("OWNERS/kind")) {
            if (INELIGIBLE.contains(kind.value().plain())) {
                found.add(onLine(
                        "1065/B/31",
                        "Electing out is not open: "
                                + OwnerRegister.name(
                                        look.calculation(), kind.key().instance()) + " is a "
                                + kind.value().plain() + ". Answer no and name a representative."));
            }
        }
        long statements = count(look.calculation().answer(LineId.of("1065/hdr/I")));
        for (LineValue holders : look.rows("1065/K-1/s-holders")) {
            statements += count(holders.value().plain());
        }
        if (statements > MOST) {
            found.add(onLine(
                    "1065/B/31",
                    "Electing out is not open: " + statements + " statements count, 100 are the most. Answer no and "
                            + "name a representative."));
        }
        return found;
    }

    private static long count(String text) {
        return text.matches("\\d{1,9}") ? Long.parseLong(text) : 0;
    }

    private static List<Found> large(Examination look, String question, boolean persons) {
        if (!look.says("1065/B/" + question, "no")) {
            return List.of();
        }
        List<Found> found = new ArrayList<>();
        for (LineValue kind : look.rows("OWNERS/kind")) {
            String owner = kind.key().instance();
            boolean asked = PERSONS.contains(kind.value().plain()) == persons;
            if (asked && most(look, owner).compareTo(HALF) >= 0) {
                found.add(onLine(
                        "1065/B/" + question,
                        OwnerRegister.name(look.calculation(), owner) + " holds "
                                + most(look, owner).stripTrailingZeros().toPlainString() + "%; the answer is no."));
            }
        }
        return found;
    }

    private static BigDecimal most(Examination look, String owner) {
        return List.of("profit", "loss", "capital").stream()
                .map(each -> LineId.of("1065/K-1/J/" + each + "/end").in(owner))
                .flatMap(key -> look.calculation().value(key).stream())
                .map(value -> new BigDecimal(value.value().plain()))
                .max(BigDecimal::compareTo)
                .orElse(BigDecimal.ZERO);
    }

    private static boolean saysSmall(Examination look) {
        return look.says("1065/B/4", "yes")
                && (look.amount("1065/W-B/1").compareTo(look.law().amount(PassthroughLaw.SMALL_RECEIPTS)) >= 0
                        || look.amount("1065/L/14/d").compareTo(look.law().amount(PassthroughLaw.SMALL_ASSETS)) >= 0);
    }
}
