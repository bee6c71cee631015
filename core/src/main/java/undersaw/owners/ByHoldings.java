package undersaw.owners;

import java.math.BigInteger;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.MemberFigures;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * Divides a line of the return among its owners by what they held, in whole units that come to the line.
 *
 * @param line what is divided
 * @param positions what counts; shares count as a part of all shares of each day
 * @param rounding the line that names the owner who takes what rounding leaves
 * @param cut where closed books stand; null where days alone count
 */
public record ByHoldings(
        LineId line,
        Positions positions,
        LineId rounding,
        @Nullable YearCut cut) implements Weighed {
    /** By what was held on each day of the year. */
    public ByHoldings(LineId line, Measure measure, LineId rounding) {
        this(line, new Positions(measure, Span.YEAR), rounding, null);
    }

    @Override
    public Dimension members() {
        return Positions.OWNERS;
    }

    @Override
    public Map<String, Long> parts(Figures figures, MemberFigures members) {
        return pieces(figures, members).of(OddUnits.of(figures, rounding));
    }

    @Override
    public List<String> steps(Figures figures, MemberFigures members, String member) {
        return pieces(figures, members).steps(OddUnits.of(figures, rounding), member);
    }

    private Pieces pieces(Figures figures, MemberFigures members) {
        return new OverTheYear(cut, unused -> positions).pieces(figures, members, figures.amount(line));
    }

    @Override
    public List<BigInteger> weights(Figures figures, MemberFigures members, Money amount) {
        return new OverTheYear(cut, unused -> positions).weights(figures, members, figures.amount(line), amount);
    }

    @Override
    public String words() {
        return "the owner's part of line " + line + " by " + positions.words();
    }

    @Override
    public Set<Input> reads() {
        Set<Input> reads = new HashSet<>(positions.reads());
        if (cut != null) {
            reads.addAll(cut.reads());
        }
        reads.add(new Input.OfLine(line));
        reads.add(new Input.OfLine(rounding));
        return reads;
    }
}
