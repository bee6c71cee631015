package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import undersaw.files.FileFault;
import undersaw.ledger.LedgerTransaction;

/**
 * Reads a client's books from whatever file they come in: CSV in any shape, XLSX, ODS, the standard audit file (SAF-T),
 * audit-data-standard text (AICPA, headings from memory), rows pasted from a spreadsheet.
 *
 * <p>Rows are read one after another, so that memory does not grow with the file, only with its accounts.
 */
public final class BooksReader {
    private static final int LOOKED_AT = 60;

    private BooksReader() {}

    /**
     * A first look at a file.
     *
     * @param plan how it would be read
     * @param rows its first rows
     * @param sheets its sheets; empty where the format has none
     * @param headings its header as one line, by which files of one shape are known again
     * @param fault why it cannot be read at all; empty where it can
     */
    public record Look(
            ColumnPlan plan, List<List<String>> rows, List<String> sheets, String headings, Optional<FileFault> fault) {
        /** What a column can be said to hold, in the order of choice. */
        public List<ColumnKind> choices() {
            return ColumnGuess.choices();
        }
    }

    /** Looks at the first rows of a sheet and guesses its columns. */
    public static Look look(SourceFile file, String sheet) {
        List<List<String>> rows = new ArrayList<>();
        try {
            RowSource source = RowSources.of(file);
            String shown = source.sheets().contains(sheet)
                    ? sheet
                    : source.sheets().stream().findFirst().orElse("");
            source.read(shown, (number, cells) -> {
                // rows that a spreadsheet leaves out keep their numbers
                while (rows.size() < number - 1 && rows.size() < LOOKED_AT) {
                    rows.add(List.of());
                }
                rows.add(cells);
                return rows.size() < LOOKED_AT;
            });
            ColumnPlan plan = new ColumnGuess(shown, rows).plan();
            return new Look(plan, rows, source.sheets(), ColumnGuess.headings(rows, plan.header()), Optional.empty());
        } catch (UnreadableFile unreadable) {
            ColumnPlan none = new ColumnPlan("", 0, List.of(), ColumnPlan.Shape.BALANCES, false, false);
            return new Look(none, rows, List.of(), "", Optional.of(unreadable.fault()));
        }
    }

    /** Reads the whole file by a plan; transactions are handed on one by one and not held. */
    public static StagedBooks read(
            SourceFile file, ColumnPlan plan, BooksContext context, Consumer<LedgerTransaction> transactions) {
        if (!plan.missing().isEmpty() || !plan.doubled().isEmpty()) {
            return StagedBooks.refused(file.name(), FileFault.whole(file.name(), problem(plan)));
        }
        try {
            RowSource source = RowSources.of(file);
            BooksRows rows = new BooksRows(file.name(), plan, context, transactions);
            source.read(plan.sheet(), rows);
            return rows.staged(source.notes());
        } catch (UnreadableFile unreadable) {
            return StagedBooks.refused(file.name(), unreadable.fault());
        }
    }

    /** Reads a file as it is guessed, for where nobody looks on. */
    public static StagedBooks read(SourceFile file, BooksContext context) {
        Look look = look(file, "");
        return look.fault()
                .map(fault -> StagedBooks.refused(file.name(), fault))
                .orElseGet(() -> read(file, look.plan(), context, transaction -> {}));
    }

    private static String problem(ColumnPlan plan) {
        return plan.missing().isEmpty()
                ? "Two columns are said to hold " + String.join(" and ", plan.doubled()) + ". Leave one of them out."
                : "No column is known to hold " + String.join(", or ", plan.missing())
                        + ". Say above the columns which one does.";
    }
}
