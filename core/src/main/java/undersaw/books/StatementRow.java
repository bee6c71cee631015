package undersaw.books;

import java.util.Optional;
import undersaw.money.Money;

/**
 * One row of a financial statement.
 *
 * @param caption an account's name, a group's or a total's
 * @param kind what the row is
 * @param amount this year's cents in the natural sign of its group; nothing for a heading
 * @param lastYear last year's; nothing where it is not known, and for a heading
 */
public record StatementRow(String caption, Kind kind, Optional<Money> amount, Optional<Money> lastYear) {
    /** What a row is. */
    public enum Kind {
        HEADING,
        ITEM,
        SUBTOTAL,
        TOTAL
    }

    static StatementRow heading(String caption) {
        return new StatementRow(caption, Kind.HEADING, Optional.empty(), Optional.empty());
    }
}
