package undersaw.law;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import undersaw.law.LawValue.Unit;
import undersaw.money.Money;
import undersaw.money.Percent;
import undersaw.table.Table;
import undersaw.table.TableRow;

/**
 * The law of one tax year.
 *
 * <p>A tax year is named by the calendar year in which it begins. Tables are held for {@value #FIRST_YEAR} to
 * {@value #LAST_YEAR} and read once, strictly; every year has every key.
 */
public final class Law {
    /** First year that is held. */
    public static final int FIRST_YEAR = 2022;
    /** Last year that is held. */
    public static final int LAST_YEAR = 2026;

    private static final List<String> COLUMNS = List.of("key", "value", "unit", "citation", "note");
    private static final Map<Integer, Law> YEARS = new ConcurrentHashMap<>();

    private final int year;
    private final Map<LawKey, LawValue> values;

    private Law(int year, Map<LawKey, LawValue> values) {
        this.year = year;
        this.values = values;
    }

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
        return YEARS.computeIfAbsent(year, Law::read);
    }

    public static boolean holds(int year) {
        return year >= FIRST_YEAR && year <= LAST_YEAR;
    }

    public int year() {
        return year;
    }

    /** The figure with its citation. */
    public LawValue value(LawKey key) {
        return values.get(key);
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
        LawValue value = values.get(key);
        if (value.unit() != unit) {
            throw new IllegalArgumentException(key.key() + " is in " + value.unit() + ", not in " + unit);
        }
        return value;
    }

    private static Law read(int year) {
        Map<String, LawKey> known = Stream.of(LawKey.values()).collect(Collectors.toMap(LawKey::key, key -> key));
        Map<LawKey, LawValue> values = new EnumMap<>(LawKey.class);
        for (TableRow row : Table.read("undersaw/law/" + year + "/corporation.csv", COLUMNS)) {
            LawKey key = known.get(row.text("key"));
            if (key == null) {
                throw row.fault("key", "one of " + known.keySet());
            }
            if (values.put(key, value(row, key)) != null) {
                throw row.fault("key", "each key once");
            }
        }
        Map<String, LawKey> missing = new HashMap<>(known);
        values.keySet().forEach(key -> missing.remove(key.key()));
        if (!missing.isEmpty()) {
            throw new IllegalStateException("the law of " + year + " lacks " + missing.keySet());
        }
        return new Law(year, values);
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
