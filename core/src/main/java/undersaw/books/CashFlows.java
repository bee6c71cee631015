package undersaw.books;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import undersaw.books.FinancialStatements.Pair;
import undersaw.books.StatementRow.Kind;
import undersaw.calc.Calculation;
import undersaw.form.MapTarget;
import undersaw.form.Section.Activity;
import undersaw.ledger.Account;
import undersaw.money.Money;

/** The statement of cash flows by the indirect method (ASC 230; from memory), line by line of the return. */
final class CashFlows {
    private static final String WRITTEN_OFF = "Depreciation and amortization";
    private static final Set<String> CHARGES =
            Set.of("depreciation-books", "amortization-books", "goodwill-impairment");
    private static final Set<String> GAINS = Set.of("disposal-books", "capital-books");

    private final Calculation calculation;
    private final Optional<Calculation> lastYear;
    private final boolean unopened;

    CashFlows(Calculation calculation, Optional<Calculation> lastYear) {
        this.calculation = calculation;
        this.lastYear = lastYear.filter(CashFlows::isOpened);
        unopened = lastYear.isPresent() && this.lastYear.isEmpty();
    }

    /** Without opening balances nothing is known of what moved: all of last year's column would be its balances. */
    private static boolean isOpened(Calculation year) {
        boolean opens = year.snapshot().accounts().values().stream()
                .anyMatch(account -> !year.opening(account).isZero());
        LocalDate formed = year.snapshot().heading().client().formed();
        boolean began = formed != null
                && !formed.isBefore(year.snapshot().heading().period().start());
        return opens || began;
    }

    FinancialStatement statement() {
        List<StatementRow> rows = new ArrayList<>();
        Map<Activity, Map<String, Money>> now = movements(calculation);
        Optional<Map<Activity, Map<String, Money>>> before = lastYear.map(CashFlows::movements);
        rows.add(StatementRow.heading("Operating activities"));
        Pair income = new Pair(WorkingBalance.netIncome(calculation), lastYear.map(WorkingBalance::netIncome));
        rows.add(income.row("Net income", Kind.ITEM));
        Pair operating = income.plus(items(Activity.NOT_CASH, now, before, rows))
                .plus(items(Activity.OPERATING, now, before, rows));
        rows.add(operating.row("Cash from operating activities", Kind.SUBTOTAL));
        rows.add(StatementRow.heading("Investing activities"));
        Pair investing = items(Activity.INVESTING, now, before, rows);
        rows.add(investing.row("Cash from investing activities", Kind.SUBTOTAL));
        rows.add(StatementRow.heading("Financing activities"));
        Pair financing = items(Activity.FINANCING, now, before, rows);
        rows.add(financing.row("Cash from financing activities", Kind.SUBTOTAL));
        Pair change = operating.plus(investing).plus(financing);
        Pair opening = new Pair(cash(calculation, true), lastYear.map(year -> cash(year, true)));
        rows.add(change.row("Change in cash", Kind.TOTAL));
        rows.add(opening.row("Cash at the beginning of the year", Kind.ITEM));
        rows.add(opening.plus(change).row("Cash at the end of the year", Kind.TOTAL));
        return new FinancialStatement(
                "Statement of cash flows",
                "Year ended " + calculation.snapshot().heading().period().end()
                        + (unopened ? "; last year has no opening balances, so its cash flows are not known" : ""),
                rows);
    }

    private static Pair items(
            Activity activity,
            Map<Activity, Map<String, Money>> now,
            Optional<Map<Activity, Map<String, Money>>> before,
            List<StatementRow> rows) {
        Map<String, Money> these = now.getOrDefault(activity, Map.of());
        Optional<Map<String, Money>> those = before.map(each -> each.getOrDefault(activity, Map.of()));
        Map<String, Money> captions = new TreeMap<>(these);
        those.ifPresent(captions::putAll);
        Pair total = Pair.nothing(before.isPresent());
        for (String caption : captions.keySet()) {
            Pair pair = new Pair(
                    these.getOrDefault(caption, Money.ZERO), those.map(each -> each.getOrDefault(caption, Money.ZERO)));
            rows.add(pair.row(caption, Kind.ITEM));
            total = total.plus(pair);
        }
        return total;
    }

    /** What each line's accounts did to cash. */
    private static Map<Activity, Map<String, Money>> movements(Calculation year) {
        Map<Activity, Map<String, Money>> movements = new EnumMap<>(Activity.class);
        for (Account account : year.snapshot().accounts().values()) {
            Money effect = year.opening(account).minus(year.adjusted(account));
            if (!account.onIncomeStatement() && !effect.isZero()) {
                Activity activity = FinancialStatements.sectionOf(year, account).activity();
                add(movements, activity, caption(year, account, activity), effect);
            }
        }
        property(year, movements);
        return movements;
    }

    private static void add(
            Map<Activity, Map<String, Money>> movements, Activity activity, String caption, Money effect) {
        movements.computeIfAbsent(activity, unused -> new TreeMap<>()).merge(caption, effect, Money::plus);
    }

    /**
     * What was written off is the year's charge; what left the accumulated accounts besides, and the gain, belong to
     * what was sold, and its price to investing (ASC 230-10-45-28, from memory).
     */
    private static void property(Calculation year, Map<Activity, Map<String, Money>> movements) {
        Money charged = onIncomeStatement(year, CHARGES);
        Money gain = onIncomeStatement(year, GAINS).negated();
        Money moved = movements.getOrDefault(Activity.NOT_CASH, Map.of()).getOrDefault(WRITTEN_OFF, Money.ZERO);
        Money left = charged.isZero() ? Money.ZERO : moved.minus(charged);
        if (!left.isZero()) {
            add(movements, Activity.NOT_CASH, WRITTEN_OFF, left.negated());
        }
        if (!gain.isZero()) {
            add(
                    movements,
                    Activity.NOT_CASH,
                    gain.isPositive() ? "Gain on property sold" : "Loss on property sold",
                    gain.negated());
        }
        if (!left.plus(gain).isZero()) {
            add(movements, Activity.INVESTING, "Gain and write-offs of property sold", left.plus(gain));
        }
    }

    private static Money onIncomeStatement(Calculation year, Set<String> treatments) {
        return Money.sum(year.snapshot().accounts().values().stream()
                .filter(Account::onIncomeStatement)
                .filter(account -> year.snapshot()
                        .mapping(account.number())
                        .filter(mapping -> treatments.contains(mapping.treatment()))
                        .isPresent())
                .map(year::adjusted)
                .toList());
    }

    private static String caption(Calculation year, Account account, Activity activity) {
        return activity == Activity.NOT_CASH
                ? WRITTEN_OFF
                : year.target(account.number()).map(MapTarget::caption).orElse(account.name());
    }

    private static Money cash(Calculation year, boolean opening) {
        return Money.sum(year.snapshot().accounts().values().stream()
                .filter(account -> !account.onIncomeStatement()
                        && FinancialStatements.sectionOf(year, account).activity() == Activity.CASH)
                .map(account -> opening ? year.opening(account) : year.adjusted(account))
                .toList());
    }
}
