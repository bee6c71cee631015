package undersaw.form.formula;

import java.util.Set;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * What accounts bring to a line: exact cents summed, then rounded once to the unit of the line.
 *
 * @param line the line that the accounts feed
 */
public record Posted(LineId line) implements Formula {
    @Override
    public Money value(Figures figures) {
        return figures.unit().rounded(figures.posted(line));
    }

    @Override
    public String words() {
        return "the accounts of line " + line;
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfAccounts(line));
    }

    @Override
    public String cell(Cells cells) {
        return cells.posted(line);
    }
}
