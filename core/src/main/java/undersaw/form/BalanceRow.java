package undersaw.form;

import undersaw.line.LineId;

/**
 * A row of a balance sheet: the same line at the beginning and at the end of the year.
 *
 * @param id the address without a column
 * @param caption the row's caption
 * @param opening the line in the opening column
 * @param closing the line in the closing column
 */
public record BalanceRow(LineId id, String caption, Line opening, Line closing) {
    /** The row's line at one end of the year. */
    public Line at(YearEnd end) {
        return end == YearEnd.OPENING ? opening : closing;
    }

    /** The two ends of a year. */
    public enum YearEnd {
        OPENING,
        CLOSING
    }
}
