package undersaw.us.passthrough;

import static undersaw.form.formula.Formulas.sum;

import java.util.ArrayList;
import java.util.List;
import undersaw.form.Line;
import undersaw.form.formula.Formula;

/** The deductions of page 1, gathered while the page is put together. */
public final class Deductions {
    private final List<Line> lines = new ArrayList<>();

    /** Counts a line as one of them. */
    public Line add(Line line) {
        lines.add(line);
        return line;
    }

    /** What they come to. */
    public Formula total() {
        return sum(lines);
    }

    /** What all but one come to. */
    public Formula without(Line one) {
        return sum(lines.stream().filter(line -> !line.equals(one)).toList());
    }

    /** Those that accounts alone lead to. */
    public List<Line> ofBooks() {
        return lines.stream().filter(Line::isBooksOnly).toList();
    }
}
