package undersaw.form;

import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import undersaw.ledger.Side;
import undersaw.ledger.StatementKind;
import undersaw.ledger.Treatment;
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
 * @param members whether the line repeats, so that accounts reach the member that they name
 * @param section the group of the financial statements that its accounts belong to
 */
public record MapTarget(
        LineId id,
        String caption,
        StatementKind statement,
        Side side,
        @Nullable LineId opening,
        LineId closing,
        boolean members,
        Section section) {
    /** Why accounts of a treatment cannot feed this line; absent where they can. */
    public Optional<String> refusal(Treatment treatment) {
        Treatment.Serves serves = treatment.serves();
        if (statement == StatementKind.BALANCE_SHEET && serves.equals(Treatment.Serves.ANY)) {
            return Optional.empty();
        }
        if (!serves.lines().isEmpty()) {
            return takes(treatment)
                    ? Optional.empty()
                    : Optional.of(said(treatment) + " goes with "
                            + serves.lines().stream().map(LineId::text).sorted().collect(Collectors.joining(" or "))
                            + ", and not with " + id + ".");
        }
        if (statement == StatementKind.BALANCE_SHEET) {
            return Optional.of(said(treatment) + " is for accounts of income and expense, and " + id + ", " + caption
                    + ", is on the balance sheet.");
        }
        boolean income = section == Section.REVENUE || section == Section.OTHER_INCOME;
        if (income ? serves.income() : serves.expense()) {
            return Optional.empty();
        }
        return Optional.of(said(treatment) + " is for accounts of " + (income ? "expense" : "income") + ", and " + id
                + ", " + caption + ", holds " + (income ? "income" : "expenses") + ".");
    }

    /** Whether the treatment is one for just this line, as some are on the balance sheet. */
    public boolean takes(Treatment treatment) {
        return treatment.serves().lines().contains(id);
    }

    private static String said(Treatment treatment) {
        return "\"" + treatment.id() + "\" (" + treatment.caption() + ")";
    }
}
