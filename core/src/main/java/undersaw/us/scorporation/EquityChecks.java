package undersaw.us.scorporation;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;

import java.util.List;
import undersaw.check.Check;
import undersaw.check.Examination;
import undersaw.money.Money;

/** Checks of loans to shareholders and of Schedule M-2 against the books. */
final class EquityChecks {
    private static final Money LARGE_LOAN = Money.ofDollars(10_000);

    private EquityChecks() {}

    static List<Check> all() {
        return List.of(
                when(
                        "S-0605",
                        QUERY,
                        look -> look.amount("1120-S/L/7/d").compareTo(LARGE_LOAN) > 0
                                && look.amount("1120-S/K/4").isZero(),
                        look -> onLine(
                                "1120-S/L/7/d",
                                "Loans to shareholders of "
                                        + look.amount("1120-S/L/7/d").printed()
                                        + " bear no interest (section 7872).")),
                when(
                        "S-0611",
                        NOTE,
                        look -> !accounts(look)
                                .equals(look.amount("1120-S/L/24/d").plus(look.amount("1120-S/L/25/d"))),
                        look -> onLine(
                                "1120-S/M-2/8/a",
                                "Schedule M-2 ends with " + accounts(look).printed()
                                        + ", retained earnings of the books with "
                                        + look.amount("1120-S/L/24/d")
                                                .plus(look.amount("1120-S/L/25/d"))
                                                .printed()
                                        + "; state the reasons.")));
    }

    private static Money accounts(Examination look) {
        return Money.sum(List.of("a", "b", "c", "d").stream()
                .map(column -> look.amount("1120-S/M-2/8/" + column))
                .toList());
    }
}
