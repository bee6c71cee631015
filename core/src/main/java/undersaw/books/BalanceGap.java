package undersaw.books;

import java.util.ArrayList;
import java.util.List;
import undersaw.calc.Calculation;
import undersaw.ledger.Account;
import undersaw.ledger.Entry;
import undersaw.ledger.EntryKind;
import undersaw.money.Money;

/**
 * Why the books are out at one end of the year.
 *
 * @param opening whether it is the opening balance sheet
 * @param difference debits less credits of every account; nothing where they agree
 * @param causes what probably lies behind it, in words (common practice, no source)
 */
public record BalanceGap(boolean opening, Money difference, List<String> causes) {
    /** Keeps its own copy. */
    public BalanceGap {
        causes = List.copyOf(causes);
    }

    /** The gap at one end of the year. */
    public static BalanceGap of(Calculation year, boolean opening) {
        Money difference = Money.sum(year.snapshot().accounts().values().stream()
                .map(account -> balance(year, account, opening))
                .toList());
        return new BalanceGap(opening, difference, difference.isZero() ? List.of() : causes(year, difference, opening));
    }

    public boolean isOpen() {
        return !difference.isZero();
    }

    private static Money balance(Calculation year, Account account, boolean opening) {
        return opening ? year.opening(account) : year.adjusted(account);
    }

    private static List<String> causes(Calculation year, Money difference, boolean opening) {
        List<String> causes = new ArrayList<>();
        for (Account account : year.snapshot().accounts().values()) {
            Money balance = balance(year, account, opening).abs();
            if (!balance.isZero() && balance.equals(difference.abs())) {
                causes.add(account.number() + " " + account.name() + " is the difference itself.");
            } else if (!balance.isZero() && balance.plus(balance).equals(difference.abs())) {
                causes.add(account.number() + " " + account.name() + " is half of it: is it on the wrong side?");
            }
        }
        for (Entry entry : year.snapshot().lists().entries()) {
            if (!opening
                    && entry.kind() != EntryKind.BALANCING
                    && !entry.outBy().isZero()) {
                causes.add("Entry " + entry.number() + " is out by "
                        + entry.outBy().abs().printed() + ".");
            }
        }
        if (causes.isEmpty()) {
            causes.add(
                    opening
                            ? "Last year's net income may not have been closed to retained earnings, "
                                    + "or an account is missing from the opening balances."
                            : "A balance was typed over after the import, or an account is missing.");
        }
        return causes;
    }
}
