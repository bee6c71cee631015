package undersaw.form.formula;

import java.util.Set;

/**
 * A count that reaches a number.
 *
 * @param count what is measured
 * @param number what it must reach
 */
public record CountAtLeast(Count count, long number) implements Condition {
    @Override
    public boolean holds(Figures figures) {
        return count.value(figures) >= number;
    }

    @Override
    public String words() {
        return count.bracketed() + " is at least " + number;
    }

    @Override
    public String negated() {
        return count.bracketed() + " is below " + number;
    }

    @Override
    public Set<Input> reads() {
        return count.reads();
    }

    @Override
    public String cell(Cells cells) {
        return count.cell(cells) + ">=" + number;
    }
}
