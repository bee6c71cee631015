package undersaw.web.assets;

import java.util.ArrayList;
import java.util.List;
import undersaw.assets.WrittenOff;
import undersaw.money.Money;
import undersaw.web.frame.Figure;

/**
 * Years side by side, what each deducts stacked, and what is left as a line.
 *
 * @param years in their order
 * @param left the points of the line of what is left; empty where none is drawn
 */
public record LifeStrip(List<Bar> years, String left) {
    private static final int WIDE = 760;
    private static final int TALL = 132;
    private static final int FOOT = 150;
    private static final int WIDEST = 56;
    private static final int LABELS = 16;

    /**
     * One year.
     *
     * @param year its name; empty where years stand too close for all names
     * @param words the year in a sentence
     * @param x where it begins
     * @param width how wide it is
     * @param elected deducted by choice
     * @param special deducted at once by law
     * @param regular by the year's method
     */
    public record Bar(String year, String words, int x, int width, Piece elected, Piece special, Piece regular) {}

    /** A piece of a bar. */
    public record Piece(int y, int height) {}

    /** One strip by itself. */
    static LifeStrip of(List<WrittenOff> rows, boolean withRest) {
        return of(rows, withRest, most(rows));
    }

    /** The highest year. */
    static Money most(List<WrittenOff> rows) {
        return rows.stream().map(WrittenOff::total).reduce(Money.ZERO, Money::max);
    }

    /** A strip on a scale that others share. */
    static LifeStrip of(List<WrittenOff> rows, boolean withRest, Money most) {
        Money highest = rows.stream().map(row -> row.basis().plus(row.total())).reduce(Money.ZERO, Money::max);
        int step = rows.isEmpty() ? WIDE : Math.min(WIDEST + 8, WIDE / rows.size());
        List<Bar> bars = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (int at = 0; at < rows.size(); at++) {
            WrittenOff row = rows.get(at);
            int x = 2 + at * step;
            bars.add(bar(row, new Place(x, Math.max(3, step - 8), most), rows.size() <= LABELS || at % 5 == 0));
            line.append(x + step / 2 - 4)
                    .append(',')
                    .append(FOOT - length(row.basis(), highest))
                    .append(' ');
        }
        return new LifeStrip(List.copyOf(bars), withRest ? line.toString().strip() : "");
    }

    private record Place(int x, int width, Money most) {}

    private static Bar bar(WrittenOff row, Place place, boolean named) {
        int regular = length(row.regular(), place.most());
        int special = length(row.special(), place.most());
        int elected = length(row.elected(), place.most());
        return new Bar(
                named ? String.valueOf(row.year()) : "",
                row.year() + ": " + Figure.text(row.total()) + " deducted",
                place.x(),
                place.width(),
                new Piece(FOOT - regular - special - elected, elected),
                new Piece(FOOT - regular - special, special),
                new Piece(FOOT - regular, regular));
    }

    private static int length(Money amount, Money most) {
        return most.isZero() ? 0 : (int) (amount.notBelowZero().cents() * TALL / most.cents());
    }
}
