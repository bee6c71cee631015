package undersaw.us.scorporation;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.ArrayList;
import java.util.List;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.SameAmount;
import undersaw.money.Money;
import undersaw.us.passthrough.PassthroughLaw;

/** Checks that Schedules L, M-1 and M-2 agree. */
final class BalanceChecks {
    private static final Money TOLERANCE = Money.ofDollars(5);
    private static final Money LARGE_LOAN = Money.ofDollars(10_000);

    private BalanceChecks() {}

    static List<Check> all() {
        return List.of(
                new Check("S-0601", STOP, BalanceChecks::sidesApart),
                when(
                        "S-0602",
                        STOP,
                        look -> missesBy(look).abs().compareTo(TOLERANCE) > 0,
                        look -> onLine(
                                "1120-S/M-1/8",
                                "M-1 ends at " + look.amount("1120-S/M-1/8").printed() + "; Schedule K shows "
                                        + look.amount("1120-S/K/18").printed()
                                        + ". An account's treatment or a typed amount explains "
                                        + missesBy(look).printed() + "."
                                        + SameAmount.words(look.calculation(), missesBy(look), account -> ""))),
                new Check("S-0604", QUERY, BalanceChecks::belowNothing),
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
                                        + "; state the reasons.")),
                when(
                        "S-0613",
                        STOP,
                        look -> look.amount("1120-S/L/15/d")
                                        .compareTo(look.law().amount(PassthroughLaw.SCHEDULE_M3))
                                >= 0,
                        look -> onLine(
                                "1120-S/M-1/8",
                                "Schedule M-3 is required at this size. Under 50,000,000 of assets its Part I and M-1 "
                                        + "are enough.")));
    }

    private static Money missesBy(Examination look) {
        return look.amount("1120-S/M-1/8").minus(look.amount("1120-S/K/18"));
    }

    private static Money accounts(Examination look) {
        return Money.sum(List.of("a", "b", "c", "d").stream()
                .map(column -> look.amount("1120-S/M-2/8/" + column))
                .toList());
    }

    private static List<Found> sidesApart(Examination look) {
        List<Found> found = new ArrayList<>();
        for (String column : List.of("b", "d")) {
            Money apart = look.amount("1120-S/L/15/" + column).minus(look.amount("1120-S/L/27/" + column));
            if (apart.abs().compareTo(TOLERANCE) > 0) {
                found.add(onLine(
                        "1120-S/L/27/" + column,
                        "Schedule L does not balance: " + apart.printed() + "."
                                + SameAmount.words(look.calculation(), apart, account -> "")));
            }
        }
        return found;
    }

    private static List<Found> belowNothing(Examination look) {
        return List.of("1", "2a", "3", "4", "5", "6").stream()
                .map(row -> "1120-S/L/" + row + (row.equals("2a") ? "/c" : "/d"))
                .filter(line -> look.amount(line).isNegative())
                .map(line -> onLine(line, line + " is negative. Move an overdraft to liabilities."))
                .toList();
    }
}
