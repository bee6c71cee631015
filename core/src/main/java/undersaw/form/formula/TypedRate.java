package undersaw.form.formula;

import java.math.BigDecimal;
import java.util.Set;
import undersaw.line.LineId;
import undersaw.money.Percent;

/**
 * A rate that a person types, as a percentage or as a share of one: 24 and 0.24 are the same. Nothing where no number
 * is typed.
 *
 * @param line the line that is read
 */
public record TypedRate(LineId line) implements Ratio {
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    @Override
    public Percent value(Figures figures) {
        String text = figures.answer(line);
        BigDecimal typed = text.matches("\\d{1,3}(\\.\\d{1,6})?") ? new BigDecimal(text) : BigDecimal.ZERO;
        return new Percent(typed.compareTo(BigDecimal.ONE) <= 0 ? typed.multiply(HUNDRED) : typed);
    }

    @Override
    public String words() {
        return "line " + line;
    }

    @Override
    public String taken() {
        return words() + " times";
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfLine(line));
    }

    /** What is typed stands in the workbook as text. */
    @Override
    public String cell(Cells cells) {
        String typed = "VALUE(" + cells.of(line) + ")";
        return "IFERROR(IF(" + typed + "<=1," + typed + "*100," + typed + "),0)";
    }
}
