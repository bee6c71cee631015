package undersaw.web.study;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import undersaw.calc.Calculation;
import undersaw.form.Line;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.study.EntityComparison;
import undersaw.study.Kind;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.frame.Figure;

/**
 * The comparison of kinds of entity as a page shows it.
 *
 * @param begun whether a rate is typed
 * @param assumed what it rests on
 * @param columns the kinds
 * @param rows the taxes, the total last
 * @param later all taxes of a corporation that pays out its profit in full; nothing where it keeps none
 */
public record StudyView(boolean begun, List<Assumed> assumed, List<Column> columns, List<Row> rows, String later) {
    private static final double WIDE = 1000;

    /** A figure that the comparison rests on. */
    public record Assumed(String caption, Figure figure) {}

    /**
     * A kind of entity.
     *
     * @param letter of its figures
     * @param words what it is
     * @param present whether the engagement is one
     * @param total all its taxes, as text
     * @param more how much more or less than the present kind's, as text; empty for the present one
     * @param pieces of its bar
     */
    public record Column(String letter, String words, boolean present, String total, String more, List<Piece> pieces) {}

    /**
     * A piece of a bar: a thousand units are as wide as the greatest total.
     *
     * @param words what it is, with its amount
     * @param from where it begins
     * @param width how wide it is
     * @param row which row of taxes it is, from 0
     */
    public record Piece(String words, double from, double width, int row) {}

    /** A row of taxes, a figure for each kind. */
    public record Row(String caption, boolean total, List<Figure> figures) {}

    /** The comparison of an engagement. */
    static StudyView of(OpenEngagement open) {
        Calculation year = open.calculation();
        boolean begun = year.value(EntityComparison.RATE).isPresent();
        return new StudyView(
                begun, assumed(year), begun ? columns(open) : List.of(), begun ? rows(year) : List.of(), later(year));
    }

    private static List<Assumed> assumed(Calculation year) {
        return year.plan().parts().stream()
                .filter(part -> part.code().equals(EntityComparison.CODE))
                .flatMap(part -> year.plan().linesOf(part).stream())
                .map(line -> new Assumed(line.caption(), figure(year, line)))
                .toList();
    }

    private static Figure figure(Calculation year, Line line) {
        return Figure.of(line, line.id().alone(), year.value(line.id()));
    }

    private static LineId line(String row, Kind kind) {
        return LineId.of(EntityComparison.CODE + "/" + row + "/" + kind.letter());
    }

    private static List<Row> rows(Calculation year) {
        List<Row> rows = new ArrayList<>();
        for (String row : EntityComparison.ROWS) {
            List<Line> lines = new ArrayList<>();
            for (Kind kind : Kind.values()) {
                lines.add(year.plan().line(line(row, kind)).orElseThrow());
            }
            rows.add(new Row(
                    caption(lines.get(0)),
                    row.equals("total"),
                    lines.stream().map(each -> figure(year, each)).toList()));
        }
        return rows;
    }

    /** Its caption without the kind that stands in the column's head. */
    static String caption(Line line) {
        String words = line.caption().substring(line.caption().indexOf(": ") + 2);
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private static List<Column> columns(OpenEngagement open) {
        Calculation year = open.calculation();
        Optional<Kind> present = Kind.of(open.heading().form());
        Money mine = present.map(kind -> year.amount(line("total", kind))).orElse(Money.ZERO);
        long greatest = 1;
        for (Kind kind : Kind.values()) {
            greatest = Math.max(greatest, drawn(year, kind));
        }
        List<Column> columns = new ArrayList<>();
        for (Kind kind : Kind.values()) {
            Money total = year.amount(line("total", kind));
            boolean is = present.filter(kind::equals).isPresent();
            columns.add(new Column(
                    kind.letter(),
                    kind.words(),
                    is,
                    Figure.text(total),
                    is ? "" : difference(total.minus(mine)),
                    pieces(year, kind, greatest)));
        }
        return columns;
    }

    private static String difference(Money more) {
        if (more.isZero()) {
            return "the same";
        }
        return more.abs().printed() + (more.isNegative() ? " less" : " more");
    }

    /** What a bar shows: a loss that saves tax is no piece. */
    private static long drawn(Calculation year, Kind kind) {
        return EntityComparison.ROWS.stream()
                .filter(row -> !row.equals("total"))
                .mapToLong(row -> Math.max(0, year.amount(line(row, kind)).cents()))
                .sum();
    }

    private static List<Piece> pieces(Calculation year, Kind kind, long greatest) {
        List<Piece> pieces = new ArrayList<>();
        double at = 0;
        for (int i = 0; i < EntityComparison.ROWS.size() - 1; i++) {
            LineId id = line(EntityComparison.ROWS.get(i), kind);
            Money amount = year.amount(id);
            if (amount.isPositive()) {
                double width = WIDE * amount.cents() / greatest;
                pieces.add(
                        new Piece(caption(year.plan().line(id).orElseThrow()) + " " + amount.printed(), at, width, i));
                at += width;
            }
        }
        return pieces;
    }

    private static String later(Calculation year) {
        boolean kept = year.amount(LineId.of("study/kept/c")).isPositive();
        return kept ? year.amount(LineId.of("study/later/c")).printed() : "";
    }
}
