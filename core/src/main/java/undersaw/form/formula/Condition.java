package undersaw.form.formula;

import java.util.List;
import java.util.Set;

/** Something about a return that holds or does not. */
public sealed interface Condition permits All, Answered, Any, Comparison, HeldOverAYear, NotAnyOf {
    boolean holds(Figures figures);

    String words();

    Set<Input> reads();

    /** The condition as a spreadsheet expression. */
    String cell(Cells cells);

    default Condition or(Condition other) {
        return new Any(List.of(this, other));
    }

    default Condition and(Condition other) {
        return new All(List.of(this, other));
    }
}
