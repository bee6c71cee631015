package undersaw.web.study;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import undersaw.calc.Calculation;
import undersaw.form.Line;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.study.EntityComparison;
import undersaw.study.Kind;
import undersaw.study.Tax;
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
    private static final Set<Tax> PIECES = EnumSet.complementOf(EnumSet.of(Tax.ALL));

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
        return EntityComparison.assumed(year).stream()
                .map(line -> new Assumed(line.caption(), figure(year, line)))
                .toList();
    }

    private static Figure figure(Calculation year, Line line) {
        return Figure.of(line, line.id().alone(), year.value(line.id()));
    }

    private static List<Row> rows(Calculation year) {
        return Stream.of(Tax.values())
                .map(tax -> new Row(
                        begun(tax.words()),
                        tax == Tax.ALL,
                        Stream.of(Kind.values())
                                .flatMap(kind -> year.plan().line(tax.line(kind)).stream())
                                .map(line -> figure(year, line))
                                .toList()))
                .toList();
    }

    /** As words begin a line. */
    private static String begun(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private static List<Column> columns(OpenEngagement open) {
        Calculation year = open.calculation();
        Optional<Kind> present = Kind.of(open.heading().form());
        Money mine = present.map(kind -> year.amount(Tax.ALL.line(kind))).orElse(Money.ZERO);
        long greatest = 1;
        for (Kind kind : Kind.values()) {
            greatest = Math.max(greatest, drawn(year, kind));
        }
        List<Column> columns = new ArrayList<>();
        for (Kind kind : Kind.values()) {
            Money total = year.amount(Tax.ALL.line(kind));
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
        return PIECES.stream()
                .mapToLong(tax -> Math.max(0, year.amount(tax.line(kind)).cents()))
                .sum();
    }

    private static List<Piece> pieces(Calculation year, Kind kind, long greatest) {
        List<Piece> pieces = new ArrayList<>();
        double at = 0;
        for (Tax tax : PIECES) {
            Money amount = year.amount(tax.line(kind));
            if (amount.isPositive()) {
                double width = WIDE * amount.cents() / greatest;
                pieces.add(new Piece(begun(tax.words()) + " " + amount.printed(), at, width, tax.ordinal()));
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
