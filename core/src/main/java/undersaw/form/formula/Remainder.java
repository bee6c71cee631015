package undersaw.form.formula;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * Gives each member what is typed for it, and what is left of the whole to the member that is always there.
 *
 * @param members one of whom is always there
 * @param line the whole
 * @param given what is typed for each of the others
 */
public record Remainder(Dimension members, LineId line, LineId given) implements Division {
    /**
     * Refuses members none of whom is always there.
     *
     * @throws IllegalArgumentException where nobody could take what is left
     */
    public Remainder {
        if (members.always().isEmpty()) {
            throw new IllegalArgumentException(
                    "none of the " + members.name() + " is always there to take what is left");
        }
    }

    @Override
    public Map<String, Long> parts(Figures figures, MemberFigures all) {
        Map<String, Long> parts = new HashMap<>();
        Money left = figures.amount(line);
        for (String member : all.of(members)) {
            if (!member.equals(members.always())) {
                Money part = all.amount(given, member);
                parts.put(member, part.cents());
                left = left.minus(part);
            }
        }
        parts.put(members.always(), left.cents());
        return parts;
    }

    @Override
    public List<String> steps(Figures figures, MemberFigures all, String member) {
        List<String> steps = new ArrayList<>();
        for (String other : all.of(members)) {
            boolean counts = member.equals(members.always()) != other.equals(members.always());
            if (counts && !all.amount(given, other).isZero() && !other.equals(members.always())) {
                steps.add("less " + all.amount(given, other).printed() + " of " + other);
            }
        }
        return steps;
    }

    @Override
    public String words() {
        return "what is typed on line " + given + ", or, for " + members.always() + ", what that leaves of line "
                + line;
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfLine(line), new Input.OfLine(given));
    }
}
