package undersaw.form.formula;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import undersaw.line.Dimension;
import undersaw.line.LineId;

/**
 * Gathers the rows of one dimension into the members of another: of those that they name, such as properties into
 * activities, or of those that they are pairs with, such as the districts of each month into months.
 *
 * @param members who gets what the rows hold
 * @param rows the rows, or the path whose pairs are gathered
 * @param line the amount of a row
 * @param named the column in which a row names its member; null where the row is a pair
 */
public record Gathered(
        Dimension members,
        Dimension rows,
        LineId line,
        @Nullable LineId named) implements Division {
    /** Into the dimension that a path leads through. */
    public static Gathered ofPairs(Dimension path, Dimension members, LineId line) {
        return new Gathered(members, path, line, null);
    }

    /** Whom a row belongs to; empty, or null, where it belongs to nobody. */
    private @Nullable String member(MemberFigures all, String row) {
        return named == null ? rows.of(members, row) : all.answer(named, row);
    }

    @Override
    public Map<String, Long> parts(Figures figures, MemberFigures all) {
        Map<String, Long> parts = new HashMap<>();
        for (String row : all.of(rows)) {
            String member = member(all, row);
            if (member != null && !member.isEmpty()) {
                parts.merge(member, all.amount(line, row).cents(), Long::sum);
            }
        }
        return parts;
    }

    @Override
    public List<String> steps(Figures figures, MemberFigures all, String member) {
        return all.of(rows).stream()
                .filter(row -> member.equals(member(all, row)))
                .map(row -> row + " brings " + all.amount(line, row).printed())
                .toList();
    }

    @Override
    public String words() {
        return "line " + line + " of "
                + (named == null ? "all its " + rows.name() : "the " + rows.name() + " that name it on line " + named);
    }

    @Override
    public Set<Input> reads() {
        return named == null ? Set.of(new Input.OfLine(line)) : Set.of(new Input.OfLine(line), new Input.OfLine(named));
    }
}
