package undersaw.money;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A share written as a percentage.
 *
 * @param value percent, up to six decimals: 21 means twenty-one hundredths
 */
public record Percent(BigDecimal value) {
    /**
     * Checks the number of decimals.
     *
     * @throws IllegalArgumentException when there are more than six decimals
     */
    public Percent {
        value = value.stripTrailingZeros();
        if (value.scale() > 6) {
            throw new IllegalArgumentException("percent " + value + " has more than six decimals");
        }
    }

    /** Percentage from its text, such as {@code 23.3}. */
    public static Percent of(String text) {
        return new Percent(new BigDecimal(text));
    }

    /** The share as a fraction of one. */
    public BigDecimal fraction() {
        return value.movePointLeft(2);
    }

    /** How many percent one amount is of another, to one decimal; nothing of nothing is zero percent. */
    public static Percent ratio(Money part, Money whole) {
        if (whole.isZero()) {
            return new Percent(BigDecimal.ZERO);
        }
        return new Percent(BigDecimal.valueOf(part.cents())
                .multiply(BigDecimal.valueOf(100))
                .divide(BigDecimal.valueOf(whole.cents()), 1, RoundingMode.HALF_UP));
    }

    /** Plain number and sign: {@code 23.3%}. */
    @Override
    public String toString() {
        return value.toPlainString() + "%";
    }
}
