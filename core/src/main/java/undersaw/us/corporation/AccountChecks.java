package undersaw.us.corporation;

import static undersaw.check.Severity.QUERY;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.engagement.PriorYear;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.money.Percent;

/** Checks of the trial balance, the mapping, and this year against last. */
final class AccountChecks {
    private static final Money WORTH_ASKING = Money.ofDollars(10_000);
    private static final int MARGIN_POINTS = 10;
    private static final List<String> LIABILITIES_AND_EQUITY = List.of("16", "17", "18", "19", "20", "21");
    private static final List<String> ASSETS = List.of("1", "3", "4", "5", "6", "7", "8", "9", "12", "14");

    private AccountChecks() {}

    static List<Check> all() {
        return List.of(
                new Check("C-0408", QUERY, AccountChecks::wrongSigns),
                new Check("C-0411", QUERY, AccountChecks::marginMoved));
    }

    private static List<Found> wrongSigns(Examination look) {
        List<Found> found = new ArrayList<>();
        ASSETS.forEach(line -> wrongSign(look, line, "An asset stands on the credit side", found));
        LIABILITIES_AND_EQUITY.forEach(line -> wrongSign(look, line, "A liability stands on the debit side", found));
        return found;
    }

    private static void wrongSign(Examination look, String line, String words, List<Found> found) {
        LineId closing = LineId.of("1120/L/" + line + "/d");
        Money amount = look.calculation().amount(closing);
        if (amount.isNegative()) {
            found.add(Found.at(
                    Place.line(closing),
                    words + ": Schedule L line " + line + " is " + amount.printed()
                            + ". Reclassify it (an overdraft belongs to liabilities)."));
        }
    }

    private static List<Found> marginMoved(Examination look) {
        PriorYear prior = look.snapshot().prior();
        Optional<Money> sales = prior.amount(LineId.of("1120/1c"));
        Optional<Money> profit = prior.amount(LineId.of("1120/3"));
        if (sales.isEmpty() || profit.isEmpty() || look.amount("1120/1c").isZero()) {
            return List.of();
        }
        Percent before = Percent.ratio(profit.get(), sales.get());
        Percent now = Percent.ratio(look.amount("1120/3"), look.amount("1120/1c"));
        boolean far = before.value().subtract(now.value()).abs().intValue() >= MARGIN_POINTS;
        return far
                ? List.of(Found.at(
                        Place.line("1120/3"),
                        "Gross margin moved from " + before + " to " + now + ". Check inventory and purchases."))
                : List.of();
    }
}
