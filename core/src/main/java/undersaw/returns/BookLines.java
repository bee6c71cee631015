package undersaw.returns;

import java.util.List;
import org.jspecify.annotations.Nullable;
import undersaw.line.LineId;

/**
 * The lines of a return where the books and the return meet.
 *
 * @param bookIncome net income per books
 * @param taxableIncome what the walk from book income arrives at
 * @param arrivesAt what that is called, inside a sentence
 * @param retainedEarnings where retained earnings are mapped, without a column
 * @param creditedForward overpayment credited to next year; null where the return has none
 * @param steps the lines of the walk between
 */
public record BookLines(
        LineId bookIncome,
        LineId taxableIncome,
        String arrivesAt,
        LineId retainedEarnings,
        @Nullable LineId creditedForward,
        List<Step> steps) {
    /** Keeps its own copy. */
    public BookLines {
        steps = List.copyOf(steps);
    }

    /**
     * A line of the walk from book income to taxable income.
     *
     * @param line the line
     * @param adds whether it adds to book income
     * @param permanent whether what it holds beside accounts never turns round; accounts go by their treatments
     */
    public record Step(LineId line, boolean adds, boolean permanent) {}
}
