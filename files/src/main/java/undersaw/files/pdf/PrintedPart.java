package undersaw.files.pdf;

import java.util.List;

/**
 * One part of the return as it is printed.
 *
 * @param title the part's heading
 * @param rows its lines, or a statement's rows
 */
public record PrintedPart(String title, List<PrintedRow> rows) {
    /**
     * One printed row.
     *
     * @param number the line's number; empty on statements
     * @param caption the line's caption
     * @param text amount or answer
     * @param amount whether it is an amount, set to the right
     */
    public record PrintedRow(String number, String caption, String text, boolean amount) {}
}
