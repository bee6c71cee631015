package undersaw.web.lists;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import undersaw.files.sheet.ListPlan;
import undersaw.files.sheet.ListReader;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.money.Money;
import undersaw.store.StagedFiles.Staged;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.frame.Figure;

/**
 * Rows of a file as they would come into a list.
 *
 * @param name the list's name
 * @param title its title
 * @param home the page that shows it
 * @param file the file's name
 * @param plan how it is read
 * @param choices what a column can hold, with captions
 * @param raw the first rows as they stand in the file
 * @param read what they come to
 * @param problems what keeps them from being kept
 * @param there how many rows the list has already
 * @param columns the columns that are filled
 * @param rows the first rows as they would be kept
 * @param totals each column's total
 * @param pasted the rows as they were pasted, to be corrected; empty for a file
 */
public record StagedList(
        String name,
        String title,
        String home,
        String file,
        ListPlan plan,
        Map<String, String> choices,
        List<List<String>> raw,
        ListReader.Read read,
        List<String> problems,
        int there,
        List<Line> columns,
        List<List<String>> rows,
        List<String> totals,
        String pasted) {
    private static final int RAW_SHOWN = 8;
    private static final int SHOWN = 30;

    /** What was seen and read of a file. */
    record Seen(ListReader.Look look, ListPlan plan, ListReader.Read read, String pasted) {}

    static StagedList of(ImportTarget target, Staged waiting, Seen seen, OpenEngagement open) {
        List<Line> columns = target.list().typed().stream()
                .filter(line -> seen.plan().columns().contains(line.column()))
                .toList();
        List<List<String>> rows = seen.read().rows().stream()
                .limit(SHOWN)
                .map(row -> columns.stream().map(line -> shown(line, row)).toList())
                .toList();
        return new StagedList(
                target.list().name(),
                target.title(),
                target.home(open.id()),
                waiting.file(),
                seen.plan(),
                choices(target, seen.look()),
                raw(seen),
                seen.read(),
                target.problems(open, seen.read(), waiting.file(), false),
                target.count(open),
                columns,
                rows,
                columns.stream().map(line -> total(line, seen.read())).toList(),
                seen.pasted());
    }

    private static Map<String, String> choices(ImportTarget target, ListReader.Look look) {
        Map<String, String> choices = new LinkedHashMap<>();
        choices.put("", "Left out");
        look.choices()
                .forEach(column -> choices.put(
                        column,
                        target.list().typed().stream()
                                .filter(line -> line.column().equals(column))
                                .map(Line::caption)
                                .findFirst()
                                .orElse("Name of the row")));
        return choices;
    }

    /** The rows around the header as they stand in the file, each after its number. */
    private static List<List<String>> raw(Seen seen) {
        List<List<String>> raw = new ArrayList<>();
        List<List<String>> rows = seen.look().rows();
        int from = Math.max(0, seen.plan().header() - 2);
        for (int i = from; i < Math.min(from + RAW_SHOWN, rows.size()); i++) {
            List<String> cells = new ArrayList<>(rows.get(i));
            while (cells.size() < seen.plan().columns().size()) {
                cells.add("");
            }
            cells.add(0, String.valueOf(i + 1));
            raw.add(cells);
        }
        return raw;
    }

    private static String shown(Line line, ListReader.Row row) {
        String cell = row.cells().getOrDefault(line, "");
        return line.kind() == LineKind.AMOUNT && !cell.isEmpty() ? Figure.balance(Money.parse(cell)) : cell;
    }

    private static String total(Line line, ListReader.Read read) {
        return line.kind() != LineKind.AMOUNT
                ? ""
                : Figure.balance(Money.sum(read.rows().stream()
                        .filter(row -> row.cells().containsKey(line))
                        .map(row -> Money.parse(row.cells().get(line)))
                        .toList()));
    }

    /** Whether the rows can be kept. */
    public boolean isSound() {
        return problems.isEmpty();
    }
}
