package undersaw.us.corporation;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import undersaw.form.formula.Counted;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.Worked;
import undersaw.law.UnderpaymentRate;
import undersaw.law.calendar.DueDate;
import undersaw.law.calendar.Installments;
import undersaw.law.calendar.Period;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * Payments against the instalments of estimated tax: what falls to each column of Form 2220, and the interest on what
 * came late (IRC 6655(b), (e); Form 2220 lines 11 and 19 to 38; from memory).
 *
 * <p>An overpayment applied counts from its date, never before the first due date. Tax withheld counts in equal parts
 * on the due dates. A payment goes to the oldest instalment that is open.
 */
final class EstimatePayments {
    private static final List<String> COLUMNS = Form2220.INSTALMENTS.names();
    private static final Set<Input> READS = Set.of(
            new Input.OfPayments(PaymentKind.ESTIMATED),
            new Input.OfPayments(PaymentKind.OVERPAYMENT_APPLIED),
            new Input.OfPayments(PaymentKind.WITHHELD),
            new Input.OfHeading());

    private EstimatePayments() {}

    /**
     * One part of an instalment that was open for some days at one rate.
     *
     * @param column which instalment, from 1
     * @param amount what was open
     * @param from the day after which interest runs
     * @param to the day until which it runs
     * @param rate yearly, in percent
     * @param interest exact
     */
    record Slice(int column, Money amount, LocalDate from, LocalDate to, BigDecimal rate, BigDecimal interest) {}

    private record Dated(LocalDate date, Money amount) {}

    private static List<Dated> dated(Figures figures, Installments due) {
        List<Dated> dated = new ArrayList<>();
        for (Payment payment : figures.payments()) {
            if (payment.kind() == PaymentKind.ESTIMATED) {
                dated.add(new Dated(payment.date(), payment.amount()));
            } else if (payment.kind() == PaymentKind.OVERPAYMENT_APPLIED) {
                LocalDate first = due.dates().get(0);
                dated.add(new Dated(payment.date().isBefore(first) ? first : payment.date(), payment.amount()));
            } else if (payment.kind() == PaymentKind.WITHHELD) {
                long share = payment.amount().cents() / due.count();
                for (int i = 0; i < due.count(); i++) {
                    long last = payment.amount().cents() - share * (due.count() - 1L);
                    dated.add(new Dated(due.dates().get(i), Money.ofCents(i == due.count() - 1 ? last : share)));
                }
            }
        }
        dated.sort(Comparator.comparing(Dated::date));
        return dated;
    }

    /** How many instalments the year has. */
    record Count() implements Counted.Way {
        @Override
        public long value(Figures figures) {
            return Installments.of(figures.period()).count();
        }

        @Override
        public String words() {
            return "due dates that fall within the year";
        }

        @Override
        public Set<Input> reads() {
            return Set.of(new Input.OfHeading());
        }
    }

    /** Line 11: what was paid after the due date before and no later than this one. */
    record Column(int column) implements Worked.Rule {
        @Override
        public Money value(Figures figures) {
            Installments due = Installments.of(figures.period());
            if (column > due.count()) {
                return Money.ZERO;
            }
            LocalDate until = due.dates().get(column - 1);
            LocalDate after = column == 1 ? LocalDate.MIN : due.dates().get(column - 2);
            return Money.sum(dated(figures, due).stream()
                            .filter(each ->
                                    each.date().isAfter(after) && !each.date().isAfter(until))
                            .map(Dated::amount)
                            .toList())
                    .roundedToDollars();
        }

        @Override
        public String words() {
            return column == 1
                    ? "payments dated on or before the first due date"
                    : "payments dated after due date " + (column - 1) + " and no later than due date " + column;
        }

        @Override
        public Set<Input> reads() {
            return READS;
        }
    }

    /** Lines 19 to 38: interest on each instalment from its due date until it was paid or the return was due. */
    static List<Slice> slices(Figures figures) {
        Period period = figures.period();
        Installments due = Installments.of(period);
        LocalDate end = DueDate.ofCorporation(period).due();
        List<Dated> left = new ArrayList<>(due.count() == 0 ? List.of() : dated(figures, due));
        List<Slice> slices = new ArrayList<>();
        for (int column = 1; column <= due.count(); column++) {
            Money open = figures.amount(LineId.of("2220/10/" + COLUMNS.get(column - 1)));
            LocalDate from = due.dates().get(column - 1);
            while (open.isPositive()) {
                Dated next = left.isEmpty() || left.get(0).date().isAfter(end) ? null : left.remove(0);
                Money taken = next == null ? open : next.amount().min(open);
                LocalDate paid = next == null ? end : next.date();
                if (paid.isAfter(from)) {
                    slices.addAll(byQuarter(column, taken, from, paid));
                }
                open = open.minus(taken);
                if (next != null && next.amount().compareTo(taken) > 0) {
                    left.add(0, new Dated(next.date(), next.amount().minus(taken)));
                }
            }
        }
        return List.copyOf(slices);
    }

    private static List<Slice> byQuarter(int column, Money amount, LocalDate from, LocalDate to) {
        List<Slice> slices = new ArrayList<>();
        LocalDate start = from;
        while (start.isBefore(to)) {
            LocalDate first = start.plusDays(1);
            LocalDate quarterEnd = first.withDayOfMonth(1)
                    .withMonth((first.getMonthValue() - 1) / 3 * 3 + 1)
                    .plusMonths(3)
                    .minusDays(1);
            LocalDate until = quarterEnd.isBefore(to) ? quarterEnd : to;
            BigDecimal rate = UnderpaymentRate.on(first);
            BigDecimal interest = amount.toDecimal()
                    .multiply(rate)
                    .multiply(BigDecimal.valueOf(ChronoUnit.DAYS.between(start, until)))
                    .divide(BigDecimal.valueOf(100L * first.lengthOfYear()), 10, RoundingMode.HALF_UP);
            slices.add(new Slice(column, amount, start, until, rate, interest));
            start = until;
        }
        return slices;
    }

    /** Line 38: all interest, rounded once. */
    record Penalty() implements Worked.Rule {
        @Override
        public Money value(Figures figures) {
            BigDecimal sum = slices(figures).stream().map(Slice::interest).reduce(BigDecimal.ZERO, BigDecimal::add);
            return Money.parse(sum.setScale(0, RoundingMode.HALF_UP).toPlainString());
        }

        @Override
        public String words() {
            return COLUMNS.stream().map(column -> "line 2220/10/" + column).collect(Collectors.joining(", "))
                    + ", with interest from its due date until it was paid, by days and the rate of each quarter";
        }

        @Override
        public Set<Input> reads() {
            Set<Input> reads = new HashSet<>(READS);
            COLUMNS.forEach(column -> reads.add(new Input.OfLine(LineId.of("2220/10/" + column))));
            return Set.copyOf(reads);
        }
    }
}
