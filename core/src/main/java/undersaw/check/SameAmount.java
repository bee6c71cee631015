package undersaw.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import undersaw.calc.Calculation;
import undersaw.ledger.Account;
import undersaw.money.Money;

/**
 * What a difference is the same as: an account's balance, what it opened with, or what it changed by. Said beside a
 * difference, it is usually the cause (common practice, no source).
 */
public final class SameAmount {
    private static final int MOST = 2;

    private SameAmount() {}

    /** A sentence that begins with a blank; empty where nothing is the same, or far too much. */
    public static String words(Calculation year, Money difference) {
        return words(year, difference, account -> "");
    }

    /** The same with what is to be done about an account that moved by the difference. */
    public static String words(Calculation year, Money difference, Function<Account, String> hint) {
        if (difference.isZero()) {
            return "";
        }
        List<String> found = new ArrayList<>();
        year.snapshot().accounts().values().stream()
                .sorted(Account.byNumber())
                .forEach(account -> same(year, account, difference.abs(), hint).ifPresent(found::add));
        return found.isEmpty() || found.size() > MOST
                ? ""
                : " " + difference.abs().printed() + " is " + String.join(", and ", found) + ".";
    }

    private static Optional<String> same(
            Calculation year, Account account, Money amount, Function<Account, String> hint) {
        Money opening = year.opening(account);
        Money closing = year.adjusted(account);
        String called = account.number() + " " + account.name();
        if (isSame(closing.minus(opening), amount) && !opening.isZero()) {
            return Optional.of("what " + called + " changed by" + hint.apply(account));
        }
        if (isSame(closing, amount)) {
            boolean unopened = !account.onIncomeStatement() && opening.isZero();
            return Optional.of("the balance of " + called + (unopened ? ", which has no opening balance" : ""));
        }
        return isSame(opening, amount) ? Optional.of("what " + called + " opened with") : Optional.empty();
    }

    private static boolean isSame(Money one, Money amount) {
        return one.abs().roundedToDollars().equals(amount.roundedToDollars())
                && !amount.roundedToDollars().isZero();
    }
}
