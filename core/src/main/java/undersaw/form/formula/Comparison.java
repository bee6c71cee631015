package undersaw.form.formula;

import java.util.List;
import java.util.Set;

/**
 * One amount measured against another.
 *
 * @param left the amount that is measured
 * @param sign how
 * @param right what it is measured against
 */
public record Comparison(Formula left, Sign sign, Formula right) implements Condition {
    /** How two amounts are measured. */
    public enum Sign {
        AT_LEAST("is at least", ">="),
        BELOW("is below", "<"),
        NOT_EQUAL("is not", "<>"),
        EQUAL("is", "=");

        private final String words;
        private final String cell;

        Sign(String words, String cell) {
            this.words = words;
            this.cell = cell;
        }
    }

    @Override
    public boolean holds(Figures figures) {
        int order = left.value(figures).compareTo(right.value(figures));
        return switch (sign) {
            case AT_LEAST -> order >= 0;
            case BELOW -> order < 0;
            case NOT_EQUAL -> order != 0;
            case EQUAL -> order == 0;
        };
    }

    @Override
    public String words() {
        return left.bracketed() + " " + sign.words + " " + right.bracketed();
    }

    @Override
    public Set<Input> reads() {
        return Formulas.readsOf(List.of(left, right));
    }

    @Override
    public String cell(Cells cells) {
        return left.cell(cells) + sign.cell + right.cell(cells);
    }
}
