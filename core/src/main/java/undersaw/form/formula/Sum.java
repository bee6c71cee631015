package undersaw.form.formula;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import undersaw.money.Money;

/**
 * Several amounts added.
 *
 * @param parts what is added, in the order of the form
 */
public record Sum(List<Formula> parts) implements Formula {
    /** Keeps its own copy. */
    public Sum {
        parts = List.copyOf(parts);
    }

    @Override
    public Money value(Figures figures) {
        Money total = Money.ZERO;
        for (Formula part : parts) {
            total = total.plus(part.value(figures));
        }
        return total;
    }

    @Override
    public String words() {
        return parts.stream().map(Formula::bracketed).collect(Collectors.joining(" plus "));
    }

    @Override
    public String bracketed() {
        return "(" + words() + ")";
    }

    @Override
    public Set<Input> reads() {
        return Formulas.readsOf(parts);
    }

    @Override
    public String cell(Cells cells) {
        return parts.stream().map(part -> part.cell(cells)).collect(Collectors.joining("+", "(", ")"));
    }
}
