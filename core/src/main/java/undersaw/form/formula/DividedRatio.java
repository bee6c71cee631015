package undersaw.form.formula;

import java.math.BigDecimal;
import java.util.Set;
import undersaw.money.Percent;

/**
 * A member's percentage of what all have together.
 *
 * @param division how it is found, for all members at once
 */
public record DividedRatio(Division division) implements Ratio {
    @Override
    public Percent value(Figures figures) {
        return new Percent(BigDecimal.valueOf(figures.part(division), DividedQuantity.DECIMALS));
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
