package undersaw.books;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Predicate;
import undersaw.assets.AssetRegister;
import undersaw.calc.Calculation;
import undersaw.check.TieOut;
import undersaw.form.Section;
import undersaw.ledger.Account;
import undersaw.money.Money;

/** The balance sheet held against the register of assets. */
public final class RegisterTies {
    private RegisterTies() {}

    /**
     * One account's cost in the books and in the register, in cents.
     *
     * @param number the account
     * @param name its name; empty where the books do not hold it
     * @param books its adjusted balance
     * @param register the cost of the assets that name it
     */
    public record ByAccount(String number, String name, Money books, Money register) {
        public Money difference() {
            return books.minus(register);
        }
    }

    /** Cost and accumulated depreciation, where the return has a register with assets in it. */
    public static List<TieOut> of(Calculation year) {
        List<TieOut> ties = new ArrayList<>();
        if (year.hasRows(AssetRegister.LIST)) {
            ties.add(new TieOut(
                    "TB-7",
                    "Cost of property on the books",
                    onBooks(year, Section::isProperty),
                    "the asset register",
                    year.amount(AssetRegister.COST),
                    AssetRegister.COST));
            ties.add(new TieOut(
                    "TB-8",
                    "Accumulated depreciation on the books",
                    onBooks(year, Section::isWrittenOff).negated(),
                    "the asset register",
                    year.amount(AssetRegister.ACCUMULATED),
                    AssetRegister.ACCUMULATED));
        }
        return ties;
    }

    /** What accounts of some sections come to at the end of the year, debit positive, in whole dollars. */
    public static Money onBooks(Calculation year, Predicate<Section> section) {
        return Money.sum(year.snapshot().accounts().values().stream()
                        .filter(account -> isIn(year, account, section))
                        .map(year::adjusted)
                        .toList())
                .roundedToDollars();
    }

    private static boolean isIn(Calculation year, Account account, Predicate<Section> section) {
        return year.target(account.number())
                .filter(target -> section.test(target.section()))
                .isPresent();
    }

    /** Every account of property, and every account that an asset names, in the order of their numbers. */
    public static List<ByAccount> byAccount(Calculation year) {
        Map<String, Money> register = new TreeMap<>();
        year.instances(AssetRegister.CLOSING_COST)
                .forEach(row -> register.merge(
                        year.value(AssetRegister.ACCOUNT.in(row))
                                .map(value -> value.value().plain())
                                .orElse(""),
                        year.value(AssetRegister.CLOSING_COST.in(row))
                                .orElseThrow()
                                .amount(),
                        Money::plus));
        year.snapshot().accounts().values().stream()
                .filter(account -> isIn(year, account, Section::isProperty))
                .forEach(account -> register.merge(account.number(), Money.ZERO, Money::plus));
        List<ByAccount> rows = new ArrayList<>();
        register.forEach((number, cost) -> {
            Account account = year.snapshot().accounts().get(number);
            rows.add(new ByAccount(
                    number,
                    account == null ? "" : account.name(),
                    account == null ? Money.ZERO : year.adjusted(account),
                    cost));
        });
        return rows;
    }
}
