package undersaw.money;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Collection;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * An amount of United States money in whole cents.
 *
 * <p>Two roundings exist, each by its name and both half up, away from zero: to cents (inside {@link #times}) and to
 * whole dollars ({@link #roundedToDollars}). Arithmetic that leaves the range of a long throws, it never wraps.
 *
 * @param cents the amount in cents; negative for amounts below zero
 */
public record Money(long cents) implements Comparable<Money> {
    /** Nothing. */
    public static final Money ZERO = new Money(0);

    private static final Pattern PLAIN = Pattern.compile("-?\\d{1,15}(\\.\\d{1,2})?");

    /** Amount of so many cents. */
    public static Money ofCents(long cents) {
        return cents == 0 ? ZERO : new Money(cents);
    }

    /** Amount of so many whole dollars. */
    public static Money ofDollars(long dollars) {
        return ofCents(Math.multiplyExact(dollars, 100L));
    }

    /**
     * Reads a plain decimal such as {@code 12500.00} or {@code -3.5}: no grouping, no currency sign.
     *
     * @throws IllegalArgumentException when the text has any other shape
     */
    public static Money parse(String text) {
        if (!isPlain(text)) {
            throw new IllegalArgumentException("found \"" + text + "\", expected a plain decimal such as 12500.00");
        }
        return ofCents(new BigDecimal(text).movePointRight(2).longValueExact());
    }

    /** Whether {@link #parse} reads the text. */
    public static boolean isPlain(String text) {
        return PLAIN.matcher(text).matches();
    }

    /** Exact sum of the amounts. */
    public static Money sum(Collection<Money> amounts) {
        long total = 0;
        for (Money amount : amounts) {
            total = Math.addExact(total, amount.cents);
        }
        return ofCents(total);
    }

    public Money plus(Money other) {
        return other.cents == 0 ? this : ofCents(Math.addExact(cents, other.cents));
    }

    public Money minus(Money other) {
        return other.cents == 0 ? this : ofCents(Math.subtractExact(cents, other.cents));
    }

    public Money negated() {
        return ofCents(Math.negateExact(cents));
    }

    public Money abs() {
        return cents < 0 ? negated() : this;
    }

    /** This amount, or nothing when it is below zero. */
    public Money notBelowZero() {
        return cents < 0 ? ZERO : this;
    }

    public Money min(Money other) {
        return cents <= other.cents ? this : other;
    }

    public Money max(Money other) {
        return cents >= other.cents ? this : other;
    }

    /** The share of this amount, rounded to cents half up, away from zero. */
    public Money times(Percent share) {
        return ofCents(BigDecimal.valueOf(cents)
                .multiply(share.fraction())
                .setScale(0, RoundingMode.HALF_UP)
                .longValueExact());
    }

    /** Rounded to whole dollars half up, away from zero. */
    public Money roundedToDollars() {
        return ofCents(BigDecimal.valueOf(cents, 2)
                .setScale(0, RoundingMode.HALF_UP)
                .movePointRight(2)
                .longValueExact());
    }

    /** The share of this amount rounded once, straight to whole dollars. */
    public Money timesInDollars(Percent share) {
        return ofCents(BigDecimal.valueOf(cents, 2)
                .multiply(share.fraction())
                .setScale(0, RoundingMode.HALF_UP)
                .movePointRight(2)
                .longValueExact());
    }

    /**
     * The amount in whole dollars.
     *
     * @throws ArithmeticException when there are cents
     */
    /** The amount in dollars with its cents. */
    public BigDecimal toDecimal() {
        return BigDecimal.valueOf(cents, 2);
    }

    public long dollars() {
        if (cents % 100 != 0) {
            throw new ArithmeticException("the amount " + this + " has cents, whole dollars were expected");
        }
        return cents / 100;
    }

    public boolean isZero() {
        return cents == 0;
    }

    public boolean isNegative() {
        return cents < 0;
    }

    public boolean isPositive() {
        return cents > 0;
    }

    @Override
    public int compareTo(Money other) {
        return Long.compare(cents, other.cents);
    }

    /** For reading: thousands separated, cents only where there are any, negatives in parentheses. */
    public String printed() {
        String digits = String.format(Locale.ROOT, "%,d", Math.abs(cents / 100));
        String whole = cents % 100 == 0 ? digits : digits + String.format(Locale.ROOT, ".%02d", Math.abs(cents % 100));
        return cents < 0 ? "(" + whole + ")" : whole;
    }

    /** For reading books: thousands separated, always with cents, negatives in parentheses. */
    public String printedWithCents() {
        String digits = String.format(Locale.ROOT, "%,d.%02d", Math.abs(cents / 100), Math.abs(cents % 100));
        return cents < 0 ? "(" + digits + ")" : digits;
    }

    /** Plain decimal with a point: {@code 1234.50}, or {@code 1234} where there are no cents. */
    @Override
    public String toString() {
        BigDecimal decimal = BigDecimal.valueOf(cents, 2);
        return (cents % 100 == 0 ? decimal.setScale(0, RoundingMode.UNNECESSARY) : decimal).toPlainString();
    }
}
