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
import undersaw.money.LargestRemainder;

/**
 * Each owner's percentage of the year, to six decimals; all together come to exactly 100.
 *
 * @param positions what counts
 */
public record PercentOfYear(Positions positions) implements Division {
    private static final long WHOLE = 100_000_000;

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
        List<BigInteger> weights = positions.weights(figures, members);
        if (weights.stream().allMatch(weight -> weight.signum() == 0)) {
            return Map.of();
        }
        long[] percents = LargestRemainder.parts(WHOLE, weights);
        Map<String, Long> parts = new HashMap<>();
        for (int i = 0; i < percents.length; i++) {
            parts.put(owners.get(i), percents[i]);
        }
        return parts;
    }

    @Override
    public List<String> steps(Figures figures, MemberFigures members, String member) {
        return positions.steps(figures, members, member);
    }

    @Override
    public String words() {
        return "the owner's percentage by " + positions.words();
    }

    @Override
    public Set<Input> reads() {
        return positions.reads();
    }
}
