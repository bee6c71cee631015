package undersaw.form.formula;

import java.util.Locale;
import java.util.Set;
import undersaw.ledger.CarryoverKind;
import undersaw.money.Money;

/**
 * What earlier years left, rounded to the unit of the line.
 *
 * @param kind which carryover
 * @param years the years of origin that count
 */
public record Carried(CarryoverKind kind, YearSpan years) implements Formula {
    @Override
    public Money value(Figures figures) {
        return figures.unit().rounded(figures.carried(kind, years));
    }

    @Override
    public String words() {
        return kind.caption().toLowerCase(Locale.ROOT) + " carried from " + years.words();
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfCarryovers(kind));
    }

    @Override
    public String cell(Cells cells) {
        return cells.carried(kind, years);
    }
}
