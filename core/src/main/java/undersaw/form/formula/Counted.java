package undersaw.form.formula;

import java.util.Set;

/**
 * A whole number that a rule finds, such as months between days.
 *
 * @param way how it is found
 */
public record Counted(Way way) implements Count {
    /** How a number is found. */
    public interface Way {
        long value(Figures figures);

        /** The rule in words. */
        String words();

        Set<Input> reads();
    }

    @Override
    public long value(Figures figures) {
        return way.value(figures);
    }

    @Override
    public String words() {
        return way.words();
    }

    @Override
    public Set<Input> reads() {
        return way.reads();
    }

    @Override
    public String cell(Cells cells) {
        return cells.counted(this);
    }
}
