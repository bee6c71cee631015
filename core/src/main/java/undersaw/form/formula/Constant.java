package undersaw.form.formula;

import java.util.Set;
import undersaw.money.Money;

/**
 * A fixed amount that no year's law changes.
 *
 * @param amount the amount
 */
public record Constant(Money amount) implements Formula {
    @Override
    public Money value(Figures figures) {
        return amount;
    }

    @Override
    public String words() {
        return amount.toString();
    }

    @Override
    public Set<Input> reads() {
        return Set.of();
    }

    @Override
    public String cell(Cells cells) {
        return amount.toString();
    }
}
