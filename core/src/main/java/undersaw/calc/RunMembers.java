package undersaw.calc;

import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Supplier;
import undersaw.engagement.Snapshot;
import undersaw.form.Line;
import undersaw.form.formula.MemberFigures;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.money.Money;

/** The cells found so far in a run, for rules that look at all members. */
final class RunMembers implements MemberFigures {
    private final Plan plan;
    private final Snapshot snapshot;
    private final RowDraft rows;
    private final Map<Object, Object> kept = new HashMap<>();

    RunMembers(Plan plan, Snapshot snapshot, RowDraft rows) {
        this.plan = plan;
        this.snapshot = snapshot;
        this.rows = rows;
    }

    @Override
    public Collection<String> of(Dimension dimension) {
        return rows.of(dimension).inOrder();
    }

    @Override
    public Money amount(LineId line, String member) {
        int place = place(line, member);
        long number = place < 0 ? 0 : rows.columns().at(line, place);
        return number == Cell.WORDS ? Money.ZERO : Money.ofCents(number);
    }

    @Override
    public String answer(LineId line, String member) {
        int place = place(line, member);
        if (place < 0 || !rows.columns().has(line, place)) {
            return "";
        }
        long number = rows.columns().at(line, place);
        return number == Cell.WORDS
                ? snapshot.facts().get(line.in(member)).value()
                : Cell.value(definition(line), number).plain();
    }

    private int place(LineId line, String member) {
        return rows.of(definition(line).scope().orElseThrow()).place(member);
    }

    private Line definition(LineId line) {
        return plan.node(line).line();
    }

    @Override
    @SuppressWarnings("unchecked")
    public <T> T once(Object name, Supplier<T> found) {
        Object known = kept.get(name);
        if (known == null) {
            known = found.get();
            kept.put(name, known);
        }
        return (T) known;
    }
}
