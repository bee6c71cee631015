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
 * Gathers the rows of one dimension into the members of another that they name, such as properties into activities.
 *
 * @param members who gets what the rows hold
 * @param rows the rows
 * @param line the amount of a row
 * @param named the column in which a row names its member
 */
public record NamedBy(Dimension members, Dimension rows, LineId line, LineId named) implements Division {
    @Override
    public Map<String, Long> parts(Figures figures, MemberFigures all) {
        Map<String, Long> parts = new HashMap<>();
        for (String row : all.of(rows)) {
            String member = all.answer(named, row);
            if (!member.isEmpty()) {
                parts.merge(member, all.amount(line, row).cents(), Long::sum);
            }
        }
        return parts;
    }

    @Override
    public List<String> steps(Figures figures, MemberFigures all, String member) {
        List<String> steps = new ArrayList<>();
        for (String row : all.of(rows)) {
            if (all.answer(named, row).equals(member)) {
                Money amount = all.amount(line, row);
                steps.add(row + " brings " + amount.printed());
            }
        }
        return steps;
    }

    @Override
    public String words() {
        return "line " + line + " of the " + rows.name() + " that name it on line " + named;
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfLine(line), new Input.OfLine(named));
    }
}
