package undersaw.web.assets;

import java.util.ArrayList;
import java.util.List;
import undersaw.assets.AssetLaw;
import undersaw.calc.Calculation;
import undersaw.files.sheet.TableFile;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.money.Money;

/** The schedule of depreciation as a table of its own: a row an asset, its class beside it, sums below. */
final class ScheduleTable {
    private ScheduleTable() {}

    static TableFile of(Calculation year, AssetLaw law) {
        List<Line> columns = law.columns(year).stream()
                .flatMap(line -> year.plan().line(line).stream())
                .toList();
        List<String> header = new ArrayList<>(List.of("Asset", "Description", "Class"));
        columns.forEach(line -> header.add(line.caption()));
        List<List<Object>> rows = new ArrayList<>();
        for (AssetLaw.Group group : law.schedule(year)) {
            for (String asset : group.assets()) {
                List<Object> row = new ArrayList<>(List.of(asset, ScheduleView.words(year, asset), group.caption()));
                columns.forEach(line -> row.add(cell(year, line, asset)));
                rows.add(row);
            }
        }
        return new TableFile("Schedule of depreciation", header, rows, totals(columns, rows));
    }

    private static Object cell(Calculation year, Line line, String asset) {
        return year.value(line.id().in(asset))
                .<Object>map(value -> line.kind() == LineKind.AMOUNT
                        ? value.amount()
                        : value.value().plain())
                .orElse(line.kind() == LineKind.AMOUNT ? Money.ZERO : "");
    }

    private static List<Object> totals(List<Line> columns, List<List<Object>> rows) {
        List<Object> totals = new ArrayList<>(List.of("Total", "", ""));
        for (int at = 0; at < columns.size(); at++) {
            int column = at + 3;
            totals.add(
                    columns.get(at).kind() == LineKind.AMOUNT
                            ? Money.sum(rows.stream()
                                    .map(row -> (Money) row.get(column))
                                    .toList())
                            : "");
        }
        return totals;
    }
}
