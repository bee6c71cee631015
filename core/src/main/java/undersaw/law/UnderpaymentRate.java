package undersaw.law;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.temporal.IsoFields;

/**
 * The yearly rate of interest on underpaid tax, by calendar quarter (IRC 6621(a)(2)).
 *
 * <p>For a quarter whose rate is not held the last one that is stands in.
 */
public final class UnderpaymentRate {
    private static final String TABLE = "interest";
    private static final int QUARTERS = 4;

    private UnderpaymentRate() {}

    /** The rate on a day, in percent. */
    public static BigDecimal on(LocalDate day) {
        LocalDate quarter = day;
        while (!isHeld(quarter) && quarter.getYear() >= Law.FIRST_YEAR) {
            quarter = quarter.minusMonths(12 / QUARTERS);
        }
        return Law.of(quarter.getYear()).percent(key(quarter)).value();
    }

    /** Whether the rate of the day's quarter is held. */
    public static boolean isHeld(LocalDate day) {
        return Law.holds(day.getYear()) && Law.of(day.getYear()).has(key(day));
    }

    private static LawKey key(LocalDate day) {
        int quarter = day.get(IsoFields.QUARTER_OF_YEAR);
        return new LawKey(TABLE, "underpayment-q" + quarter, "the rate of interest on underpaid tax");
    }
}
