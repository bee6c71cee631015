package undersaw.us.depreciation;

import java.util.List;
import java.util.NavigableMap;
import java.util.TreeMap;
import undersaw.table.Table;
import undersaw.table.TableRow;

/**
 * The most that a passenger automobile may deduct in each year of its service, in whole dollars (IRC 280F(a)(1); from
 * memory).
 *
 * @param withBonus the first year, where the special allowance is taken
 * @param without the first year, where it is not
 * @param later the fourth year and each one after
 * @param citation the source of the row
 * @param note what is unsure about it
 */
public record AutomobileLimit(
        long withBonus, long without, long second, long third, long later, String citation, String note) {
    private static final List<String> COLUMNS =
            List.of("placed", "withBonus", "without", "second", "third", "later", "citation", "note");
    private static final NavigableMap<Integer, AutomobileLimit> BY_YEAR = read();

    /** The limits of automobiles placed in service in a calendar year; beyond the table those of its nearest one. */
    public static AutomobileLimit of(int placed) {
        var known = BY_YEAR.floorEntry(placed);
        return known == null ? BY_YEAR.firstEntry().getValue() : known.getValue();
    }

    /** The limit of a year of service, from 1, at full business use. */
    public long of(int year, boolean bonus) {
        return switch (year) {
            case 1 -> bonus ? withBonus : without;
            case 2 -> second;
            case 3 -> third;
            default -> later;
        };
    }

    private static NavigableMap<Integer, AutomobileLimit> read() {
        NavigableMap<Integer, AutomobileLimit> limits = new TreeMap<>();
        for (TableRow row : Table.read("undersaw/law/by-day/automobiles.csv", COLUMNS)) {
            limits.put(
                    Integer.valueOf(row.text("placed")),
                    new AutomobileLimit(
                            dollars(row, "withBonus"),
                            dollars(row, "without"),
                            dollars(row, "second"),
                            dollars(row, "third"),
                            dollars(row, "later"),
                            row.text("citation"),
                            row.text("note")));
        }
        return limits;
    }

    private static long dollars(TableRow row, String column) {
        return Long.parseLong(row.text(column));
    }
}
