package undersaw.us.corporation;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import undersaw.line.LineId;
import undersaw.table.Table;
import undersaw.table.TableRow;

/**
 * The rows of Schedule M-3, Parts II and III, and which treatments and lines go to each (Instructions for Schedule M-3
 * (Form 1120), from memory).
 *
 * @param all the rows in the order of the form
 */
record M3Rows(List<Row> all) {
    private static final List<String> COLUMNS = List.of("row", "caption", "treatments", "lines");
    private static final String COST = "II/17";
    private static final String INCOME_WITH_DIFFERENCES = "II/25";
    private static final String EXPENSE_WITH_DIFFERENCES = "III/38";
    private static final String WITHOUT_DIFFERENCES = "II/28";
    private static final M3Rows ROWS = read();

    /** One row. */
    record Row(String number, String caption, List<String> treatments, List<String> lines) {
        boolean isIncome() {
            return number.startsWith("II/");
        }
    }

    /** The rows as they ship, read once. */
    static M3Rows rows() {
        return ROWS;
    }

    private static M3Rows read() {
        List<Row> rows = new ArrayList<>();
        for (TableRow row : Table.read("undersaw/us/corporation/schedule-m3.csv", COLUMNS)) {
            rows.add(new Row(
                    row.text("row"), row.text("caption"), parts(row.text("treatments")), parts(row.text("lines"))));
        }
        return new M3Rows(List.copyOf(rows));
    }

    private static List<String> parts(String text) {
        return text.isEmpty() ? List.of() : List.of(text.split(";", -1));
    }

    /** Finds the row of an account by its treatment first, then by its line. */
    static final class Finder {
        private final Map<String, String> byTreatment = new HashMap<>();
        private final Map<String, String> byLine = new HashMap<>();

        Finder() {
            for (Row row : rows().all()) {
                row.treatments().forEach(treatment -> byTreatment.put(treatment, row.number()));
                row.lines().forEach(line -> byLine.put(line, row.number()));
            }
        }

        /** The row; items without a difference that no row names go together on line 28 of Part II. */
        String row(String treatment, LineId line, boolean income, boolean differs) {
            String ofLine = byLine.get(line.text());
            // what is part of cost of goods sold stays there, whatever its treatment
            String named = COST.equals(ofLine) ? ofLine : byTreatment.getOrDefault(treatment, ofLine);
            if (named != null) {
                return named;
            }
            return !differs ? WITHOUT_DIFFERENCES : income ? INCOME_WITH_DIFFERENCES : EXPENSE_WITH_DIFFERENCES;
        }
    }

    /** The address of a row's column. */
    static LineId line(String row, String column) {
        return LineId.of("1120/M-3/" + row + "/" + column);
    }
}
