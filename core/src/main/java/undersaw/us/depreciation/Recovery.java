package undersaw.us.depreciation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The share of the depreciable basis that each year of a recovery period allows, as the percentage tables of
 * Publication 946, Appendix A, print it (IRC 168(b); Rev. Proc. 87-57; from memory).
 *
 * <p>Each year takes the greater of declining balance and of the straight line over what is left of the life, rounded;
 * what is rounded is what the next year starts from.
 *
 * @param rates a year each, in thousandths of a percent; they come to the whole
 * @param parts how much of each year lies within the life, in {@link YearParts}
 */
public record Recovery(List<Integer> rates, List<Integer> parts) {
    /** The whole basis, in thousandths of a percent. */
    public static final int WHOLE = 100_000;

    private static final Map<Key, Recovery> FOUND = new ConcurrentHashMap<>();
    private static final int NONRESIDENTIAL = 39 * YearParts.YEAR;
    private static final int LONG_LIFE = 20 * YearParts.YEAR;
    private static final int NONRESIDENTIAL_YEAR = 2564;
    private static final int NONRESIDENTIAL_HALF_MONTH = 107;

    /**
     * What decides on a table.
     *
     * @param life the recovery period, in {@link YearParts}
     * @param factor of declining balance, in percent of the straight line; 0 for the straight line alone
     * @param first the part of the first year that counts
     */
    public record Key(int life, int factor, int first) {}

    /** Keeps its own copies. */
    public Recovery {
        rates = List.copyOf(rates);
        parts = List.copyOf(parts);
    }

    /** The table of a life, a method and a first year. */
    public static Recovery of(Key key) {
        return FOUND.computeIfAbsent(key, Recovery::find);
    }

    /** How many tax years it reaches into. */
    public int years() {
        return rates.size();
    }

    /** The rate of a year, from 1; nothing after the last. */
    public int rate(int year) {
        return year >= 1 && year <= rates.size() ? rates.get(year - 1) : 0;
    }

    /** How much of a year, from 1, lies within the life. */
    public int part(int year) {
        return year >= 1 && year <= parts.size() ? parts.get(year - 1) : 0;
    }

    private static Recovery find(Key key) {
        if (key.life() == NONRESIDENTIAL && key.factor() == 0 && isHalfMonth(key.first())) {
            return nonresidential(key.first());
        }
        List<Integer> rates = new ArrayList<>();
        List<Integer> parts = new ArrayList<>();
        // to hundredths of a percent, and to thousandths from twenty years on, as the tables print them
        int step = key.life() < LONG_LIFE ? 10 : 1;
        int left = WHOLE;
        int share = key.first();
        int life = key.life();
        while (life > 0) {
            int part = Math.min(share, life);
            int rate = life <= share && !rates.isEmpty()
                    ? left
                    : Math.max(
                            rounded((long) left * part, life, step),
                            rounded((long) left * key.factor() * part, 100L * key.life(), step));
            rates.add(PrintedRates.of(key, rates.size() + 1, rate));
            parts.add(part);
            left -= rate;
            life -= part;
            share = YearParts.YEAR;
        }
        return new Recovery(rates, parts);
    }

    private static boolean isHalfMonth(int first) {
        return first % YearParts.MONTH == YearParts.HALF_MONTH;
    }

    /** Table A-7a is printed in multiples of the rate of half a month, which the rule above does not give. */
    private static Recovery nonresidential(int first) {
        List<Integer> rates = new ArrayList<>();
        List<Integer> parts = new ArrayList<>();
        int halves = first / YearParts.HALF_MONTH;
        int last = YearParts.YEAR / YearParts.HALF_MONTH - halves;
        rates.add(NONRESIDENTIAL_HALF_MONTH * halves);
        parts.add(first);
        for (int year = 2; year <= 39; year++) {
            rates.add(NONRESIDENTIAL_YEAR);
            parts.add(YearParts.YEAR);
        }
        rates.add(NONRESIDENTIAL_HALF_MONTH * last);
        parts.add(YearParts.YEAR - first);
        return new Recovery(rates, parts);
    }

    /** To the nearest multiple of a step, half up. */
    private static int rounded(long numerator, long denominator, int step) {
        long whole = denominator * step;
        return (int) ((2 * numerator + whole) / (2 * whole)) * step;
    }
}
