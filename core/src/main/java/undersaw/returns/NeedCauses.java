package undersaw.returns;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.form.Line;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Input;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.returns.PartNeed.Feed;

/** Why a condition holds: what it looks at and finds filled, rather than the rule in words. */
final class NeedCauses {
    private final Calculation year;

    NeedCauses(Calculation year) {
        this.year = year;
    }

    /** What was carried in and paid, then lines in their order; the rule itself where nothing is filled. */
    List<Feed> of(Condition condition, int most) {
        List<Feed> causes = new ArrayList<>();
        for (Input input : condition.reads()) {
            if (input instanceof Input.OfCarryovers carried) {
                carried(carried.kind()).forEach(causes::add);
            } else if (input instanceof Input.OfPayments paid) {
                paid(paid.kind()).forEach(causes::add);
            }
        }
        causes.sort(Comparator.comparing(Feed::words));
        condition.reads().stream()
                .flatMap(input -> input.lines().stream())
                .distinct()
                .flatMap(line -> year.plan().line(line).stream())
                .sorted(Comparator.comparingInt(year.plan()::place))
                .flatMap(this::filled)
                .forEach(causes::add);
        return causes.isEmpty()
                ? List.of(new Feed("needed since " + condition.words(), null))
                : causes.subList(0, Math.min(most, causes.size()));
    }

    private Stream<Feed> carried(CarryoverKind kind) {
        boolean any = year.snapshot().lists().carryovers().stream().anyMatch(each -> each.kind() == kind);
        return any ? Stream.of(new Feed(kind.caption() + " carried from earlier years", null)) : Stream.empty();
    }

    private Stream<Feed> paid(PaymentKind kind) {
        boolean any = !year.snapshot().lists().paid(kind).isZero();
        return any ? Stream.of(new Feed("payments: " + kind.caption(), null)) : Stream.empty();
    }

    private Stream<Feed> filled(Line line) {
        if (!line.kind().isNumber()) {
            return year.value(line.id()).map(LineValue::value).stream()
                    .filter(value -> !value.plain().equals("no"))
                    .map(value -> feed(line.id(), value.plain()));
        }
        Money amount = line.isRepeating() ? year.rowTotal(line.id()) : year.amount(line);
        return amount.isZero() ? Stream.empty() : Stream.of(feed(line.id(), amount.printed()));
    }

    /** A line with what stands on it. */
    static Feed feed(LineId line, String what) {
        return new Feed("line " + line + ", " + what, line.alone());
    }
}
