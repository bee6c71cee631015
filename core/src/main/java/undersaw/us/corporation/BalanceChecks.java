package undersaw.us.corporation;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import undersaw.calc.LineValue;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.money.Percent;
import undersaw.us.forms.BusinessLaw;

/** Checks of Schedule L and of the way from book income to taxable income. */
final class BalanceChecks {
    private static final int ODD_POINTS = 15;
    private static final Percent LARGE = Percent.of("5");
    private static final Set<String> LISTED =
            Set.of("1120/10", "1120/26", "1120/L/6/d", "1120/L/14/d", "1120/L/18/d", "1120/L/21/d", "1125-A/4");

    private BalanceChecks() {}

    static List<Check> all() {
        return List.of(
                new Check("C-0407", QUERY, BalanceChecks::writtenBelowNothing),
                when(
                        "C-0409",
                        QUERY,
                        look -> look.amount("1120/L/7/d").isPositive()
                                        && look.amount("1120/5").isZero()
                                || look.amount("1120/L/19/d").isPositive()
                                        && look.amount("1120/18").isZero(),
                        look -> onLine(
                                look.amount("1120/L/7/d").isPositive() ? "1120/L/7/d" : "1120/L/19/d",
                                "A loan with a shareholder stands without interest (section 7872). Confirm.")),
                when(
                        "C-0509",
                        QUERY,
                        BalanceChecks::taxLooksOdd,
                        look -> onLine(
                                "1120/M-1/2",
                                "Federal tax on the books is "
                                        + look.amount("1120/M-1/2").printed() + " on income before tax of "
                                        + beforeTax(look).printed() + ". Check the tax provision.")),
                new Check("C-0510", QUERY, BalanceChecks::largeTypedDifference),
                new Check("C-0705", STOP, BalanceChecks::withoutList));
    }

    private static List<Found> writtenBelowNothing(Examination look) {
        List<Found> found = new ArrayList<>();
        for (String row : List.of("10", "11", "13")) {
            Money cost = look.amount("1120/L/" + row + "a/c");
            Money accumulated = look.amount("1120/L/" + row + "b/c");
            if (accumulated.compareTo(cost) > 0) {
                found.add(onLine(
                        "1120/L/" + row + "b/c",
                        "Schedule L line " + row + "b of " + accumulated.printed() + " exceeds the cost of "
                                + cost.printed() + ". Check the accounts."));
            }
        }
        return found;
    }

    private static Money beforeTax(Examination look) {
        return look.amount("1120/M-1/1").plus(look.amount("1120/M-1/2"));
    }

    /** The books' rate is more than fifteen points from the law's. */
    private static boolean taxLooksOdd(Examination look) {
        if (!look.amount("1120/M-1/1").isPositive() || !beforeTax(look).isPositive()) {
            return false;
        }
        Percent rate = Percent.ratio(look.amount("1120/M-1/2"), beforeTax(look));
        Percent law = look.law().percent(BusinessLaw.CORPORATE_RATE);
        return rate.value().subtract(law.value()).abs().intValue() > ODD_POINTS;
    }

    private static List<Found> largeTypedDifference(Examination look) {
        Money limit = look.amount("1120/28").abs().times(LARGE);
        List<Found> found = new ArrayList<>();
        for (String line : List.of("1120/M-1/4", "1120/M-1/5d", "1120/M-1/7b", "1120/M-1/8c")) {
            boolean unexplained = look.calculation()
                    .value(LineId.of(line))
                    .flatMap(LineValue::typedFact)
                    .filter(fact -> fact.reason().isEmpty())
                    .isPresent();
            if (unexplained && look.amount(line).abs().compareTo(limit) > 0) {
                found.add(onLine(
                        line,
                        "A difference of " + look.amount(line).printed()
                                + " is typed, more than a twentieth of line 28. Add a reason."));
            }
        }
        return found;
    }

    /** Lines with a statement that hold a typed amount and nothing to list. */
    private static List<Found> withoutList(Examination look) {
        List<Found> found = new ArrayList<>();
        for (String line : LISTED.stream().sorted().toList()) {
            boolean listed = look.calculation().isFed(LineId.of(line));
            if (look.isTyped(line) && !look.amount(line).isZero() && !listed) {
                found.add(onLine(line, "Line " + line + " needs its list: no account brings it. Map accounts to it."));
            }
        }
        return found;
    }
}
