package undersaw.web.assets;

import java.util.ArrayList;
import java.util.List;
import undersaw.assets.AssetLaw;
import undersaw.assets.AssetRegister;
import undersaw.calc.Calculation;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.web.frame.Figure;

/**
 * The schedule of depreciation: assets by class, a figure a column, sums below each class and below all.
 *
 * @param columns captions, and whether they hold amounts
 * @param groups the classes
 * @param totals the sums of all
 */
public record ScheduleView(List<Column> columns, List<Group> groups, List<String> totals) {
    /** A column. */
    public record Column(String caption, boolean amount) {}

    /** A class with its assets and its sums. */
    public record Group(String caption, List<Row> rows, List<String> totals) {}

    /** An asset. */
    public record Row(String name, String words, List<Figure> figures) {}

    static ScheduleView of(Calculation year, AssetLaw law) {
        List<Line> columns = law.columns(year).stream()
                .flatMap(line -> year.plan().line(line).stream())
                .toList();
        List<Group> groups = law.schedule(year).stream()
                .map(group -> new Group(
                        group.caption(),
                        group.assets().stream()
                                .map(asset -> row(year, columns, asset))
                                .toList(),
                        sums(year, columns, group.assets())))
                .toList();
        List<String> all = law.schedule(year).stream()
                .flatMap(group -> group.assets().stream())
                .toList();
        return new ScheduleView(
                columns.stream()
                        .map(line -> new Column(line.caption(), line.kind() == LineKind.AMOUNT))
                        .toList(),
                groups,
                sums(year, columns, all));
    }

    private static Row row(Calculation year, List<Line> columns, String asset) {
        return new Row(
                asset,
                words(year, asset),
                columns.stream()
                        .map(line -> Figure.of(
                                        line,
                                        line.id().in(asset),
                                        year.value(line.id().in(asset)))
                                .inGrid())
                        .toList());
    }

    static String words(Calculation year, String asset) {
        return year.value(LineId.of(AssetRegister.COST.form() + "/description").in(asset))
                .map(value -> value.value().plain())
                .orElse(asset);
    }

    private static List<String> sums(Calculation year, List<Line> columns, List<String> assets) {
        List<String> sums = new ArrayList<>();
        for (Line line : columns) {
            sums.add(line.kind() == LineKind.AMOUNT ? Figure.text(sum(year, line, assets)) : "");
        }
        return sums;
    }

    private static Money sum(Calculation year, Line line, List<String> assets) {
        return Money.sum(assets.stream()
                .flatMap(asset -> year.value(line.id().in(asset)).stream())
                .map(value -> value.amount())
                .toList());
    }
}
