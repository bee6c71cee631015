package undersaw.form.formula;

import java.math.BigDecimal;
import java.util.HashSet;
import java.util.Set;
import undersaw.money.Percent;

/**
 * A percentage that counts while a condition holds.
 *
 * @param ratio the percentage
 * @param condition what must hold; zero percent where it does not
 */
public record OnlyWhen(Ratio ratio, Condition condition) implements Ratio {
    @Override
    public Percent value(Figures figures) {
        return condition.holds(figures) ? ratio.value(figures) : new Percent(BigDecimal.ZERO);
    }

    @Override
    public String words() {
        return ratio.words() + " if " + condition.words() + ", otherwise 0";
    }

    @Override
    public String bracketed() {
        return "(" + words() + ")";
    }

    @Override
    public Set<Input> reads() {
        Set<Input> reads = new HashSet<>(ratio.reads());
        reads.addAll(condition.reads());
        return reads;
    }

    @Override
    public String cell(Cells cells) {
        return "IF(" + condition.cell(cells) + "," + ratio.cell(cells) + ",0)";
    }
}
