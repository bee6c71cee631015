package undersaw.web.sheets;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.form.YearsDrawn;
import undersaw.form.YearsDrawn.Column;
import undersaw.form.YearsDrawn.Layer;
import undersaw.money.Money;
import undersaw.web.frame.Figure;

/**
 * Years side by side as stacked bars.
 *
 * @param caption what is drawn
 * @param layers the names of the layers, the lowest first
 * @param mark the mark's share in words; empty for none
 * @param bars one a year
 */
public record YearBars(String caption, List<String> layers, String mark, List<Bar> bars) {
    private static final int TALLEST = 150;
    private static final int FOOT = 170;
    private static final int STEP = 120;
    private static final int FIRST = 20;

    /**
     * One year.
     *
     * @param year the year
     * @param total its whole as text
     * @param x where it stands
     * @param top the height at which it ends
     * @param markY the height of the mark
     * @param pieces its layers
     */
    public record Bar(String year, String total, int x, int top, int markY, List<Piece> pieces) {}

    /** A layer of one year. */
    public record Piece(String words, String amount, int y, int height) {}

    static YearBars of(Calculation year, YearsDrawn drawn) {
        TreeSet<String> earlier = new TreeSet<>();
        drawn.layers()
                .forEach(layer -> layer.columns()
                        .forEach(column ->
                                earlier.addAll(year.instances(column.earlier().id()))));
        List<String> years = new ArrayList<>(earlier);
        years.add("");
        Money most = years.stream().map(each -> whole(year, drawn, each)).reduce(Money.ZERO, Money::max);
        List<Bar> bars = new ArrayList<>();
        for (int i = 0; i < years.size(); i++) {
            bars.add(bar(year, drawn, years.get(i), new Place(FIRST + i * STEP, most)));
        }
        return new YearBars(
                drawn.caption(),
                drawn.layers().stream().map(Layer::words).toList(),
                drawn.mark() == 0 ? "" : "one part of " + drawn.mark(),
                bars);
    }

    /** Where a bar stands, and the tallest of all. */
    private record Place(int x, Money most) {}

    private static Bar bar(Calculation year, YearsDrawn drawn, String which, Place place) {
        List<Piece> pieces = new ArrayList<>();
        int y = FOOT;
        for (Layer layer : drawn.layers()) {
            Money amount = amount(year, layer, which);
            int height = length(amount, place.most());
            y -= height;
            pieces.add(new Piece(layer.words(), Figure.text(amount), y, height));
        }
        Money whole = whole(year, drawn, which);
        String name = which.isEmpty()
                ? String.valueOf(year.snapshot().heading().period().lawYear())
                : which;
        int mark = drawn.mark() == 0 ? 0 : FOOT - length(whole, place.most()) / drawn.mark();
        return new Bar(name, Figure.text(whole), place.x(), y, mark, pieces);
    }

    private static Money whole(Calculation year, YearsDrawn drawn, String which) {
        return Money.sum(
                drawn.layers().stream().map(layer -> amount(year, layer, which)).toList());
    }

    private static Money amount(Calculation year, Layer layer, String which) {
        return Money.sum(layer.columns().stream()
                .map(column -> amount(year, column, which))
                .toList());
    }

    private static Money amount(Calculation year, Column column, String which) {
        return which.isEmpty()
                ? year.amount(column.now())
                : year.value(column.earlier().id().in(which))
                        .map(LineValue::amount)
                        .orElse(Money.ZERO);
    }

    private static int length(Money amount, Money most) {
        return most.isZero() ? 0 : (int) (amount.notBelowZero().cents() * TALLEST / most.cents());
    }
}
