package undersaw.form.formula;

import java.util.Set;
import undersaw.line.LineId;

/**
 * The whole number on a line.
 *
 * @param line the line that is read
 */
public record LineCount(LineId line) implements Count {
    @Override
    public long value(Figures figures) {
        String text = figures.answer(line);
        return text.matches("\\d{1,18}") ? Long.parseLong(text) : 0;
    }

    @Override
    public String words() {
        return "line " + line;
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfLine(line));
    }

    @Override
    public String cell(Cells cells) {
        return "IFERROR(VALUE(" + cells.of(line) + "),0)";
    }
}
