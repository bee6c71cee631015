package undersaw.books;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
    private final Calculation calculation;
    private final Optional<Calculation> lastYear;

    CashFlows(Calculation calculation, Optional<Calculation> lastYear) {
        this.calculation = calculation;
        this.lastYear = lastYear;
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
                "Year ended " + calculation.snapshot().heading().period().end(),
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
                movements
                        .computeIfAbsent(activity, unused -> new TreeMap<>())
                        .merge(caption(year, account, activity), effect, Money::plus);
            }
        }
        return movements;
    }

    private static String caption(Calculation year, Account account, Activity activity) {
        return activity == Activity.NOT_CASH
                ? "Depreciation and amortization"
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
