package undersaw.form.formula;

import java.util.Set;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * What a line would hold had nobody typed over it.
 *
 * @param line the line that is read
 */
public record Unreplaced(LineId line) implements Formula {
    @Override
    public Money value(Figures figures) {
        return figures.unreplaced(line);
    }

    @Override
    public String words() {
        return "line " + line + " before anyone typed over it";
    }

    @Override
    public String bracketed() {
        return "(" + words() + ")";
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfLine(line));
    }

    @Override
    public String cell(Cells cells) {
        return cells.unreplaced(line);
    }
}
