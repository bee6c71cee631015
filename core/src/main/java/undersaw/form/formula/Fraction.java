package undersaw.form.formula;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Set;
import undersaw.money.Money;

/**
 * A fixed fraction of an amount, rounded half up to the unit of the line.
 *
 * @param numerator what the amount is multiplied with
 * @param denominator what it is divided by, more than zero
 * @param base the amount
 */
public record Fraction(long numerator, long denominator, Formula base) implements Formula {
    private static final int SCALE = 8;

    @Override
    public Money value(Figures figures) {
        return divided(base.value(figures).toDecimal().multiply(BigDecimal.valueOf(numerator)), denominator, figures);
    }

    /** A quotient rounded half up to the unit of the line. */
    static Money divided(BigDecimal amount, long by, Figures figures) {
        return figures.unit().rounded(amount.divide(BigDecimal.valueOf(by), SCALE, RoundingMode.HALF_UP));
    }

    @Override
    public String words() {
        return (denominator == 1 ? numerator + " times " : numerator + "/" + denominator + " of ") + base.bracketed();
    }

    @Override
    public String bracketed() {
        return "(" + words() + ")";
    }

    @Override
    public Set<Input> reads() {
        return base.reads();
    }

    @Override
    public String cell(Cells cells) {
        return cells.rounded(base.cell(cells) + "*" + numerator + "/" + denominator);
    }
}
