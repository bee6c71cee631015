package undersaw.owners;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import undersaw.form.formula.Division;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.MemberFigures;
import undersaw.line.Dimension;
import undersaw.line.LineId;

/**
 * Divides a line of the return among its owners by what they held, in whole units that come to the line.
 *
 * @param line what is divided
 * @param positions what counts; shares count as a part of all shares of each day
 * @param rounding the line that names the owner who takes what rounding leaves
 */
public record ByHoldings(LineId line, Positions positions, LineId rounding) implements Division {
    /** By what was held on each day of the year. */
    public ByHoldings(LineId line, Measure measure, LineId rounding) {
        this(line, new Positions(measure, Span.YEAR), rounding);
    }

    @Override
    public Dimension members() {
        return Positions.OWNERS;
    }

    @Override
    public Map<String, Long> parts(Figures figures, MemberFigures members) {
        return whole(figures, members).of(figures.amount(line), figures.unit(), figures.answer(rounding));
    }

    @Override
    public List<String> steps(Figures figures, MemberFigures members, String member) {
        List<String> steps = new ArrayList<>(positions.steps(figures, members, member));
        steps.addAll(
                whole(figures, members).steps(figures.amount(line), figures.unit(), figures.answer(rounding), member));
        return steps;
    }

    private WholeParts whole(Figures figures, MemberFigures members) {
        return new WholeParts(Positions.inOrder(members), positions.weights(figures, members));
    }

    @Override
    public String words() {
        return "the owner's part of line " + line + " by " + positions.words();
    }

    @Override
    public Set<Input> reads() {
        Set<Input> reads = new HashSet<>(positions.reads());
        reads.add(new Input.OfLine(line));
        reads.add(new Input.OfLine(rounding));
        return reads;
    }
}
