package undersaw.form.formula;

import java.util.Set;
import undersaw.law.LawKey;
import undersaw.money.Money;

/**
 * A percentage that the law fixes for the year, as a figure of its own: 23.3 percent is 23.30.
 *
 * @param share which percentage, with at most two places
 */
public record LawPercent(LawKey share) implements Formula {
    @Override
    public Money value(Figures figures) {
        return Money.parse(figures.law().percent(share).value().toPlainString());
    }

    @Override
    public String words() {
        return share.words();
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfLaw(share));
    }

    @Override
    public String cell(Cells cells) {
        return cells.law(share);
    }
}
