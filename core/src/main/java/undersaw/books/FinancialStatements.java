package undersaw.books;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import undersaw.books.StatementRow.Kind;
import undersaw.calc.Calculation;
import undersaw.form.MapTarget;
import undersaw.form.Section;
import undersaw.ledger.Account;
import undersaw.money.Money;

/**
 * Income statement, balance sheet and cash flows from the adjusted balances, with last year beside them (ASC 205, 210,
 * 230; from memory).
 *
 * <p>An account stands in the group of the line it is mapped to; one without a line stands under expenses, other assets
 * or other liabilities, so that the statements always hold every account.
 */
public final class FinancialStatements {
    private final Calculation calculation;
    private final Optional<Calculation> lastYear;

    public FinancialStatements(Calculation calculation, Optional<Calculation> lastYear) {
        this.calculation = calculation;
        this.lastYear = lastYear;
    }

    /** All three in the usual order. */
    public List<FinancialStatement> all() {
        return List.of(income(), balance(), new CashFlows(calculation, lastYear).statement());
    }

    /** An amount of this year with last year's. */
    record Pair(Money amount, Optional<Money> last) {
        static Pair nothing(boolean compared) {
            return new Pair(Money.ZERO, compared ? Optional.of(Money.ZERO) : Optional.empty());
        }

        Pair plus(Pair other) {
            return new Pair(amount.plus(other.amount), last.map(each -> each.plus(other.last.orElse(Money.ZERO))));
        }

        Pair minus(Pair other) {
            return plus(new Pair(other.amount.negated(), other.last.map(Money::negated)));
        }

        StatementRow row(String caption, Kind kind) {
            return new StatementRow(caption, kind, Optional.of(amount), last);
        }
    }

    public FinancialStatement income() {
        List<StatementRow> rows = new ArrayList<>();
        Map<Section, Pair> totals = new EnumMap<>(Section.class);
        for (Section section : List.of(
                Section.REVENUE, Section.COST_OF_SALES, Section.EXPENSES, Section.OTHER_INCOME, Section.INCOME_TAXES)) {
            totals.put(section, group(section.caption(), rows));
            if (section == Section.COST_OF_SALES && !rows.isEmpty()) {
                rows.add(totals.get(Section.REVENUE)
                        .minus(totals.get(Section.COST_OF_SALES))
                        .row("Gross profit", Kind.TOTAL));
            }
        }
        Pair net = totals.get(Section.REVENUE)
                .minus(totals.get(Section.COST_OF_SALES))
                .minus(totals.get(Section.EXPENSES))
                .plus(totals.get(Section.OTHER_INCOME))
                .minus(totals.get(Section.INCOME_TAXES));
        rows.add(net.row("Net income", Kind.TOTAL));
        return new FinancialStatement(
                "Income statement",
                "Year ended " + calculation.snapshot().heading().period().end(),
                rows);
    }

    public FinancialStatement balance() {
        List<StatementRow> rows = new ArrayList<>();
        Pair assets = side(true, rows);
        rows.add(assets.row("Total assets", Kind.TOTAL));
        rows.add(side(false, rows).row("Total liabilities and equity", Kind.TOTAL));
        return new FinancialStatement(
                "Balance sheet",
                "As of " + calculation.snapshot().heading().period().end(),
                rows);
    }

    private Pair side(boolean assets, List<StatementRow> rows) {
        Pair total = Pair.nothing(lastYear.isPresent());
        Set<String> captions = new LinkedHashSet<>();
        for (Section section : Section.values()) {
            if (section.activity() != Section.Activity.INCOME && section.isAsset() == assets) {
                captions.add(section.caption());
            }
        }
        for (String caption : captions) {
            total = total.plus(group(caption, rows));
        }
        return total;
    }

    /** The accounts of every section of that caption between a heading and their sum; equity with the year's income. */
    private Pair group(String caption, List<StatementRow> rows) {
        List<StatementRow> items = new ArrayList<>();
        Pair sum = Pair.nothing(lastYear.isPresent());
        for (Section section : Section.values()) {
            if (section.caption().equals(caption)) {
                sum = sum.plus(items(section, items));
            }
        }
        if (caption.equals(Section.EQUITY.caption())) {
            Pair income = new Pair(WorkingBalance.netIncome(calculation), lastYear.map(WorkingBalance::netIncome));
            items.add(income.row("Net income of the year", Kind.ITEM));
            sum = sum.plus(income);
        }
        if (!items.isEmpty()) {
            rows.add(StatementRow.heading(caption));
            rows.addAll(items);
            rows.add(sum.row("Total " + caption.toLowerCase(Locale.ROOT), Kind.SUBTOTAL));
        }
        return sum;
    }

    /** The section's accounts, of either year, in its natural sign. */
    private Pair items(Section section, List<StatementRow> rows) {
        Map<String, Account> accounts = new TreeMap<>();
        lastYear.ifPresent(year -> year.snapshot().accounts().values().stream()
                .filter(each -> sectionOf(year, each) == section)
                .forEach(each -> accounts.put(each.number(), each)));
        calculation.snapshot().accounts().values().forEach(each -> {
            accounts.remove(each.number());
            if (sectionOf(calculation, each) == section) {
                accounts.put(each.number(), each);
            }
        });
        Pair total = Pair.nothing(lastYear.isPresent());
        for (Account account :
                accounts.values().stream().sorted(Account.byNumber()).toList()) {
            Pair pair = new Pair(
                    natural(section, WorkingBalance.closing(calculation, account.number())),
                    lastYear.map(year -> natural(section, WorkingBalance.closing(year, account.number()))));
            if (!pair.amount().isZero()
                    || pair.last().filter(each -> !each.isZero()).isPresent()) {
                rows.add(pair.row(account.name(), Kind.ITEM));
                total = total.plus(pair);
            }
        }
        return total;
    }

    private static Money natural(Section section, Money balance) {
        boolean debit = section.isAsset()
                || section == Section.COST_OF_SALES
                || section == Section.EXPENSES
                || section == Section.INCOME_TAXES;
        return debit ? balance : balance.negated();
    }

    /** The group that an account belongs to. */
    static Section sectionOf(Calculation year, Account account) {
        return year.target(account.number())
                .filter(target -> target.statement() == account.statement())
                .map(MapTarget::section)
                .orElse(
                        account.onIncomeStatement()
                                ? Section.EXPENSES
                                : account.closing().isNegative() ? Section.OTHER_LIABILITIES : Section.OTHER_ASSETS);
    }
}
