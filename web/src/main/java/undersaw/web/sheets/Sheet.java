package undersaw.web.sheets;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.calc.Statement;
import undersaw.form.Line;
import undersaw.form.Part;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.money.Percent;
import undersaw.web.frame.Figure;

/**
 * A part of the return on screen: its lines, this year and last, with the source of each figure.
 *
 * @param code the part's code
 * @param title the part's heading
 * @param excused whether it is left out of the return as it stands
 * @param columns column letters where lines stand side by side; empty for one figure a line
 * @param rows the lines
 * @param hidden how many lines that are seldom used are empty, and not shown
 * @param wide whether they are shown
 */
public record Sheet(
        String code, String title, boolean excused, List<String> columns, List<Row> rows, int hidden, boolean wide) {
    /**
     * A line on screen.
     *
     * @param number its printed number
     * @param caption its caption
     * @param cells its figures, one a column; null where the column has none
     * @param last last year's figure
     * @param change the change in words
     * @param far whether the change passes the threshold
     * @param statement what is behind it, itemised
     * @param help a short explanation
     */
    public record Row(
            String number,
            String caption,
            List<@Nullable Figure> cells,
            String last,
            String change,
            boolean far,
            List<Statement.Row> statement,
            String help) {
        /** The figure of a line with one column. */
        public Figure figure() {
            Figure first = cells.get(0);
            if (first == null) {
                throw new IllegalStateException("line " + number + " has no figure");
            }
            return first;
        }
    }

    /** Whether last year has a figure for any line here. */
    public boolean isCompared() {
        return rows.stream().anyMatch(row -> !row.last().isEmpty());
    }

    /** The share of change from which a figure is marked. */
    public record Threshold(int percent) {
        boolean isPassed(Money before, Money change) {
            return change.abs()
                            .times(Percent.of("100"))
                            .compareTo(before.abs().times(Percent.of(String.valueOf(Math.min(100, percent)))))
                    > 0;
        }
    }

    static Sheet of(Calculation calculation, Part part, Threshold threshold, boolean wide) {
        List<Line> lines = calculation.plan().linesOf(part).stream()
                .filter(line -> !line.isRepeating())
                .toList();
        List<Line> single = lines.stream()
                .filter(line ->
                        wide || !line.isAside() || calculation.value(line.id()).isPresent())
                .toList();
        List<String> columns = columns(single);
        List<Row> rows = columns.isEmpty()
                ? single.stream().map(line -> row(calculation, line, threshold)).toList()
                : columned(calculation, single, columns);
        return new Sheet(
                part.code(), part.title(), !calculation.holds(part), columns, rows, lines.size() - single.size(), wide);
    }

    /** Column letters, where many lines of the part end with one: elsewhere letters are codes. */
    private static List<String> columns(List<Line> lines) {
        List<String> letters = lines.stream()
                .map(line -> line.id().within())
                .filter(within -> within.matches("([A-Z]\\S*/)?\\d\\w*/[a-hA-D]"))
                .map(within -> within.substring(within.length() - 1))
                .toList();
        boolean usual = letters.size() * 3 >= lines.size();
        List<String> columns = letters.stream().distinct().sorted().toList();
        return usual && columns.size() > 1 ? columns : List.of();
    }

    private static Row row(Calculation calculation, Line line, Threshold threshold) {
        Optional<LineValue> value = calculation.value(line.id());
        Optional<Money> last = calculation.snapshot().prior().amount(line.id());
        Money change = calculation.amount(line).minus(last.orElse(Money.ZERO));
        boolean compared = line.kind().isNumber() && last.isPresent();
        return new Row(
                number(line),
                line.caption(),
                List.of(Figure.of(line, line.id().alone(), value)),
                last.map(Figure::text).orElse(""),
                compared ? Figure.text(change) : "",
                compared && !change.isZero() && threshold.isPassed(last.get(), change),
                line.hasStatement() && value.isPresent()
                        ? Statement.of(calculation, line).rows()
                        : List.of(),
                line.help());
    }

    private static List<Row> columned(Calculation calculation, List<Line> lines, List<String> columns) {
        Map<String, List<Line>> byNumber = new LinkedHashMap<>();
        for (Line line : lines) {
            String within = line.id().within();
            boolean lettered = columns.contains(within.substring(within.lastIndexOf('/') + 1));
            byNumber.computeIfAbsent(
                            lettered ? within.substring(0, within.lastIndexOf('/')) : within,
                            unused -> new ArrayList<>())
                    .add(line);
        }
        List<Row> rows = new ArrayList<>();
        byNumber.forEach((number, group) -> rows.add(columnedRow(calculation, number, group, columns)));
        return rows;
    }

    private static Row columnedRow(Calculation calculation, String number, List<Line> group, List<String> columns) {
        List<@Nullable Figure> cells = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) {
            cells.add(null);
        }
        for (Line line : group) {
            int column = columns.indexOf(
                    line.id().within().substring(line.id().within().lastIndexOf('/') + 1));
            cells.set(
                    column < 0 ? columns.size() - 1 : column,
                    Figure.of(line, line.id().alone(), calculation.value(line.id())));
        }
        Line closing = group.get(group.size() - 1);
        return new Row(
                number.substring(number.indexOf('/') + 1),
                group.get(0).caption(),
                cells,
                "",
                "",
                false,
                closing.hasStatement() && calculation.value(closing.id()).isPresent()
                        ? Statement.of(calculation, closing).rows()
                        : List.of(),
                closing.help());
    }

    private static Figure figure(Calculation calculation, Line line, LineKey key) {
        return Figure.of(line, key, calculation.value(key));
    }

    /** The number without the part's own letter in front. */
    private static String number(Line line) {
        String within = line.id().within();
        String head = line.part().code() + "/";
        return within.startsWith(head) ? within.substring(head.length()) : within;
    }
}
