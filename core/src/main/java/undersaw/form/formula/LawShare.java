package undersaw.form.formula;

import java.util.HashSet;
import java.util.Set;
import undersaw.law.LawKey;
import undersaw.money.Money;

/**
 * A share that the law fixes, taken of an amount and rounded to the unit of the line.
 *
 * @param share the law's percentage
 * @param base what it is taken of
 */
public record LawShare(LawKey share, Formula base) implements Formula {
    @Override
    public Money value(Figures figures) {
        return figures.unit()
                .rounded(base.value(figures)
                        .toDecimal()
                        .multiply(figures.law().percent(share).fraction()));
    }

    @Override
    public String words() {
        return share.words() + " times " + base.bracketed();
    }

    @Override
    public String bracketed() {
        return "(" + words() + ")";
    }

    @Override
    public Set<Input> reads() {
        Set<Input> reads = new HashSet<>(base.reads());
        reads.add(new Input.OfLaw(share));
        return reads;
    }

    @Override
    public String cell(Cells cells) {
        return cells.rounded(base.cell(cells) + "*" + cells.law(share) + "/100");
    }
}
