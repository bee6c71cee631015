package undersaw.assets;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.Collectors;
import undersaw.form.Line;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Formulas;
import undersaw.form.formula.Input;
import undersaw.form.formula.Worked;
import undersaw.law.calendar.Period;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * Depreciation per books of one asset in one year: by whole months from the month of service, that month counted and
 * the month of disposal not, to nothing at the end of its life (common practice, no source).
 *
 * @param columns where its facts stand
 * @param asTax this year's depreciation for tax, taken where the books follow it
 */
record BookDepreciation(Columns columns, Formula asTax) implements Worked.Rule {
    private static final int MONTHS = 12;
    private static final BigDecimal DOUBLE = BigDecimal.valueOf(2);
    private static final BigDecimal ONE_AND_A_HALF = new BigDecimal("1.5");

    /** The columns of the register that it reads. */
    record Columns(Line cost, Line land, Line placed, Line disposed, Line life, Line method, Line before) {}

    @Override
    public Money value(Figures figures) {
        String method = figures.answer(columns.method().id());
        LocalDate placed = figures.day(columns.placed().id());
        if (method.equals("same")) {
            return asTax.value(figures);
        }
        long life = columns.life().count().value(figures) * MONTHS;
        if (placed == null || life == 0 || method.isEmpty() || method.equals("none")) {
            return Money.ZERO;
        }
        Period year = figures.period();
        LocalDate until = figures.day(columns.disposed().id());
        LocalDate end =
                until != null && until.isBefore(year.end()) ? until : year.end().plusDays(1);
        long from = monthsSince(placed, year.start().isBefore(placed) ? placed : year.start());
        long to = Math.min(life, monthsSince(placed, end));
        Money left = depreciable(figures).minus(figures.amount(columns.before().id()));
        return to <= from || !left.isPositive()
                ? Money.ZERO
                : figures.unit().rounded(amount(method, left, new Span(from, to, life), figures));
    }

    private record Span(long from, long to, long life) {}

    private BigDecimal amount(String method, Money left, Span span, Figures figures) {
        BigDecimal months = BigDecimal.valueOf(span.to() - span.from());
        BigDecimal even = left.toDecimal()
                .multiply(months)
                .divide(BigDecimal.valueOf(span.life() - span.from()), 10, RoundingMode.HALF_UP);
        if (method.equals("SL")) {
            boolean last = span.to() == span.life();
            BigDecimal ofCost = depreciable(figures)
                    .toDecimal()
                    .multiply(months)
                    .divide(BigDecimal.valueOf(span.life()), 10, RoundingMode.HALF_UP);
            return last ? left.toDecimal() : ofCost.min(left.toDecimal());
        }
        BigDecimal factor = method.equals("200DB") ? DOUBLE : ONE_AND_A_HALF;
        BigDecimal declining = left.toDecimal()
                .multiply(factor)
                .multiply(months)
                .divide(BigDecimal.valueOf(span.life()), 10, RoundingMode.HALF_UP);
        return declining.max(even).min(left.toDecimal());
    }

    private Money depreciable(Figures figures) {
        return figures.amount(columns.cost().id())
                .minus(figures.amount(columns.land().id()));
    }

    private static long monthsSince(LocalDate placed, LocalDate day) {
        return ChronoUnit.MONTHS.between(placed.withDayOfMonth(1), day.withDayOfMonth(1));
    }

    @Override
    public String words() {
        return "depreciation per books by months, by lines "
                + reads().stream()
                        .flatMap(input -> input.lines().stream())
                        .map(LineId::text)
                        .sorted()
                        .collect(Collectors.joining(", "));
    }

    @Override
    public Set<Input> reads() {
        Set<Input> reads = new HashSet<>(Formulas.sum(columns.cost(), columns.land(), columns.before(), asTax)
                .reads());
        reads.add(new Input.OfLine(columns.placed().id()));
        reads.add(new Input.OfLine(columns.disposed().id()));
        reads.add(new Input.OfLine(columns.life().id()));
        reads.add(new Input.OfLine(columns.method().id()));
        reads.add(new Input.OfHeading());
        return reads;
    }
}
