package undersaw.form.formula;

import java.time.LocalDate;
import java.util.Set;
import undersaw.line.LineId;

/**
 * Property held for more than a year: the day of acquisition is left out, the day of sale counts (IRC 1222; Rev. Rul.
 * 66-7, from memory).
 *
 * @param acquired the line that holds the first date
 * @param sold the line that holds the second
 */
public record HeldOverAYear(LineId acquired, LineId sold) implements Condition {
    @Override
    public boolean holds(Figures figures) {
        LocalDate from = figures.day(acquired);
        if (from == null) {
            // what is inherited counts as held for more than a year (IRC 1223(9))
            return figures.answer(acquired).equals("inherited");
        }
        LocalDate until = figures.day(sold);
        return until != null && between(from, until);
    }

    /** Whether more than a year lies between the two days. */
    public static boolean between(LocalDate acquired, LocalDate sold) {
        return sold.isAfter(acquired.plusYears(1));
    }

    @Override
    public String words() {
        return "line " + sold + " is more than a year after line " + acquired;
    }

    @Override
    public String negated() {
        return "line " + sold + " is no more than a year after line " + acquired;
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfLine(acquired), new Input.OfLine(sold));
    }

    /** Dates stand in the workbook as text in the order year, month, day. */
    @Override
    public String cell(Cells cells) {
        String from = cells.of(acquired);
        return "OR(" + from + "=\"inherited\",IFERROR(" + cells.of(sold) + ">(VALUE(LEFT(" + from + ",4))+1)&MID("
                + from + ",5,6),FALSE()))";
    }
}
