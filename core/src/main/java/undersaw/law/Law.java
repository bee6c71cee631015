package undersaw.law;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import undersaw.law.LawValue.Unit;
import undersaw.money.Money;
import undersaw.money.Percent;
import undersaw.table.Table;
import undersaw.table.TableRow;

/**
 * The law of one tax year.
 *
 * <p>A tax year is named by the calendar year in which it begins. Tables are held for {@value #FIRST_YEAR} to
 * {@value #LAST_YEAR} and read once, strictly.
 */
public final class Law {
    /** First year that is held. */
    public static final int FIRST_YEAR = 2022;
    /** Last year that is held. */
    public static final int LAST_YEAR = 2026;

    private static final List<String> COLUMNS = List.of("key", "value", "unit", "citation", "note");
    private static final Map<Integer, Law> YEARS = new ConcurrentHashMap<>();

    private final int year;
    private final Map<String, Map<String, TableRow>> tables = new ConcurrentHashMap<>();
    private final Map<LawKey, LawValue> values = new ConcurrentHashMap<>();

    private Law(int year) {
        this.year = year;
    }

    private Law(Law before, String table, Map<String, TableRow> rows) {
        year = before.year;
        tables.putAll(before.tables);
        tables.put(table, rows);
    }

    /**
     * Puts another table in place of the one that is held, after checking it as strictly.
     *
     * @param text the table with its header row: key, value, unit, citation, note
     * @return the figures that differ, before and after
     * @throws IllegalArgumentException when the table has another shape or other keys, or a figure has no citation
     */
    public static synchronized List<Amendment> amend(int year, String table, String text) {
        Law before = of(year);
        Map<String, TableRow> rows;
        try {
            rows = byKey(Table.read(table + " " + year, new StringReader(text), COLUMNS));
        } catch (IllegalStateException shape) {
            throw new IllegalArgumentException(shape.getMessage(), shape);
        }
        if (!rows.keySet().equals(before.keys(table))) {
            throw new IllegalArgumentException("The table " + table + " of " + year + " holds the keys "
                    + new TreeSet<>(before.keys(table)) + "; found " + new TreeSet<>(rows.keySet()) + ".");
        }
        Law after = new Law(before, table, rows);
        List<Amendment> amended = new ArrayList<>();
        for (String key : new TreeSet<>(rows.keySet())) {
            LawValue was = before.value(new LawKey(table, key, key));
            LawValue is = after.value(new LawKey(table, key, key));
            if (was.unit() != is.unit()) {
                throw new IllegalArgumentException(
                        key + " is in " + was.unit() + " in the table that is held, not in " + is.unit() + ".");
            }
            if (!was.text().equals(is.text())) {
                amended.add(new Amendment(key, was.text(), is.text(), is.citation()));
            }
        }
        YEARS.put(year, after);
        return List.copyOf(amended);
    }

    /** Goes back to the tables that ship with the application. */
    public static synchronized void restore() {
        YEARS.clear();
    }

    /**
     * A figure of the law that was amended.
     *
     * @param key its name
     * @param before as it was held
     * @param after as it is held now
     * @param citation its source
     */
    public record Amendment(String key, String before, String after, String citation) {}

    /**
     * The law of a year.
     *
     * @throws IllegalArgumentException when no tables are held for the year
     */
    public static Law of(int year) {
        if (!holds(year)) {
            throw new IllegalArgumentException(
                    "The law is held for %d to %d; %d cannot be computed yet.".formatted(FIRST_YEAR, LAST_YEAR, year));
        }
        return YEARS.computeIfAbsent(year, Law::new);
    }

    public static boolean holds(int year) {
        return year >= FIRST_YEAR && year <= LAST_YEAR;
    }

    public int year() {
        return year;
    }

    /**
     * The figure with its citation.
     *
     * @throws IllegalStateException when the year's table lacks it
     */
    public LawValue value(LawKey key) {
        return values.computeIfAbsent(key, this::find);
    }

    private LawValue find(LawKey key) {
        TableRow row = tables.computeIfAbsent(key.table(), this::read).get(key.key());
        if (row == null) {
            throw new IllegalStateException("the law of " + year + " lacks " + key.key() + " in " + key.table());
        }
        return value(row, key);
    }

    /** The names of a table's rows. */
    public Set<String> keys(String table) {
        return Set.copyOf(tables.computeIfAbsent(table, this::read).keySet());
    }

    /** Whether the year's table has the figure. */
    public boolean has(LawKey key) {
        return tables.computeIfAbsent(key.table(), this::read).containsKey(key.key());
    }

    /** The figure as a percentage. */
    public Percent percent(LawKey key) {
        return Percent.of(expect(key, Unit.PERCENT).text());
    }

    /** The figure as an amount in whole dollars. */
    public Money amount(LawKey key) {
        return Money.parse(expect(key, Unit.DOLLARS).text());
    }

    private LawValue expect(LawKey key, Unit unit) {
        LawValue value = value(key);
        if (value.unit() != unit) {
            throw new IllegalArgumentException(key.key() + " is in " + value.unit() + ", not in " + unit);
        }
        return value;
    }

    private Map<String, TableRow> read(String table) {
        return byKey(Table.read("undersaw/law/" + year + "/" + table + ".csv", COLUMNS));
    }

    private static Map<String, TableRow> byKey(List<TableRow> read) {
        Map<String, TableRow> rows = new HashMap<>();
        for (TableRow row : read) {
            if (rows.put(row.text("key"), row) != null) {
                throw row.fault("key", "each key once");
            }
        }
        return rows;
    }

    private static LawValue value(TableRow row, LawKey key) {
        String text = row.text("value");
        if (!text.matches("\\d+(\\.\\d+)?")) {
            throw row.fault("value", "a plain number");
        }
        Unit unit;
        try {
            unit = Unit.valueOf(row.text("unit").toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException unknown) {
            throw row.fault("unit", "percent or dollars");
        }
        return new LawValue(key, text, unit, row.text("citation"), row.text("note"));
    }
}
