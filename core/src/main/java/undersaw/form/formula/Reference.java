package undersaw.form.formula;

import java.util.Set;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * The amount of another line.
 *
 * @param line the line that is read
 */
public record Reference(LineId line) implements Formula {
    @Override
    public Money value(Figures figures) {
        return figures.amount(line);
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
        return cells.of(line);
    }

    @Override
    public String number(Cells cells) {
        return cells.of(line) + "+0";
    }
}
