package undersaw.web.books;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import undersaw.files.FileFault;
import undersaw.files.sheet.BooksReader.Look;
import undersaw.files.sheet.ColumnKind;
import undersaw.files.sheet.ColumnPlan;
import undersaw.files.sheet.Notation.Signs;
import undersaw.files.sheet.StagedBooks;
import undersaw.files.sheet.StagedRow;
import undersaw.store.StagedFiles.Staged;
import undersaw.web.frame.Figure;

/**
 * A client's file as it would be read.
 *
 * @param file its name
 * @param stagedBy who brought it
 * @param plan how it is read
 * @param look what was seen of it
 * @param rows the first rows as they stand in the file
 * @param books what they come to
 */
public record StagedView(String file, String stagedBy, ColumnPlan plan, Look look, List<Row> rows, StagedBooks books) {
    private static final int SHOWN = 200;

    /**
     * A row of the file.
     *
     * @param number its number
     * @param header whether it is the header
     * @param out why it is left out; empty where it is taken
     * @param asks whether a person may say otherwise
     * @param cells its cells, as many as there are columns
     */
    public record Row(long number, boolean header, String out, boolean asks, List<String> cells) {}

    static StagedView of(Staged waiting, Look look, ColumnPlan plan, StagedBooks books) {
        Map<Long, StagedRow> out = new HashMap<>();
        books.rows().forEach(row -> out.put(row.at(), row));
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < Math.min(SHOWN, look.rows().size()); i++) {
            List<String> cells = new ArrayList<>(look.rows().get(i));
            boolean blank = cells.stream().allMatch(String::isBlank);
            while (cells.size() < plan.columns().size()) {
                cells.add("");
            }
            long number = i + 1L;
            StagedRow left = out.get(number);
            boolean body = number > plan.header();
            rows.add(new Row(
                    number,
                    number == plan.header(),
                    left == null ? "" : left.why(),
                    body && !blank && plan.shape() == ColumnPlan.Shape.BALANCES && books.transactions() == 0,
                    cells.subList(0, plan.columns().size())));
        }
        return new StagedView(waiting.file(), waiting.stagedBy(), plan, look, rows, books);
    }

    public List<String> sheets() {
        return look.sheets();
    }

    public List<ColumnKind> choices() {
        return look.choices();
    }

    /** What must be answered before anything else; empty where nothing is in doubt. */
    public List<String> readings() {
        return plan.question().isEmpty()
                ? List.of()
                : List.copyOf(look.readings().keySet());
    }

    /** What was taken for granted, and what looks odd. */
    public List<String> notes() {
        List<String> notes = new ArrayList<>(look.assumptions());
        notes.addAll(books.notes());
        return notes;
    }

    /** Which way one column can be signed. */
    public List<Signs> signs() {
        return Arrays.asList(Signs.values());
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
