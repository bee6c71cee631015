package undersaw.calc;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import undersaw.form.formula.MemberFigures;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.money.Money;

/** The cells found so far in a run, for rules that look at all members. */
final class RunMembers implements MemberFigures {
    private final Plan plan;
    private final RowDraft rows;
    private final RunFigures figures;
    private final Map<Object, Object> kept = new HashMap<>();

    RunMembers(Plan plan, RowDraft rows, RunFigures figures) {
        this.plan = plan;
        this.rows = rows;
        this.figures = figures;
    }

    @Override
    public Collection<String> of(Dimension dimension) {
        return rows.of(dimension).inOrder();
    }

    @Override
    public String answer(LineId line, String member) {
        int place = place(line, member);
        return place < 0 ? "" : figures.answer(line, place);
    }

    @Override
    public Money amount(LineId line, String member) {
        int place = place(line, member);
        return place < 0 ? Money.ZERO : figures.amount(line, place);
    }

    @Override
    public @Nullable LocalDate day(LineId line, String member) {
        int place = place(line, member);
        return place < 0 ? null : figures.day(line, place);
    }

    private int place(LineId line, String member) {
        return rows.of(plan.node(line).line().scope().orElseThrow()).place(member);
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
