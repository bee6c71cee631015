package undersaw.form.formula;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Several conditions that must hold together.
 *
 * @param conditions at least one
 */
public record All(List<Condition> conditions) implements Condition {
    /** Keeps its own copy. */
    public All {
        conditions = List.copyOf(conditions);
    }

    @Override
    public boolean holds(Figures figures) {
        for (Condition condition : conditions) {
            if (!condition.holds(figures)) {
                return false;
            }
        }
        return true;
    }

    @Override
    public String words() {
        return conditions.stream()
                .map(condition -> condition instanceof Any ? "(" + condition.words() + ")" : condition.words())
                .collect(Collectors.joining(" and "));
    }

    @Override
    public Set<Input> reads() {
        return Condition.readsOf(conditions);
    }

    @Override
    public String cell(Cells cells) {
        return conditions.stream()
                .map(condition -> condition.cell(cells))
                .collect(Collectors.joining(",", "AND(", ")"));
    }
}
