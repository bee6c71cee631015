package undersaw.form.formula;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import undersaw.line.LineId;

/**
 * A line that holds one of some words.
 *
 * @param line the line
 * @param answers the words, one at least
 */
public record AnyOf(LineId line, List<String> answers) implements Condition {
    /** Keeps its own copy. */
    public AnyOf {
        answers = List.copyOf(answers);
    }

    @Override
    public boolean holds(Figures figures) {
        return answers.contains(figures.answer(line));
    }

    @Override
    public String words() {
        return "line " + line + " says " + String.join(" or ", answers);
    }

    @Override
    public String negated() {
        return "line " + line + " says none of " + String.join(", ", answers);
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfLine(line));
    }

    @Override
    public String cell(Cells cells) {
        return answers.stream()
                .map(word -> cells.of(line) + "=\"" + word + "\"")
                .collect(Collectors.joining(",", "OR(", ")"));
    }
}
