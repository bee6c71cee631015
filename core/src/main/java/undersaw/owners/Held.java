package undersaw.owners;

import java.math.BigInteger;
import java.util.HashMap;
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
 * What each owner held, itself: shares, or percentages of a partnership.
 *
 * @param positions on which day
 */
public record Held(Positions positions) implements Division {
    @Override
    public LineId line() {
        return positions.measure().changed();
    }

    @Override
    public Dimension members() {
        return Positions.OWNERS;
    }

    @Override
    public Map<String, Long> parts(Figures figures, MemberFigures members) {
        List<String> owners = Positions.inOrder(members);
        List<BigInteger> held = positions.weights(figures, members);
        Map<String, Long> parts = new HashMap<>();
        for (int i = 0; i < owners.size(); i++) {
            parts.put(owners.get(i), held.get(i).longValueExact());
        }
        return parts;
    }

    @Override
    public List<String> steps(Figures figures, MemberFigures members, String member) {
        return positions.steps(figures, members, member);
    }

    @Override
    public String words() {
        return positions.words() + ", as the changes of ownership say";
    }

    @Override
    public Set<Input> reads() {
        return positions.reads();
    }
}
