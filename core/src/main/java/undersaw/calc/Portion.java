package undersaw.calc;

import undersaw.money.Money;
import undersaw.money.Percent;

/** Which part of an account's balance a posting brings, so that a workbook can repeat it as a live formula. */
public enum Portion {
    OPENING,
    CLOSING,
    /** Half of the closing balance, rounded to cents. */
    HALF,
    /** The closing balance less its half. */
    REST_OF_HALF,
    /** An amount that comes from elsewhere. */
    FIXED;

    private static final Percent ONE_HALF = Percent.of("50");

    /** The half of a balance, rounded to cents. */
    public static Money half(Money balance) {
        return balance.times(ONE_HALF);
    }
}
