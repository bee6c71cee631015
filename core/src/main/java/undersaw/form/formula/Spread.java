package undersaw.form.formula;

import java.math.BigInteger;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import undersaw.money.LargestRemainder;
import undersaw.money.Money;

/**
 * One line's part of an amount that is spread over several lines in proportion to what they hold, so that the parts
 * come to the amount, to the unit.
 *
 * @param whole what is spread
 * @param weights what each line holds; amounts below zero count nothing
 * @param at which of them takes this part, from 0
 */
public record Spread(Formula whole, List<Formula> weights, int at) implements Worked.Rule {
    /** Keeps its own copy. */
    public Spread {
        weights = List.copyOf(weights);
    }

    @Override
    public Money value(Figures figures) {
        List<BigInteger> held = weights.stream()
                .map(weight ->
                        BigInteger.valueOf(Math.max(0, weight.value(figures).cents())))
                .toList();
        if (held.stream().allMatch(weight -> weight.signum() == 0)) {
            return Money.ZERO;
        }
        long units = figures.unit().units(whole.value(figures));
        return figures.unit().of(LargestRemainder.parts(units, held)[at]);
    }

    @Override
    public String words() {
        return "the part of " + whole.bracketed() + " that goes with "
                + weights.get(at).bracketed() + ", among "
                + weights.stream().map(Formula::words).collect(Collectors.joining(", "));
    }

    @Override
    public Set<Input> reads() {
        return Formulas.readsOf(
                Stream.concat(Stream.of(whole), weights.stream()).toList());
    }
}
