package undersaw.web.lists;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.engagement.NumbersShown;
import undersaw.files.sheet.TableFile;
import undersaw.files.sheet.TableFile.PercentCell;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.RowList;

/** A list as a table of its own: captions above, amounts and percentages as numbers, totals below. */
final class ListExport {
    private ListExport() {}

    static TableFile table(Calculation year, RowList list, NumbersShown numbers) {
        List<Line> columns = columns(list);
        List<String> header =
                new ArrayList<>(list.isNamed() ? List.of(list.part().rowName()) : List.of());
        columns.forEach(line -> header.add(line.caption()));
        List<List<Object>> rows = new ArrayList<>();
        for (String row : year.rowsOf(list)) {
            List<Object> cells = new ArrayList<>(list.isNamed() ? List.of(row) : List.of());
            columns.forEach(line -> cells.add(year.value(line.id().in(row))
                    .map(value -> cell(line, value, numbers))
                    .orElse("")));
            rows.add(cells);
        }
        return new TableFile(list.part().title(), header, rows, rows.isEmpty() ? List.of() : totals(year, list));
    }

    /** What a person fills in, and what is found from it; not what only serves totals. */
    private static List<Line> columns(RowList list) {
        return list.lines().stream()
                .filter(line -> line.isFilledIn() || !line.isAside())
                .toList();
    }

    private static Object cell(Line line, LineValue value, NumbersShown numbers) {
        return switch (line.kind()) {
            case AMOUNT -> value.amount();
            case PERCENT -> new PercentCell(new BigDecimal(value.value().plain()));
            case TAXPAYER_NUMBER -> numbers.shown(value.value().plain());
            default -> value.value().plain();
        };
    }

    private static List<Object> totals(Calculation year, RowList list) {
        List<Object> totals = new ArrayList<>(list.isNamed() ? List.of("Total") : List.of());
        for (Line line : columns(list)) {
            Optional<Object> total = total(year, line);
            // the word stands in the first column that has no sum
            boolean word = totals.isEmpty() && total.isEmpty();
            totals.add(total.orElse(word ? "Total" : ""));
        }
        return totals;
    }

    private static Optional<Object> total(Calculation year, Line line) {
        if (line.kind() == LineKind.AMOUNT) {
            return Optional.of(year.rowTotal(line.id()));
        }
        if (line.kind() != LineKind.PERCENT || !line.isTotalled()) {
            return Optional.empty();
        }
        return Optional.of(new PercentCell(year.rowValues(line.id()).stream()
                .map(value -> new BigDecimal(value.value().plain()))
                .reduce(BigDecimal.ZERO, BigDecimal::add)));
    }
}
