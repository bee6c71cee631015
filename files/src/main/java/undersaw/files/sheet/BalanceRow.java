package undersaw.files.sheet;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import undersaw.money.Money;

/**
 * A row of balances as it stands in the file, its amounts with debits positive unless signs are still to be told.
 *
 * @param at its row number
 * @param cells its cells
 * @param number the account's number; empty where the row has none
 * @param name the account's name; may be empty
 * @param opening the balance at the beginning; absent where the row leaves it blank
 * @param closing the balance at the end; absent where all its amounts are blank
 * @param type what the type column says
 * @param period the period, where rows are of several
 * @param depth how far the name is set in
 * @param section the part of a statement under whose heading it stands
 */
record BalanceRow(
        long at,
        List<String> cells,
        String number,
        String name,
        Optional<Money> opening,
        Optional<Money> closing,
        String type,
        String period,
        int depth,
        Optional<AccountNature> section) {
    /** The same with its amounts; null where it has none. */
    BalanceRow with(@Nullable Money closes, @Nullable Money opens) {
        return new BalanceRow(
                at,
                cells,
                number,
                name,
                Optional.ofNullable(opens),
                Optional.ofNullable(closes),
                type,
                period,
                depth,
                section);
    }

    /** What it is called in messages. */
    String called() {
        return (number + " " + name).strip();
    }

    /** What the account goes by. */
    String key() {
        return number.isEmpty() ? name : number;
    }

    Money closes() {
        return closing.orElse(Money.ZERO);
    }

    Money opens() {
        return opening.orElse(Money.ZERO);
    }

    /** Whether any cell holds an amount. */
    boolean hasAmount() {
        return closing.isPresent() || opening.isPresent();
    }

    boolean isZero() {
        return closes().isZero() && opens().isZero();
    }
}
