package undersaw.us.depreciation;

import java.math.BigDecimal;
import java.util.Map;
import java.util.TreeMap;

/**
 * How much of an asset's use was for trade or business, year by year.
 *
 * @param now this year's percentage in millionths of a percent, 0 to 100 percent
 * @param before earlier years that are known, by the calendar year in which the tax year begins
 */
public record Use(long now, Map<Integer, Long> before) {
    /** Full business use, in millionths of a percent. */
    public static final long WHOLE = 100_000_000;

    private static final int DECIMALS = 6;

    /** Keeps its own copy. */
    public Use {
        before = Map.copyOf(before);
    }

    /** All use is business use. */
    public static Use whole() {
        return new Use(WHOLE, Map.of());
    }

    /** The percentage that a text says; all where it says none. */
    public static long parse(String text) {
        return text.matches("\\d{1,3}(\\.\\d{1,6})?")
                ? Math.min(WHOLE, new BigDecimal(text).movePointRight(DECIMALS).longValueExact())
                : WHOLE;
    }

    /** The percentage as it is written. */
    static String written(long use) {
        return BigDecimal.valueOf(use, DECIMALS).stripTrailingZeros().toPlainString();
    }

    /** The use of an earlier year; this year's where it is not known. */
    public long in(int year) {
        return before.getOrDefault(year, now);
    }

    /** Whether a use is more than half. */
    public static boolean isMost(long use) {
        return 2 * use > WHOLE;
    }

    /** The business part of an amount, rounded half up. */
    public static long part(long amount, long use) {
        return Rounded.share(amount, use, WHOLE);
    }

    /** The same a year later, used as this year unless more is known. */
    Use next(int year) {
        if (before.isEmpty()) {
            // what is not known is as this year, which goes on
            return this;
        }
        Map<Integer, Long> known = new TreeMap<>(before);
        known.put(year, now);
        return new Use(in(year + 1), known);
    }
}
