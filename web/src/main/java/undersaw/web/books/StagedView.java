package undersaw.web.books;

import java.util.ArrayList;
import java.util.List;
import undersaw.files.FileFault;
import undersaw.files.sheet.BooksReader.Look;
import undersaw.files.sheet.ColumnKind;
import undersaw.files.sheet.ColumnPlan;
import undersaw.files.sheet.StagedBooks;
import undersaw.store.StagedFiles.Staged;
import undersaw.web.frame.Figure;

/**
 * A client's file as it would be read.
 *
 * @param file its name
 * @param stagedBy who brought it
 * @param plan how it is read
 * @param sheets the sheets there are
 * @param choices what a column can hold
 * @param rows the first rows as they stand in the file
 * @param books what they come to
 */
public record StagedView(
        String file,
        String stagedBy,
        ColumnPlan plan,
        List<String> sheets,
        List<ColumnKind> choices,
        List<Row> rows,
        StagedBooks books) {
    private static final int SHOWN = 14;

    /**
     * A row of the file.
     *
     * @param number its number
     * @param header whether it is the header
     * @param cells its cells, as many as there are columns
     */
    public record Row(int number, boolean header, List<String> cells) {}

    static StagedView of(Staged waiting, Look look, ColumnPlan plan, StagedBooks books) {
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < Math.min(SHOWN, look.rows().size()); i++) {
            List<String> cells = new ArrayList<>(look.rows().get(i));
            while (cells.size() < plan.columns().size()) {
                cells.add("");
            }
            rows.add(new Row(
                    i + 1,
                    i + 1 == plan.header(),
                    cells.subList(0, plan.columns().size())));
        }
        return new StagedView(waiting.file(), waiting.stagedBy(), plan, look.sheets(), look.choices(), rows, books);
    }

    public String debits() {
        return Figure.balance(books.debits());
    }

    public String netIncome() {
        return Figure.balance(books.netIncome());
    }

    public List<FileFault> faults() {
        return books.faults();
    }
}
