package undersaw.form.formula;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Something about a return that holds or does not. */
public sealed interface Condition permits All, Answered, Any, AnyOf, Comparison, CountAtLeast, HeldOverAYear, Not {
    boolean holds(Figures figures);

    String words();

    /** The words for its opposite. */
    default String negated() {
        return "it is not so that " + words();
    }

    Set<Input> reads();

    /** The condition as a spreadsheet expression. */
    String cell(Cells cells);

    default Condition not() {
        return new Not(this);
    }

    default Condition or(Condition other) {
        return new Any(List.of(this, other));
    }

    /** All that several conditions depend on. */
    static Set<Input> readsOf(List<Condition> conditions) {
        return conditions.stream()
                .flatMap(condition -> condition.reads().stream())
                .collect(Collectors.toUnmodifiableSet());
    }

    default Condition and(Condition other) {
        return new All(List.of(this, other));
    }
}
