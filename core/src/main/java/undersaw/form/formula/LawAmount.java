package undersaw.form.formula;

import java.util.Set;
import undersaw.law.LawKey;
import undersaw.money.Money;

/**
 * An amount that the law fixes for the year.
 *
 * @param key which amount
 */
public record LawAmount(LawKey key) implements Formula {
    @Override
    public Money value(Figures figures) {
        return figures.law().amount(key);
    }

    @Override
    public String words() {
        return key.words();
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfLaw(key));
    }

    @Override
    public String cell(Cells cells) {
        return cells.law(key);
    }
}
