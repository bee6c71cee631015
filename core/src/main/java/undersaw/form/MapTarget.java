package undersaw.form;

import org.jspecify.annotations.Nullable;
import undersaw.ledger.Side;
import undersaw.ledger.StatementKind;
import undersaw.line.LineId;

/**
 * A place that accounts can be mapped to.
 *
 * @param id the address that a mapping names; on the balance sheet without a column
 * @param caption the line's caption
 * @param statement the kind of account that belongs here
 * @param side the side on which its accounts normally stand
 * @param opening the line that opening balances reach; null where there is none
 * @param closing the line that closing balances reach
 * @param section the group of the financial statements that its accounts belong to
 */
public record MapTarget(
        LineId id,
        String caption,
        StatementKind statement,
        Side side,
        @Nullable LineId opening,
        LineId closing,
        Section section) {}
