package undersaw.form.formula;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Set;
import undersaw.money.Money;

/**
 * An amount times one amount over another, exact until it is rounded once; nothing where the divisor is nothing.
 *
 * @param base what is taken in part
 * @param part the part
 * @param whole what it is a part of
 */
public record Prorated(Formula base, Formula part, Formula whole) implements Formula {
    private static final int DIGITS = 20;

    @Override
    public Money value(Figures figures) {
        Money divisor = whole.value(figures);
        if (divisor.isZero()) {
            return Money.ZERO;
        }
        BigDecimal exact = base.value(figures)
                .toDecimal()
                .multiply(part.value(figures).toDecimal())
                .divide(divisor.toDecimal(), DIGITS, RoundingMode.HALF_UP);
        return figures.unit().rounded(exact);
    }

    @Override
    public String words() {
        return base.bracketed() + " times " + part.bracketed() + " over " + whole.bracketed();
    }

    @Override
    public String bracketed() {
        return "(" + words() + ")";
    }

    @Override
    public Set<Input> reads() {
        return Formulas.readsOf(List.of(base, part, whole));
    }

    @Override
    public String cell(Cells cells) {
        String divisor = whole.cell(cells);
        return "IF(" + divisor + "=0,0,"
                + cells.rounded("(" + base.cell(cells) + ")*(" + part.cell(cells) + ")/(" + divisor + ")") + ")";
    }
}
