package undersaw.us.corporation;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import undersaw.calc.Posting;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.ledger.Account;
import undersaw.line.LineId;
import undersaw.money.Money;

/** Checks of deductions: what is called by no name, what is owed to owners, what a reserve brings. */
final class DeductionChecks {
    private static final Money DOLLAR = Money.ofDollars(1);
    private static final BigDecimal WHOLE = BigDecimal.valueOf(100);
    private static final List<String> PENSION = List.of("pension", "401", "profit", "retirement");
    private static final List<String> NAMELESS = List.of("misc", "other", "sundry", "various");

    /** Treatments of costs before the beginning, with their worksheets. */
    private static final Map<String, String> FIRST_YEAR = Map.of("start-up-195", "W-195", "organizational", "W-248");

    private DeductionChecks() {}

    static List<Check> all() {
        return List.of(
                new Check("C-0206", QUERY, DeductionChecks::officersAboveWhole),
                new Check("C-0217", QUERY, DeductionChecks::largestHasNoName),
                when(
                        "C-0219",
                        QUERY,
                        look -> look.amount("1120/23").isPositive()
                                && pensionOwed(look).isPositive(),
                        look -> onLine(
                                "1120/23",
                                "Pension contributions of " + pensionOwed(look).printed()
                                        + " are owed at year end. Confirm payment by the extended due date.")),
                when(
                        "C-0225",
                        STOP,
                        look -> treated(look, "cost-of-sales-perpetual") && treated(look, "inventory-change"),
                        look -> onLine(
                                "1125-A/2",
                                "Books cannot be perpetual and periodic at once: accounts are treated as cost of sales "
                                        + "and as inventory change. Change one treatment.")),
                when(
                        "C-0227",
                        QUERY,
                        look -> treated(look, "bad-debt-reserve")
                                && look.isTyped("1120/15")
                                && missingChargeOffs(look).abs().compareTo(DOLLAR) > 0,
                        look -> onLine(
                                "1120/15",
                                "Charge-offs typed differ from the expense less the growth of the allowance by "
                                        + missingChargeOffs(look).printed() + ".")),
                new Check("C-0234", QUERY, DeductionChecks::businessWithoutBeginning));
    }

    /** Costs before the beginning wait for the day from which they are written off. */
    private static List<Found> businessWithoutBeginning(Examination look) {
        List<Found> found = new ArrayList<>();
        FIRST_YEAR.forEach((treatment, worksheet) -> {
            Money costs = look.amount("1120/" + worksheet + "/1");
            String begun = "TREAT/" + treatment + "/begun";
            if (costs.isPositive() && !look.has(begun)) {
                found.add(new Found(
                        Place.line(begun),
                        "Costs of " + costs.printed() + " before the beginning wait for the date on which business "
                                + "began; without it only the part deducted at once counts. Type the date.",
                        Answer.TYPE));
            }
        });
        return found;
    }

    private static List<Found> officersAboveWhole(Examination look) {
        List<Found> found = new ArrayList<>();
        BigDecimal common = look.rows("1125-E/1/d").stream()
                .map(row -> new BigDecimal(row.value().plain()))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        if (common.compareTo(WHOLE) > 0) {
            found.add(onLine(
                    "1125-E/1/d",
                    "The officers' shares of common stock come to "
                            + common.stripTrailingZeros().toPlainString() + " percent. Correct them."));
        }
        return found;
    }

    private static List<Found> largestHasNoName(Examination look) {
        List<Found> found = new ArrayList<>();
        Money half = look.amount("1120/26");
        for (Posting posting : look.calculation().postings(LineId.of("1120/26"))) {
            Account account = look.snapshot().accounts().get(posting.account());
            boolean more = posting.amount().plus(posting.amount()).compareTo(half) > 0;
            if (half.isPositive() && account != null && more && AccountWords.begin(account, NAMELESS)) {
                found.add(Found.at(
                        new Place.OnAccount(account.number()),
                        "\"" + account.name() + "\" is " + posting.amount().printed() + " of " + half.printed()
                                + " on line 26. Give the largest deduction a telling name."));
            }
        }
        return found;
    }

    private static boolean treated(Examination look, String treatment) {
        return treatedAccounts(look, treatment)
                .anyMatch(account -> !account.closing().isZero());
    }

    private static Stream<Account> treatedAccounts(Examination look, String treatment) {
        return look.calculation().books().treated(treatment).stream()
                .map(number -> look.snapshot().accounts().get(number));
    }

    /** Credit balances of other current liabilities named after a pension plan. */
    private static Money pensionOwed(Examination look) {
        return Money.sum(look.calculation().postings(LineId.of("1120/L/18/d")).stream()
                .map(Posting::account)
                .distinct()
                .map(look.snapshot().accounts()::get)
                .filter(account ->
                        !account.onIncomeStatement() && account.closing().isNegative())
                .filter(account -> AccountWords.begin(account, PENSION))
                .map(account -> account.closing().negated())
                .toList());
    }

    /** Charge-offs typed, less the expense that the growth of the allowance leaves. */
    private static Money missingChargeOffs(Examination look) {
        Money expense = Money.sum(treatedAccounts(look, "bad-debt-reserve")
                .map(look.calculation()::adjusted)
                .toList());
        Money growth = look.amount("1120/L/2b/c").minus(look.amount("1120/L/2b/a"));
        return look.amount("1120/15").minus(expense.minus(growth).roundedToDollars());
    }
}
