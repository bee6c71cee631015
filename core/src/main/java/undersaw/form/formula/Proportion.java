package undersaw.form.formula;

import java.math.BigDecimal;
import java.util.List;
import java.util.Set;
import undersaw.money.Money;

/**
 * So many parts of an amount, where another line says how many, rounded half up to the unit of the line.
 *
 * @param base the amount
 * @param part how many parts count
 * @param whole of how many parts, more than zero
 */
public record Proportion(Formula base, Count part, long whole) implements Formula {
    @Override
    public Money value(Figures figures) {
        return Fraction.divided(
                base.value(figures).toDecimal().multiply(BigDecimal.valueOf(part.value(figures))), whole, figures);
    }

    @Override
    public String words() {
        return base.bracketed() + " times " + part.bracketed() + " of " + whole;
    }

    @Override
    public String bracketed() {
        return "(" + words() + ")";
    }

    @Override
    public Set<Input> reads() {
        return Formulas.readsOf(List.of(base, part));
    }

    @Override
    public String cell(Cells cells) {
        return cells.rounded(base.cell(cells) + "*" + part.cell(cells) + "/" + whole);
    }
}
