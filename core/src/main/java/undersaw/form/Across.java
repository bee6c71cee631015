package undersaw.form;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import undersaw.form.Columns.Member;
import undersaw.form.formula.Term;

/** One line of a form for each of its fixed members, written once: the same rule, with what differs by member. */
public final class Across {
    private final Columns columns;
    private final List<Line> lines;

    Across(Columns columns, List<Line> lines) {
        this.columns = columns;
        this.lines = lines;
    }

    /** Found by a rule that knows its member; asked for when the return is put together, it may refer ahead. */
    public Across is(Function<Member, ? extends Term> rule) {
        columns.members().forEach(member -> at(member).is(() -> rule.apply(member)));
        return this;
    }

    /** Describes each of the lines further. */
    public Across each(Consumer<Line> description) {
        lines.forEach(description);
        return this;
    }

    /** The member's own line. */
    public Line at(Member member) {
        return lines.get(member.number() - 1);
    }

    /** The line of the member before; what is said instead for the first. */
    public Term before(Member member, Term first) {
        return member.isFirst() ? first : lines.get(member.number() - 2);
    }

    /** The lines of all members before. */
    public List<Line> allBefore(Member member) {
        return lines.subList(0, member.number() - 1);
    }

    public Line last() {
        return lines.get(lines.size() - 1);
    }

    /** The lines in the order of their members. */
    public List<Line> all() {
        return lines;
    }
}
