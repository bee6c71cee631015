package undersaw.web.lists;

import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.engagement.Station;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.RowList;
import undersaw.web.frame.Figure;
import undersaw.web.frame.Slice;

/**
 * A list as a grid: its columns, the rows of the page shown, and totals at the foot.
 *
 * @param name the list's name
 * @param title the part's heading
 * @param home the address of the page that shows it
 * @param named whether rows have names of their own
 * @param wide whether all columns are shown
 * @param hidden how many columns are not
 * @param columns the columns shown
 * @param rows the rows of this page
 * @param totals each column's foot
 */
public record ListView(
        String name,
        String title,
        String home,
        boolean named,
        boolean wide,
        int hidden,
        List<Column> columns,
        Slice<Row> rows,
        List<Foot> totals) {
    /**
     * What is asked of a list.
     *
     * @param q words that rows must hold
     * @param page which page, from 1
     * @param wide whether all columns are wanted
     */
    public record Look(
            @Nullable String q,
            @Nullable Integer page,
            @Nullable Boolean wide) {
        /** Nothing in particular. */
        static final Look NONE = new Look(null, null, null);

        public String query() {
            return q == null ? "" : q;
        }

        public int at() {
            return page == null ? 1 : page;
        }

        public boolean isWide() {
            return Boolean.TRUE.equals(wide);
        }
    }

    /** Whether a column holds numbers of taxpayers, which an export masks unless they are asked for. */
    public boolean isHoldsNumbers() {
        return columns.stream().anyMatch(column -> column.kind().equals(LineKind.TAXPAYER_NUMBER.name()));
    }

    /** A column: its caption, what may stand there, and whether a person fills it in. */
    public record Column(
            String line, String caption, String expected, String kind, List<String> choices, boolean typed) {
        static Column of(Line line) {
            return new Column(
                    line.id().text(),
                    line.caption(),
                    line.expected(),
                    line.kind().name(),
                    line.choices(),
                    line.isFilledIn());
        }

        public boolean isNumber() {
            return NUMBERS.contains(kind);
        }

        private static final List<String> NUMBERS = List.of("AMOUNT", "PERCENT", "COUNT", "NUMBER");

        /** The kind of field that a browser offers. */
        public String field() {
            return kind.equals("DATE") ? "date" : "text";
        }
    }

    /** What stands below a column, and where on the page. */
    public record Foot(String element, String text) {}

    /** A row with its figures, one a column. */
    public record Row(String name, List<Figure> cells) {}

    static ListView of(Calculation year, RowList list, String home, Look look) {
        List<Line> shown = list.lines().stream()
                .filter(line -> look.isWide() || !line.isAside())
                .toList();
        Slice<Row> rows = Slice.of(year.rowsOf(list), look.query(), look.at(), row -> text(year, list, row))
                .map(row -> new Row(
                        row,
                        shown.stream()
                                .map(line -> Figure.of(
                                                line,
                                                line.id().in(row),
                                                year.value(line.id().in(row)))
                                        .inGrid())
                                .toList()));
        return new ListView(
                list.name(),
                list.part().title(),
                home,
                list.isNamed(),
                look.isWide(),
                list.lines().size() - shown.size(),
                shown.stream().map(Column::of).toList(),
                rows,
                feet(year, shown));
    }

    /** The foot of every column of a list. */
    static List<Foot> foot(Calculation year, RowList list) {
        return feet(year, list.lines());
    }

    private static List<Foot> feet(Calculation year, List<Line> lines) {
        return lines.stream()
                .map(line -> new Foot("total-" + line.id(), total(year, line)))
                .toList();
    }

    private static String text(Calculation year, RowList list, String row) {
        return row + " "
                + list.lines().stream()
                        .flatMap(line -> year.value(line.id().in(row)).stream())
                        .map(value -> value.value().plain())
                        .collect(Collectors.joining(" "));
    }

    private static String total(Calculation year, Line line) {
        if (line.kind() == LineKind.AMOUNT) {
            return line.isInCents() ? Figure.balance(year.rowTotal(line.id())) : Figure.text(year.rowTotal(line.id()));
        }
        if (!line.isTotalled()
                || !List.of(LineKind.PERCENT, LineKind.COUNT, LineKind.NUMBER, LineKind.SHARES)
                        .contains(line.kind())) {
            return "";
        }
        BigDecimal total = year.rowValues(line.id()).stream()
                .map(LineValue::value)
                .map(value -> new BigDecimal(value.plain()))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        return total.signum() == 0
                ? ""
                : total.stripTrailingZeros().toPlainString() + (line.kind() == LineKind.PERCENT ? "%" : "");
    }

    /** The page that shows a list: its station's, or its sheet. */
    static String home(long engagement, RowList list) {
        return list.station() == Station.RETURN
                ? "/e/" + engagement + "/return?sheet=" + list.part().code()
                : "/e/" + engagement + "/" + list.station().path();
    }
}
