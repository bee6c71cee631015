package undersaw.form.formula;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import undersaw.line.LineId;

/**
 * A line that holds none of some words.
 *
 * @param line the line
 * @param refused the words
 */
public record NotAnyOf(LineId line, List<String> refused) implements Condition {
    /** Keeps its own copy. */
    public NotAnyOf {
        refused = List.copyOf(refused);
    }

    @Override
    public boolean holds(Figures figures) {
        return !refused.contains(figures.answer(line));
    }

    @Override
    public String words() {
        return "line " + line + " says none of " + String.join(", ", refused);
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfLine(line));
    }

    @Override
    public String cell(Cells cells) {
        return refused.stream()
                .map(word -> cells.of(line) + "<>\"" + word + "\"")
                .collect(Collectors.joining(",", "AND(", ")"));
    }
}
