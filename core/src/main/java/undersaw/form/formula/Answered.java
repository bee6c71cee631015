package undersaw.form.formula;

import java.util.Set;
import undersaw.line.LineId;

/**
 * A question that was answered one way.
 *
 * @param line the question
 * @param answer the answer that is asked for, such as {@code yes}
 */
public record Answered(LineId line, String answer) implements Condition {
    @Override
    public boolean holds(Figures figures) {
        return figures.answer(line).equals(answer);
    }

    @Override
    public String words() {
        return "line " + line + " says " + answer;
    }

    @Override
    public String negated() {
        return "line " + line + " does not say " + answer;
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfLine(line));
    }

    @Override
    public String cell(Cells cells) {
        return cells.of(line) + "=\"" + answer + "\"";
    }
}
