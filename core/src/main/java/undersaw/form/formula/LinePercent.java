package undersaw.form.formula;

import java.math.BigDecimal;
import java.util.Set;
import undersaw.line.LineId;
import undersaw.money.Percent;

/**
 * The percentage on a line.
 *
 * @param line the line that is read
 */
public record LinePercent(LineId line) implements Ratio {
    private static final Percent NONE = new Percent(BigDecimal.ZERO);

    @Override
    public Percent value(Figures figures) {
        String text = figures.answer(line);
        return text.matches("\\d{1,3}(\\.\\d{1,6})?") ? Percent.of(text) : NONE;
    }

    @Override
    public String words() {
        return "line " + line;
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfLine(line));
    }

    /** What is typed stands in the workbook as text. */
    @Override
    public String cell(Cells cells) {
        return "IFERROR(VALUE(" + cells.of(line) + "),0)";
    }
}
