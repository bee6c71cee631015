package undersaw.form.formula;

import java.math.BigDecimal;
import java.util.Set;

/**
 * What one member has of what is found for all members at once.
 *
 * @param division how it is found
 */
public record DividedQuantity(Division division) implements Quantity {
    static final int DECIMALS = 6;

    @Override
    public BigDecimal value(Figures figures) {
        return BigDecimal.valueOf(figures.part(division), DECIMALS);
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
