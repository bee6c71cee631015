package undersaw.form.formula;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Several conditions of which one must hold.
 *
 * @param conditions at least one
 */
public record Any(List<Condition> conditions) implements Condition {
    /** Keeps its own copy. */
    public Any {
        conditions = List.copyOf(conditions);
    }

    @Override
    public boolean holds(Figures figures) {
        for (Condition condition : conditions) {
            if (condition.holds(figures)) {
                return true;
            }
        }
        return false;
    }

    @Override
    public String words() {
        return conditions.stream()
                .map(condition -> condition instanceof All ? "(" + condition.words() + ")" : condition.words())
                .collect(Collectors.joining(" or "));
    }

    @Override
    public Set<Input> reads() {
        return Condition.readsOf(conditions);
    }

    @Override
    public String cell(Cells cells) {
        return conditions.stream().map(condition -> condition.cell(cells)).collect(Collectors.joining(",", "OR(", ")"));
    }
}
