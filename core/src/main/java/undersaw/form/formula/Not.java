package undersaw.form.formula;

import java.util.Set;

/**
 * A condition that must not hold.
 *
 * @param condition what must not hold
 */
public record Not(Condition condition) implements Condition {
    @Override
    public boolean holds(Figures figures) {
        return !condition.holds(figures);
    }

    @Override
    public String words() {
        return condition.negated();
    }

    @Override
    public String negated() {
        return condition.words();
    }

    @Override
    public Set<Input> reads() {
        return condition.reads();
    }

    @Override
    public String cell(Cells cells) {
        return "NOT(" + condition.cell(cells) + ")";
    }
}
