package undersaw.form.formula;

import java.util.Set;
import undersaw.money.Money;

/**
 * A member's part of an amount that is divided among all.
 *
 * @param division how it is divided
 */
public record Divided(Division division) implements Formula {
    @Override
    public Money value(Figures figures) {
        return Money.ofCents(figures.part(division));
    }

    @Override
    public String words() {
        return division.words();
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfDivision(division));
    }

    @Override
    public String cell(Cells cells) {
        return cells.divided(division);
    }
}
