package undersaw.rollforward;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import undersaw.calc.Calculation;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.Snapshot;
import undersaw.engagement.Station;
import undersaw.form.Line;
import undersaw.form.Part;
import undersaw.ledger.Carryover;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.returns.ReturnKind;

/**
 * Answers and descriptions typed on the return, what was put off to later years, and amounts left unused.
 *
 * <p>Amounts typed for one year stay in it, but the amount of a treatment that was left at the end of one year is what
 * the next begins with.
 */
final class ReturnGifts {
    private static final String TREATMENT = "TREAT/";
    private static final String END = "/end";

    private ReturnGifts() {}

    static List<Gift> of(Calculation year, ReturnKind kind) {
        List<Gift> gifts = new ArrayList<>();
        new TreeMap<>(year.snapshot().facts()).forEach((key, fact) -> {
            String line = key.line().text();
            if (line.startsWith(TREATMENT) && line.endsWith(END)) {
                LineKey begin = LineId.of(line.substring(0, line.length() - END.length()) + "/begin")
                        .in(key.instance());
                gifts.add(fact(begin, fact, "Put off from last year, account " + key.instance() + ": " + fact.value()));
            } else if (fact.reason().isEmpty() && stays(year, key)) {
                gifts.add(fact(
                        key,
                        fact,
                        year.plan().line(key.line()).map(Line::caption).orElse(line)
                                + (key.instance().isEmpty() ? "" : " (" + key.instance() + ")") + ": " + fact.value()));
            }
        });
        gifts.addAll(whatLinesEndWith(year));
        gifts.add(carryovers(kind.carriedForward(year)));
        credited(year, kind).ifPresent(gifts::add);
        return gifts;
    }

    /** Figures that are the next year's last year, such as tax and receipts; those of a short year say too little. */
    private static List<Gift> whatLinesEndWith(Calculation year) {
        List<Gift> gifts = new ArrayList<>();
        if (year.snapshot().heading().period().isShort()) {
            return gifts;
        }
        for (Part part : year.plan().parts()) {
            for (Line line : year.plan().linesOf(part)) {
                Money ending = line.follows().map(year::amount).orElse(Money.ZERO);
                if (part.listName().isEmpty() && ending.isPositive()) {
                    gifts.add(fact(
                            line.id().alone(), Fact.of(ending.toString()), line.caption() + ": " + ending.printed()));
                }
            }
        }
        return gifts;
    }

    /** Whether what was typed describes the client, and not the year; rows of lists go row by row. */
    private static boolean stays(Calculation year, LineKey key) {
        return year.plan()
                .line(key.line())
                .filter(line -> line.isStaying()
                        && line.part().listName().isEmpty()
                        && !line.part().isDecidedBy(line))
                .isPresent();
    }

    private static Gift fact(LineKey key, Fact fact, String words) {
        return new Gift("fact/" + key, fact.value(), words, Station.RETURN, snapshot -> {
            Map<LineKey, @Nullable Fact> one = new TreeMap<>();
            one.put(key, fact.carried());
            return new Change.FactsSet(one);
        });
    }

    private static Gift carryovers(List<Carryover> left) {
        String words = left.isEmpty()
                ? "nothing left unused"
                : String.join(
                        ", ",
                        left.stream()
                                .map(each -> each.kind().caption() + " of " + each.year() + " "
                                        + each.amount().printed())
                                .toList());
        return new Gift(
                "carryovers/all",
                words,
                "Unused amounts: " + words,
                Station.RETURN,
                snapshot -> new Change.CarryoversSet(left));
    }

    private static Optional<Gift> credited(Calculation year, ReturnKind kind) {
        LineId line = kind.bookLines().creditedForward();
        Money amount = line == null ? Money.ZERO : year.amount(line);
        if (!amount.isPositive()) {
            return Optional.empty();
        }
        LocalDate day = year.snapshot().heading().period().end().plusDays(1);
        Payment payment = new Payment(day, PaymentKind.OVERPAYMENT_APPLIED, amount);
        return Optional.of(new Gift(
                "payment/overpayment",
                amount.toString(),
                "Last year's overpayment credited: " + amount.printed(),
                Station.RETURN,
                snapshot -> new Change.PaymentsSet(with(snapshot, payment))));
    }

    private static List<Payment> with(Snapshot snapshot, Payment payment) {
        List<Payment> payments = new ArrayList<>(snapshot.lists().payments());
        payments.removeIf(each -> each.kind() == PaymentKind.OVERPAYMENT_APPLIED);
        payments.add(0, payment);
        return payments;
    }
}
