package undersaw.form.formula;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import undersaw.line.Dimension;
import undersaw.line.LineId;

/**
 * Sums pairs into one of the dimensions that their path leads through, such as the districts of each month into months.
 *
 * @param path whose pairs are summed
 * @param members into whom
 * @param line the amount of a pair
 */
public record OfPairs(Dimension path, Dimension members, LineId line) implements Division {
    @Override
    public Map<String, Long> parts(Figures figures, MemberFigures all) {
        Map<String, Long> parts = new HashMap<>();
        for (String pair : all.of(path)) {
            String member = path.of(members, pair);
            if (member != null) {
                parts.merge(member, all.amount(line, pair).cents(), Long::sum);
            }
        }
        return parts;
    }

    @Override
    public List<String> steps(Figures figures, MemberFigures all, String member) {
        List<String> steps = new ArrayList<>();
        for (String pair : all.of(path)) {
            if (member.equals(path.of(members, pair)) && !all.amount(line, pair).isZero()) {
                steps.add(pair + " brings " + all.amount(line, pair).printed());
            }
        }
        return steps;
    }

    @Override
    public String words() {
        return "line " + line + " of all its " + path.name();
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfLine(line));
    }
}
