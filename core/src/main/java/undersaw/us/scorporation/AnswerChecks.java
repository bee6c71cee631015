package undersaw.us.scorporation;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.us.passthrough.PassthroughLaw;

/** Checks of the answers that only an S corporation gives on Schedule B. */
final class AnswerChecks {
    private static final Set<String> OTHERS = Set.of("trust", "estate", "disregarded");

    private AnswerChecks() {}

    static List<Check> all() {
        return List.of(
                new Check("S-0202", QUERY, AnswerChecks::otherHolders),
                when(
                        "S-0203",
                        STOP,
                        AnswerChecks::saysSmall,
                        look -> onLine(
                                "1120-S/B/11",
                                "Question 11 is answered yes, but receipts are "
                                        + look.amount("1120-S/W-B/1").printed() + " and assets "
                                        + look.amount("1120-S/L/15/d").printed() + ".")),
                when(
                        "S-0204",
                        QUERY,
                        look -> !look.has("1120-S/B/8") && hasBeenC(look),
                        look -> new Found(
                                Place.line("1120-S/B/8"),
                                "Enter the net unrealized built-in gain, or zero.",
                                Answer.TYPE)));
    }

    private static List<Found> otherHolders(Examination look) {
        if (!look.says("1120-S/B/3", "no")) {
            return List.of();
        }
        return look.rows("OWNERS/kind").stream()
                .filter(kind -> OTHERS.contains(kind.value().plain()))
                .map(kind -> onLine(
                        "1120-S/B/3",
                        look.inRow("OWNERS/name", kind) + " is a "
                                + kind.value().plain() + "; question 3 says no."))
                .toList();
    }

    private static boolean saysSmall(Examination look) {
        Money limit = look.law().amount(PassthroughLaw.SMALL_S);
        return look.says("1120-S/B/11", "yes")
                && (look.amount("1120-S/W-B/1").compareTo(limit) >= 0
                        || look.amount("1120-S/L/15/d").compareTo(limit) >= 0);
    }

    /** Earnings and profits of C years stand, or the corporation came into being before its election. */
    static boolean hasBeenC(Examination look) {
        return look.amount("1120-S/M-2/1/c").isPositive() || wasFormedBeforeElection(look);
    }

    static boolean wasFormedBeforeElection(Examination look) {
        String elected = look.calculation().answer(LineId.of("1120-S/hdr/A"));
        LocalDate formed = look.client().formed();
        return formed != null && !elected.isEmpty() && LocalDate.parse(elected).isAfter(formed);
    }
}
