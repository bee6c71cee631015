package undersaw.owners;

import java.math.BigInteger;
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
 * Divides a debt of a partnership among its partners on one day: recourse debt among general partners by loss, other
 * debt among all by profit (IRC 752; Reg. 1.752-2, 1.752-3; from memory, simplified).
 *
 * @param line the debts of one class
 * @param span the day
 * @param recourse whether only general partners bear it
 */
public record ByDebt(LineId line, Span span, boolean recourse) implements Division {
    private static final LineId ROLE = LineId.of("OWNERS/role");

    private Positions positions() {
        return new Positions(recourse ? Measure.LOSS : Measure.PROFIT, span);
    }

    @Override
    public Dimension members() {
        return Positions.OWNERS;
    }

    private WholeParts whole(Figures figures, MemberFigures members) {
        List<String> owners = Positions.inOrder(members);
        List<BigInteger> weights = new ArrayList<>(positions().weights(figures, members));
        for (int i = 0; recourse && i < weights.size(); i++) {
            if (!members.answer(ROLE, owners.get(i)).equals("general")) {
                weights.set(i, BigInteger.ZERO);
            }
        }
        return new WholeParts(owners, weights);
    }

    @Override
    public Map<String, Long> parts(Figures figures, MemberFigures members) {
        return whole(figures, members).of(figures.amount(line), new OddUnits(figures.unit(), ""));
    }

    @Override
    public List<String> steps(Figures figures, MemberFigures members, String member) {
        List<String> steps = new ArrayList<>(positions().steps(figures, members, member));
        steps.addAll(whole(figures, members).steps(figures.amount(line), new OddUnits(figures.unit(), ""), member));
        return steps;
    }

    @Override
    public String words() {
        return "the partner's part of line " + line + " by " + positions().words()
                + (recourse ? ", general partners only" : "");
    }

    @Override
    public Set<Input> reads() {
        Set<Input> reads = new HashSet<>(positions().reads());
        reads.add(new Input.OfLine(line));
        reads.add(new Input.OfLine(ROLE));
        return reads;
    }
}
