package undersaw.us.passthrough;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.ArrayList;
import java.util.List;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.SameAmount;
import undersaw.money.Money;
import undersaw.us.passthrough.ReturnLines.Held;

/**
 * Checks that Schedules L and M-1 agree, the same for partnerships and S corporations.
 *
 * @param at where the return has them
 */
public record BalanceChecks(ReturnLines at) {
    private static final Money TOLERANCE = Money.ofDollars(5);

    /** The checks, in the order of their numbers. */
    public List<Check> all() {
        return List.of(
                new Check(at.check("0601"), STOP, this::sidesApart),
                when(
                        at.check("0602"),
                        STOP,
                        look -> missesBy(look).abs().compareTo(TOLERANCE) > 0,
                        look -> onLine(
                                at.line(Held.M1_RESULT),
                                "M-1 ends at " + amount(look, Held.M1_RESULT).printed() + "; line "
                                        + at.line(Held.INCOME) + " shows "
                                        + amount(look, Held.INCOME).printed()
                                        + ". An account's treatment or a typed amount explains "
                                        + missesBy(look).printed() + "."
                                        + SameAmount.words(look.calculation(), missesBy(look), account -> ""))),
                new Check(at.check("0604"), QUERY, this::belowNothing),
                when(
                        at.check("0613"),
                        STOP,
                        look -> look.amount(at.line(Held.ASSETS, "d"))
                                        .compareTo(look.law().amount(PassthroughLaw.SCHEDULE_M3))
                                >= 0,
                        look -> onLine(
                                at.line(Held.M1_RESULT),
                                "Schedule M-3 is required at this size. Under 50,000,000 of assets its Part I and M-1 "
                                        + "are enough.")));
    }

    private Money amount(Examination look, Held held) {
        return look.amount(at.line(held));
    }

    private Money missesBy(Examination look) {
        return amount(look, Held.M1_RESULT).minus(amount(look, Held.INCOME));
    }

    private List<Found> sidesApart(Examination look) {
        List<Found> found = new ArrayList<>();
        for (String column : List.of("b", "d")) {
            Money apart =
                    look.amount(at.line(Held.ASSETS, column)).minus(look.amount(at.line(Held.RIGHT_SIDE, column)));
            if (apart.abs().compareTo(TOLERANCE) > 0) {
                found.add(onLine(
                        at.line(Held.RIGHT_SIDE, column),
                        "Schedule L does not balance: " + apart.printed() + "."
                                + SameAmount.words(look.calculation(), apart, account -> "")));
            }
        }
        return found;
    }

    private List<Found> belowNothing(Examination look) {
        return List.of("1", "2a", "3", "4", "5", "6").stream()
                .map(row -> at.form() + "/L/" + row + (row.equals("2a") ? "/c" : "/d"))
                .filter(line -> look.amount(line).isNegative())
                .map(line -> onLine(line, line + " is negative. Move an overdraft to liabilities."))
                .toList();
    }
}
