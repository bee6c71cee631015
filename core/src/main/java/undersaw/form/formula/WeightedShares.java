package undersaw.form.formula;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import undersaw.money.Money;
import undersaw.money.Percent;

/**
 * The average of several shares of a whole, each with its weight; a share whose whole is nothing does not count. Exact,
 * and rounded once to a millionth of the whole; no share counts more than the whole.
 *
 * @param shares at least one
 */
public record WeightedShares(List<Share> shares) implements Ratio {
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
    private static final int DECIMALS = 4;

    /**
     * One share.
     *
     * @param part of the whole
     * @param whole what it is part of
     * @param weight how often it counts, in any unit; nothing leaves it out
     */
    public record Share(Formula part, Formula whole, Formula weight) {}

    /** Keeps its own copy. */
    public WeightedShares {
        shares = List.copyOf(shares);
    }

    @Override
    public Percent value(Figures figures) {
        BigDecimal sum = BigDecimal.ZERO;
        BigDecimal weights = BigDecimal.ZERO;
        for (Share share : shares) {
            Money whole = share.whole().value(figures);
            BigDecimal weight = share.weight().value(figures).toDecimal();
            if (whole.isPositive() && weight.signum() > 0) {
                BigDecimal of = share.part()
                        .value(figures)
                        .toDecimal()
                        .divide(whole.toDecimal(), MathContext.DECIMAL128)
                        .min(BigDecimal.ONE);
                sum = sum.add(of.multiply(weight));
                weights = weights.add(weight);
            }
        }
        return new Percent(
                weights.signum() == 0
                        ? BigDecimal.ZERO
                        : sum.multiply(HUNDRED)
                                .divide(weights, MathContext.DECIMAL128)
                                .setScale(DECIMALS, RoundingMode.HALF_UP));
    }

    @Override
    public String words() {
        return "the average of "
                + shares.stream()
                        .map(share -> share.part().bracketed() + " of "
                                + share.whole().bracketed() + " counted "
                                + share.weight().bracketed())
                        .collect(Collectors.joining(", "));
    }

    @Override
    public Set<Input> reads() {
        List<Formula> all = new ArrayList<>();
        shares.forEach(share -> all.addAll(List.of(share.part(), share.whole(), share.weight())));
        return Formulas.readsOf(all);
    }

    @Override
    public String cell(Cells cells) {
        String sum = shares.stream()
                .map(share -> "IF(" + share.whole().cell(cells) + ">0,MIN(1,("
                        + share.part().cell(cells) + ")/(" + share.whole().cell(cells) + "))*("
                        + share.weight().cell(cells) + "),0)")
                .collect(Collectors.joining("+"));
        String weights = shares.stream()
                .map(share -> "IF(" + share.whole().cell(cells) + ">0,"
                        + share.weight().cell(cells) + ",0)")
                .collect(Collectors.joining("+"));
        return "IF((" + weights + ")>0,ROUND((" + sum + ")/(" + weights + ")*100," + DECIMALS + "),0)";
    }
}
