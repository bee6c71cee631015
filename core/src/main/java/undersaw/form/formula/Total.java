package undersaw.form.formula;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * A line summed over the members of its dimension, in the unit of the reader.
 *
 * @param line the line that stands once a member
 * @param condition which members count, asked of each; null where all do
 */
public record Total(LineId line, @Nullable Condition condition) implements Formula {
    /** The same sum over those members only of which the condition holds. */
    public Total where(Condition which) {
        return new Total(line, condition == null ? which : condition.and(which));
    }

    /** Which members count; nothing where all do. */
    public Optional<Condition> which() {
        return Optional.ofNullable(condition);
    }

    @Override
    public Money value(Figures figures) {
        return figures.unit().rounded(figures.total(this));
    }

    @Override
    public String words() {
        return "the rows of line " + line
                + which().map(each -> " where " + each.words()).orElse("");
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfTotal(this));
    }

    /** What the total is made of, member by member. */
    public Set<Input> readsOfMembers() {
        Set<Input> reads = new HashSet<>(which().map(Condition::reads).orElse(Set.of()));
        reads.add(new Input.OfLine(line));
        return reads;
    }

    @Override
    public String cell(Cells cells) {
        return cells.total(this);
    }
}
