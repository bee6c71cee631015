package undersaw.check;

import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
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
        Money dollars = difference.abs().roundedToDollars();
        List<Same> near = near(year, dollars, difference.abs().compareTo(LARGE) < 0 ? Money.ZERO : ROUNDING);
        List<Same> exact = near.stream().filter(same -> same.apart().isZero()).toList();
        String amount = " " + difference.abs().printed();
        if (!exact.isEmpty()) {
            return exact.size() > MOST ? "" : amount + " is " + joined(exact, hint) + ".";
        }
        return near.size() == 1 ? amount + " is, but for rounding, " + joined(near, hint) + "." : "";
    }

    private static String joined(List<Same> found, Function<Account, String> hint) {
        return found.stream().map(same -> same.words(hint)).collect(Collectors.joining(", and "));
    }

    /** The amounts of accounts that lie no further from the dollars than this, the nearest of each account. */
    private static List<Same> near(Calculation year, Money dollars, Money tolerance) {
        return year.snapshot().accounts().values().stream()
                .map(account -> nearest(year, account, dollars))
                .filter(same -> !dollars.isZero() && same.apart().compareTo(tolerance) <= 0)
                .sorted(Comparator.comparing(Same::account, Account.byNumber()))
                .toList();
    }

    private static Same nearest(Calculation year, Account account, Money dollars) {
        Money opening = year.opening(account);
        Money closing = year.adjusted(account);
        Same change = new Same(account, Kind.CHANGE, apart(closing.minus(opening), dollars));
        Same balance = new Same(account, opening.isZero() ? Kind.UNOPENED : Kind.CLOSING, apart(closing, dollars));
        Same start = new Same(account, Kind.OPENING, apart(opening, dollars));
        Same end = opening.isZero() || balance.apart().compareTo(change.apart()) < 0 ? balance : change;
        return start.apart().compareTo(end.apart()) < 0 ? start : end;
    }

    private static Money apart(Money amount, Money dollars) {
        return amount.abs().roundedToDollars().minus(dollars).abs();
    }

    /** Which of an account's amounts. */
    private enum Kind {
        CHANGE,
        CLOSING,
        UNOPENED,
        OPENING
    }

    /** An amount of an account, and how far in dollars it lies from the difference. */
    private record Same(Account account, Kind kind, Money apart) {
        String words(Function<Account, String> hint) {
            String called = account.number() + " " + account.name();
            return switch (kind) {
                case CHANGE -> "what " + called + " changed by" + hint.apply(account);
                case OPENING -> "what " + called + " opened with";
                case CLOSING -> "the balance of " + called;
                case UNOPENED ->
                    "the balance of " + called + (account.onIncomeStatement() ? "" : ", which has no opening balance");
            };
        }
    }
}
