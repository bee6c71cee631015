package undersaw.us.passthrough;

import java.util.List;
import java.util.Map;
import undersaw.ledger.Side;
import undersaw.line.LineId;

/**
 * Where accounts of a pass-through return go besides the line that they are mapped to.
 *
 * @param bookIncome net income per books
 * @param retained the row of Schedule L that takes the year's net income, without a column
 * @param inventories the row of inventories, without a column
 * @param nondeductible what is never deducted, for the owners' basis
 * @param depreciation collects depreciation per books
 * @param amortization collects amortization per books
 * @param federalTax collects federal tax per books
 * @param perpetual collects the cost of sales of perpetual books
 * @param exempt lines of Schedule K that are no part of income, by the treatment of what reaches them from anywhere
 * @param also treatments whose accounts reach a second line besides their own
 * @param ofExempt the line that costs of exempt income lower, by treatment
 * @param ofOwners treatments whose accounts belong to an owner, with the lines that they reach there
 * @param ofLines the same for accounts of a line whose treatment says nothing of owners
 */
public record Places(
        LineId bookIncome,
        LineId retained,
        LineId inventories,
        LineId nondeductible,
        LineId depreciation,
        LineId amortization,
        LineId federalTax,
        LineId perpetual,
        Map<String, LineId> exempt,
        Map<String, LineId> also,
        Map<String, LineId> ofExempt,
        Map<String, List<OwnerLine>> ofOwners,
        Map<LineId, List<OwnerLine>> ofLines) {

    /** Which part of a balance an owner's line takes. */
    public enum Taken {
        OPENING,
        CLOSING,
        MOVEMENT
    }

    /**
     * An owner's line that accounts reach.
     *
     * @param line once an owner
     * @param unnamed the line for accounts that name no owner
     * @param taken which part of the balance
     * @param side on which the line counts
     */
    public record OwnerLine(LineId line, LineId unnamed, Taken taken, Side side) {}
}
