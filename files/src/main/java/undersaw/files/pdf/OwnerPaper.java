package undersaw.files.pdf;

import java.util.List;
import undersaw.files.pdf.PrintedPart.PrintedRow;
import undersaw.filing.FiledOwner;

/**
 * One owner's statement as it is printed.
 *
 * @param owner whom it is for
 * @param rows what the owner takes up
 */
public record OwnerPaper(FiledOwner owner, List<PrintedRow> rows) {
    /** Keeps its own copy. */
    public OwnerPaper {
        rows = List.copyOf(rows);
    }
}
