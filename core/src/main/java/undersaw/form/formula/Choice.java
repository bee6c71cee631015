package undersaw.form.formula;

import java.util.HashSet;
import java.util.Set;
import undersaw.money.Money;

/**
 * One amount where a condition holds, another where it does not.
 *
 * @param condition what is asked
 * @param then the amount when it holds
 * @param otherwise the amount when it does not
 */
public record Choice(Condition condition, Formula then, Formula otherwise) implements Formula {
    @Override
    public Money value(Figures figures) {
        return condition.holds(figures) ? then.value(figures) : otherwise.value(figures);
    }

    @Override
    public String words() {
        return then.words() + " if " + condition.words() + ", otherwise " + otherwise.words();
    }

    @Override
    public String bracketed() {
        return "(" + words() + ")";
    }

    @Override
    public Set<Input> reads() {
        Set<Input> reads = new HashSet<>(condition.reads());
        reads.addAll(then.reads());
        reads.addAll(otherwise.reads());
        return reads;
    }

    @Override
    public String cell(Cells cells) {
        return "IF(" + condition.cell(cells) + "," + then.cell(cells) + "," + otherwise.cell(cells) + ")";
    }
}
