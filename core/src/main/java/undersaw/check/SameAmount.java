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
    private static final Money LARGE = Money.ofDollars(1000);
    private static final Money ROUNDING = Money.ofDollars(5);

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
        Money amount = difference.abs();
        List<String> found = all(year, amount, Money.ZERO, hint);
        if (!found.isEmpty() || amount.compareTo(LARGE) < 0) {
            return found.isEmpty() || found.size() > MOST
                    ? ""
                    : " " + amount.printed() + " is " + String.join(", and ", found) + ".";
        }
        List<String> near = all(year, amount, ROUNDING, hint);
        return near.size() == 1 ? " " + amount.printed() + " is, but for rounding, " + near.get(0) + "." : "";
    }

    private static List<String> all(Calculation year, Money amount, Money tolerance, Function<Account, String> hint) {
        List<String> found = new ArrayList<>();
        Sought sought = new Sought(amount, tolerance);
        year.snapshot().accounts().values().stream()
                .sorted(Account.byNumber())
                .forEach(account -> same(year, account, sought, hint).ifPresent(found::add));
        return found;
    }

    private static Optional<String> same(
            Calculation year, Account account, Sought sought, Function<Account, String> hint) {
        Money opening = year.opening(account);
        Money closing = year.adjusted(account);
        String called = account.number() + " " + account.name();
        if (sought.is(closing.minus(opening)) && !opening.isZero()) {
            return Optional.of("what " + called + " changed by" + hint.apply(account));
        }
        if (sought.is(closing)) {
            boolean unopened = !account.onIncomeStatement() && opening.isZero();
            return Optional.of("the balance of " + called + (unopened ? ", which has no opening balance" : ""));
        }
        return sought.is(opening) ? Optional.of("what " + called + " opened with") : Optional.empty();
    }

    /** An amount in whole dollars, and how far from it another may lie to be called the same. */
    private record Sought(Money amount, Money tolerance) {
        boolean is(Money other) {
            Money dollars = amount.roundedToDollars();
            Money apart = other.abs().roundedToDollars().minus(dollars).abs();
            return !dollars.isZero() && apart.compareTo(tolerance) <= 0;
        }
    }
}
