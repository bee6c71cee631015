package undersaw.form.formula;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import undersaw.money.Money;

/**
 * The largest of several amounts.
 *
 * @param parts at least one amount
 */
public record Greatest(List<Formula> parts) implements Formula {
    /** Keeps its own copy. */
    public Greatest {
        parts = List.copyOf(parts);
    }

    @Override
    public Money value(Figures figures) {
        return parts.stream()
                .map(part -> part.value(figures))
                .reduce(Money::max)
                .orElse(Money.ZERO);
    }

    @Override
    public String words() {
        if (isFloor()) {
            return parts.get(0).bracketed() + ", not below zero";
        }
        return "the larger of " + parts.stream().map(Formula::bracketed).collect(Collectors.joining(" and "));
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
        return parts.stream().map(part -> part.number(cells)).collect(Collectors.joining(",", "MAX(", ")"));
    }

    private boolean isFloor() {
        return parts.size() == 2 && parts.get(1).equals(Formulas.NOTHING);
    }
}
