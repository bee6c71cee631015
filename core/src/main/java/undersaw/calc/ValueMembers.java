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

/** The cells of a finished calculation, for rules that are explained after it. */
final class ValueMembers implements MemberFigures {
    private final Calculation calculation;
    private final Map<Object, Object> kept = new HashMap<>();

    ValueMembers(Calculation calculation) {
        this.calculation = calculation;
    }

    @Override
    public Collection<String> of(Dimension dimension) {
        return calculation.members(dimension);
    }

    @Override
    public String answer(LineId line, String member) {
        return calculation
                .value(line.in(member))
                .map(value -> value.value().plain())
                .orElse("");
    }

    @Override
    public Money amount(LineId line, String member) {
        return calculation.value(line.in(member)).map(LineValue::amount).orElse(Money.ZERO);
    }

    @Override
    public @Nullable LocalDate day(LineId line, String member) {
        return Cell.day(answer(line, member));
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
