package undersaw.us.depreciation;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import undersaw.table.Table;
import undersaw.table.TableRow;

/** The few rates that the printed tables give otherwise than their own rule does. */
final class PrintedRates {
    private static final List<String> COLUMNS =
            List.of("life", "factor", "quarter", "year", "rate", "citation", "note");
    private static final Map<Place, Integer> RATES =
            Table.read("undersaw/us/depreciation/printed-rates.csv", COLUMNS).stream()
                    .collect(Collectors.toMap(PrintedRates::place, row -> number(row, "rate")));

    private record Place(Recovery.Key key, int year) {}

    private PrintedRates() {}

    /** The printed rate where it is another one. */
    static int of(Recovery.Key key, int year, int found) {
        return RATES.getOrDefault(new Place(key, year), found);
    }

    private static Place place(TableRow row) {
        int first = YearParts.ofMidQuarter(YearParts.YEAR, number(row, "quarter"));
        return new Place(
                new Recovery.Key(number(row, "life") * YearParts.YEAR, number(row, "factor"), first),
                number(row, "year"));
    }

    private static int number(TableRow row, String column) {
        return Integer.parseInt(row.text(column));
    }
}
