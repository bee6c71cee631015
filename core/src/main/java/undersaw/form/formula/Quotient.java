package undersaw.form.formula;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Set;
import undersaw.money.Money;
import undersaw.money.Percent;

/**
 * One amount as a percentage of another, to two decimals; nothing where the whole is not above zero.
 *
 * @param part what is measured
 * @param whole what it is measured against
 */
public record Quotient(Formula part, Formula whole) implements Ratio {
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    @Override
    public Percent value(Figures figures) {
        Money divisor = whole.value(figures);
        if (!divisor.isPositive()) {
            return new Percent(BigDecimal.ZERO);
        }
        BigDecimal percent = BigDecimal.valueOf(part.value(figures).cents())
                .multiply(HUNDRED)
                .divide(BigDecimal.valueOf(divisor.cents()), 2, RoundingMode.HALF_UP);
        return new Percent(percent);
    }

    @Override
    public String words() {
        return part.bracketed() + " in percent of " + whole.bracketed();
    }

    @Override
    public String bracketed() {
        return "(" + words() + ")";
    }

    @Override
    public Set<Input> reads() {
        return Formulas.readsOf(List.of(part, whole));
    }

    @Override
    public String cell(Cells cells) {
        String divisor = whole.cell(cells);
        return "IF(" + divisor + ">0,ROUND((" + part.cell(cells) + ")/(" + divisor + ")*100,2),0)";
    }
}
