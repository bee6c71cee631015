package undersaw.form.formula;

import java.util.List;
import java.util.Set;
import undersaw.money.Money;

/**
 * An amount that a rule finds which sums and shares cannot say, such as interest by days.
 *
 * @param rule how it is found
 */
public record Worked(Rule rule) implements Formula {
    /** How an amount is found. */
    public interface Rule {
        Money value(Figures figures);

        /** The rule in words. */
        String words();

        Set<Input> reads();

        /** How the amount was found, step by step, in sentences. */
        default List<String> steps(Figures figures) {
            return List.of();
        }
    }

    @Override
    public Money value(Figures figures) {
        return rule.value(figures);
    }

    @Override
    public String words() {
        return rule.words();
    }

    @Override
    public Set<Input> reads() {
        return rule.reads();
    }

    @Override
    public String cell(Cells cells) {
        return cells.worked(this);
    }
}
