package undersaw.form.formula;

import java.util.Locale;
import java.util.Set;
import undersaw.ledger.PaymentKind;
import undersaw.money.Money;

/**
 * Payments of one kind, rounded to the unit of the line.
 *
 * @param kind which payments
 */
public record Paid(PaymentKind kind) implements Formula {
    @Override
    public Money value(Figures figures) {
        return figures.unit().rounded(figures.paid(kind));
    }

    @Override
    public String words() {
        return "payments listed as " + kind.caption().toLowerCase(Locale.ROOT);
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfPayments(kind));
    }

    @Override
    public String cell(Cells cells) {
        return cells.paid(kind);
    }
}
