package undersaw.web.assets;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import undersaw.assets.AssetLaw;
import undersaw.assets.WrittenOff;
import undersaw.calc.Calculation;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.web.frame.Figure;

/**
 * What is elected, asset by asset, beside another division that is tried and what each brings over the years.
 *
 * @param caption what is divided
 * @param limit the most in all
 * @param elected what stands in all
 * @param tried what is tried in all
 * @param left what of the limit the tried division leaves, or how much it is above it
 * @param over whether it is above the limit
 * @param differs whether another division than the one that stands is tried
 * @param rows the assets
 * @param years what each division deducts, year by year
 */
public record DivisionView(
        String caption,
        String limit,
        String elected,
        String tried,
        String left,
        boolean over,
        boolean differs,
        List<Row> rows,
        List<Year> years) {
    private static final int AHEAD = 8;

    /** An asset: what it may take, what stands, what is tried. */
    public record Row(
            String asset, String words, String recovery, String most, String stands, String tried, int share) {}

    /** A year under both divisions. */
    public record Year(int year, String stands, String tried, String difference, boolean less) {}

    static DivisionView of(Calculation year, AssetLaw law, AssetLaw.Choice choice, Map<String, Money> division) {
        Map<LineKey, String> figures = new TreeMap<>();
        division.forEach(
                (asset, amount) -> figures.put(choice.column().in(asset), amount.isZero() ? "" : amount.toString()));
        Calculation other = Tried.with(year, figures);
        Money tried = Money.sum(choice.assets().stream()
                .map(open -> division.getOrDefault(open.asset(), open.elected()))
                .toList());
        Money left = choice.limit().minus(tried);
        return new DivisionView(
                choice.caption(),
                Figure.text(choice.limit()),
                Figure.text(choice.elected()),
                Figure.text(tried),
                Figure.text(left.abs()),
                left.isNegative(),
                choice.assets().stream()
                        .anyMatch(open -> !division.getOrDefault(open.asset(), open.elected())
                                .equals(open.elected())),
                choice.assets().stream()
                        .map(open -> row(open, division.getOrDefault(open.asset(), open.elected())))
                        .toList(),
                years(law.ahead(year, AHEAD), law.ahead(other, AHEAD)));
    }

    private static Row row(AssetLaw.Open open, Money tried) {
        return new Row(
                open.asset(),
                open.words(),
                open.recovery(),
                Figure.text(open.most()),
                Figure.text(open.elected()),
                tried.isZero() ? "" : tried.toString(),
                open.most().isZero()
                        ? 0
                        : (int) Math.min(120, tried.cents() * 120 / open.most().cents()));
    }

    private static List<Year> years(List<WrittenOff> stands, List<WrittenOff> tried) {
        List<Year> years = new ArrayList<>();
        for (int at = 0; at < Math.min(stands.size(), tried.size()); at++) {
            Money before = stands.get(at).total();
            Money after = tried.get(at).total();
            Money difference = after.minus(before);
            years.add(new Year(
                    stands.get(at).year(),
                    Figure.text(before),
                    Figure.text(after),
                    Figure.text(difference.abs()),
                    difference.isNegative()));
        }
        return years;
    }
}
