package undersaw.form.formula;

import java.util.List;
import java.util.Set;
import undersaw.money.Money;

/**
 * A percentage, of the law or of the return, taken of an amount and rounded to the unit of the line.
 *
 * @param ratio the percentage
 * @param base what it is taken of
 */
public record PercentOf(Ratio ratio, Formula base) implements Formula {
    @Override
    public Money value(Figures figures) {
        return figures.unit()
                .rounded(base.value(figures)
                        .toDecimal()
                        .multiply(ratio.value(figures).fraction()));
    }

    @Override
    public String words() {
        return ratio.taken() + " " + base.bracketed();
    }

    @Override
    public String bracketed() {
        return "(" + words() + ")";
    }

    @Override
    public Set<Input> reads() {
        return Formulas.readsOf(List.of(ratio, base));
    }

    @Override
    public String cell(Cells cells) {
        return cells.rounded(base.cell(cells) + "*" + ratio.cell(cells) + "/100");
    }
}
