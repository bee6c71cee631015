package undersaw.calc;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import undersaw.form.Line;
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
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.money.Unit;

/** The figures of a finished calculation, for conditions that are asked after it. */
record ValueFigures(Calculation calculation, @Nullable LineKey place) implements Figures {
    /** What stands once. */
    ValueFigures(Calculation calculation) {
        this(calculation, null);
    }

    /** Lines that repeat mean the cell of the member that is looked at. */
    private LineKey key(LineId line) {
        return calculation
                .plan()
                .line(line)
                .filter(each -> place != null && each.isRepeating())
                .map(each -> calculation.read(Objects.requireNonNull(place), each))
                .orElse(line.alone());
    }

    private Optional<LineValue> value(LineId line) {
        return calculation.value(key(line));
    }

    @Override
    public Money amount(LineId line) {
        return place == null
                ? calculation.amount(line)
                : value(line).map(LineValue::amount).orElse(Money.ZERO);
    }

    @Override
    public Money unreplaced(LineId line) {
        return value(line).map(LineValue::unreplaced).orElse(Money.ZERO);
    }

    @Override
    public String answer(LineId line) {
        return place == null
                ? calculation.answer(line)
                : value(line).map(each -> each.value().plain()).orElse("");
    }

    @Override
    public @Nullable LocalDate day(LineId line) {
        return Cell.day(answer(line));
    }

    @Override
    public Unit unit() {
        return Optional.ofNullable(place)
                .flatMap(key -> calculation.plan().line(key.line()))
                .map(Line::unit)
                .orElseGet(() -> calculation.plan().forms().get(0).unit());
    }

    @Override
    public Money posted(LineId line) {
        return place == null
                ? calculation.posted(line)
                : Money.sum(calculation.postings(key(line)).stream()
                        .map(Posting::amount)
                        .toList());
    }

    @Override
    public Money total(Total total) {
        return calculation.total(total);
    }

    @Override
    public long part(Division division) {
        if (place == null) {
            throw new IllegalStateException("outside of its members there is no part of " + division.words());
        }
        return calculation.part(division, calculation.member(place, division.members()));
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
