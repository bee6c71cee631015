package undersaw.us.corporation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import undersaw.check.Examination;
import undersaw.ledger.Account;
import undersaw.ledger.Mapping;
import undersaw.money.Money;

/**
 * What a difference is the same as: an account's balance, what it opened with, or what it changed by. Said beside a
 * difference, it is usually the cause (common practice, no source).
 */
final class SameAmount {
    private static final int MOST = 2;

    private SameAmount() {}

    /** A sentence that begins with a blank; empty where nothing is the same, or far too much. */
    static String words(Examination look, Money difference) {
        if (difference.isZero()) {
            return "";
        }
        List<String> found = new ArrayList<>();
        look.snapshot().accounts().values().stream()
                .sorted(Comparator.comparing(Account::number))
                .forEach(account -> same(look, account, difference.abs()).ifPresent(found::add));
        return found.isEmpty() || found.size() > MOST
                ? ""
                : " " + difference.abs().printed() + " is " + String.join(", and ", found) + ".";
    }

    private static Optional<String> same(Examination look, Account account, Money amount) {
        Money opening = look.calculation().opening(account);
        Money closing = look.calculation().adjusted(account);
        String called = account.number() + " " + account.name();
        if (isSame(closing.minus(opening), amount) && !opening.isZero()) {
            return Optional.of("what " + called + " changed by" + hint(look, account));
        }
        if (isSame(closing, amount)) {
            boolean unopened = !account.onIncomeStatement() && opening.isZero();
            return Optional.of("the balance of " + called + (unopened ? ", which has no opening balance" : ""));
        }
        return isSame(opening, amount) ? Optional.of("what " + called + " opened with") : Optional.empty();
    }

    /** The change of inventory is already in the cost of sales of perpetual books. */
    private static String hint(Examination look, Account account) {
        boolean inventory = look.snapshot()
                .mapping(account.number())
                .map(Mapping::line)
                .filter(line -> line.text().equals("1120/L/3"))
                .isPresent();
        return inventory
                ? ": books that post cost of sales as they sell take the treatment cost-of-sales-perpetual"
                : "";
    }

    private static boolean isSame(Money one, Money amount) {
        return one.abs().roundedToDollars().equals(amount.roundedToDollars())
                && !amount.roundedToDollars().isZero();
    }
}
