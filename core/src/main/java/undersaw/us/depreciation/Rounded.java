package undersaw.us.depreciation;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Whole dollars, half up, away from zero. */
final class Rounded {
    private Rounded() {}

    /** So many parts of an amount, of a whole; neither of them below zero. */
    static long share(long amount, long part, long whole) {
        long high = Math.multiplyHigh(amount, part);
        long low = amount * part;
        if (high == 0 && low >= 0 && low < Long.MAX_VALUE / 4) {
            return (2 * low + whole) / (2 * whole);
        }
        return BigDecimal.valueOf(amount)
                .multiply(BigDecimal.valueOf(part))
                .divide(BigDecimal.valueOf(whole), 0, RoundingMode.HALF_UP)
                .longValueExact();
    }

    /** A percentage of an amount. */
    static long percent(long amount, BigDecimal percent) {
        return BigDecimal.valueOf(amount)
                .multiply(percent)
                .movePointLeft(2)
                .setScale(0, RoundingMode.HALF_UP)
                .longValueExact();
    }
}
