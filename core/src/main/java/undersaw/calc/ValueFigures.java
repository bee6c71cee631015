package undersaw.calc;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import undersaw.form.formula.Division;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Total;
import undersaw.form.formula.YearSpan;
import undersaw.law.Law;
import undersaw.law.calendar.Period;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.money.Unit;

/** The figures of a finished calculation, for conditions that are asked after it. */
record ValueFigures(Calculation calculation) implements Figures {
    @Override
    public Money amount(LineId line) {
        return calculation.amount(line);
    }

    @Override
    public Money unreplaced(LineId line) {
        return calculation.value(line).map(LineValue::unreplaced).orElse(Money.ZERO);
    }

    @Override
    public String answer(LineId line) {
        return calculation.answer(line);
    }

    @Override
    public @Nullable LocalDate day(LineId line) {
        return Cell.day(answer(line));
    }

    @Override
    public Unit unit() {
        return calculation.plan().forms().get(0).unit();
    }

    @Override
    public Money posted(LineId line) {
        return calculation.posted(line);
    }

    @Override
    public Money total(Total total) {
        return calculation.total(total);
    }

    @Override
    public long part(Division division) {
        throw new IllegalStateException("outside of its members there is no part of " + division.words());
    }

    @Override
    public Money paid(PaymentKind kind) {
        return calculation.snapshot().lists().paid(kind);
    }

    @Override
    public Money carried(CarryoverKind kind, YearSpan years) {
        int returnYear = calculation.snapshot().heading().period().lawYear();
        return calculation.snapshot().lists().carried(kind, origin -> years.contains(origin, returnYear));
    }

    @Override
    public List<Payment> payments() {
        return calculation.snapshot().lists().payments();
    }

    @Override
    public Period period() {
        return calculation.snapshot().heading().period();
    }

    @Override
    public Law law() {
        return calculation.law();
    }
}
