package undersaw.form.formula;

import java.util.List;
import java.util.Set;
import undersaw.money.Money;

/**
 * One amount less another.
 *
 * @param whole what is reduced
 * @param less what is taken away
 */
public record Difference(Formula whole, Formula less) implements Formula {
    @Override
    public Money value(Figures figures) {
        return whole.value(figures).minus(less.value(figures));
    }

    @Override
    public String words() {
        return whole.bracketed() + " less " + less.bracketed();
    }

    @Override
    public String bracketed() {
        return "(" + words() + ")";
    }

    @Override
    public Set<Input> reads() {
        return Formulas.readsOf(List.of(whole, less));
    }

    @Override
    public String cell(Cells cells) {
        return "(" + whole.cell(cells) + "-" + less.cell(cells) + ")";
    }
}
