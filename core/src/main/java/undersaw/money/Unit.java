package undersaw.money;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * In what amounts are given: a currency, and how many of its decimals; all roundings are half up, away from zero.
 *
 * @param currency its code by ISO 4217
 * @param decimals 0 for whole units, 2 for hundredths
 */
public record Unit(String currency, int decimals) {
    /** Whole dollars, as on federal returns. */
    public static final Unit DOLLARS = new Unit("USD", 0);

    /** Dollars and cents, as in registers and periodic returns. */
    public static final Unit CENTS = new Unit("USD", 2);

    /**
     * Checks the decimals.
     *
     * @throws IllegalArgumentException when there are others than an amount can keep
     */
    public Unit {
        if (decimals != 0 && decimals != 2) {
            throw new IllegalArgumentException("found " + decimals + " decimals of " + currency + ", expected 0 or 2");
        }
    }

    /** The amount rounded to this unit. */
    public Money rounded(Money amount) {
        return decimals == 2 ? amount : amount.roundedToDollars();
    }

    /** An exact amount rounded once, straight to this unit. */
    public Money rounded(BigDecimal exact) {
        return Money.ofCents(
                exact.setScale(decimals, RoundingMode.HALF_UP).movePointRight(2).longValueExact());
    }

    /** How many units the amount is, rounded. */
    public long units(Money amount) {
        return decimals == 2 ? amount.cents() : amount.roundedToDollars().dollars();
    }

    /** The amount of so many units. */
    public Money of(long units) {
        return decimals == 2 ? Money.ofCents(units) : Money.ofDollars(units);
    }
}
