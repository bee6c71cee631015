package undersaw.form.formula;

import java.util.Set;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * The total of a repeating line's rows in whole dollars.
 *
 * @param line the line that repeats
 */
public record RowTotal(LineId line) implements Formula {
    @Override
    public Money value(Figures figures) {
        return figures.rowTotal(line);
    }

    @Override
    public String words() {
        return "the rows of line " + line;
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfLine(line));
    }

    @Override
    public String cell(Cells cells) {
        return cells.rowTotal(line);
    }
}
