package undersaw.form.formula;

import java.util.Set;
import undersaw.law.LawKey;
import undersaw.money.Percent;

/**
 * A percentage that the law fixes for the year.
 *
 * @param share which percentage
 */
public record LawPercent(LawKey share) implements Ratio {
    @Override
    public Percent value(Figures figures) {
        return figures.law().percent(share);
    }

    @Override
    public String words() {
        return share.words();
    }

    @Override
    public String taken() {
        return words() + " times";
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
