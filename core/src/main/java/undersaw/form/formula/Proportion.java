package undersaw.form.formula;

import java.util.List;
import java.util.Set;
import undersaw.money.Money;

/**
 * So many parts of an amount, where another line says how many, rounded half up to whole dollars.
 *
 * @param base the amount
 * @param part how many parts count
 * @param whole of how many parts, more than zero
 */
public record Proportion(Formula base, Formula part, long whole) implements Formula {
    @Override
    public Money value(Figures figures) {
        return Fraction.divided(
                base.value(figures).toDecimal().multiply(part.value(figures).toDecimal()), whole);
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
        return "ROUND(" + base.cell(cells) + "*" + part.cell(cells) + "/" + whole + ",0)";
    }
}
