package undersaw.form.formula;

import java.util.Set;
import undersaw.money.Money;

/**
 * An amount that stands in a finer unit, rounded to the unit of the line that takes it over.
 *
 * @param exact the amount
 */
public record Rounded(Formula exact) implements Formula {
    @Override
    public Money value(Figures figures) {
        return figures.unit().rounded(exact.value(figures));
    }

    @Override
    public String words() {
        return exact.words() + ", rounded";
    }

    @Override
    public Set<Input> reads() {
        return exact.reads();
    }

    @Override
    public String cell(Cells cells) {
        return cells.rounded(exact.cell(cells));
    }
}
