package undersaw.returns;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import undersaw.calc.Calculation;
import undersaw.calc.Posting;
import undersaw.form.Line;
import undersaw.form.formula.Input;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * A line that two calculations hold differently, with what moved it.
 *
 * @param line the definition
 * @param before the amount, or the total of its rows, in the earlier calculation
 * @param after the same in the later one
 * @param causes what moved it from outside the return: accounts, typed figures, rows, payments, the law
 * @param through other lines that moved and that it reads
 */
public record WhyMoved(Line line, Money before, Money after, List<Cause> causes, List<LineId> through) {
    /**
     * One thing that moved a line.
     *
     * @param words what it is
     * @param change by how much it moved the line; zero where that cannot be told apart
     */
    public record Cause(String words, Money change) {}

    /** By how much the line moved. */
    public Money change() {
        return after.minus(before);
    }

    /** Every amount that moved, causes before what they cause. */
    public static List<WhyMoved> between(Calculation before, Calculation after) {
        List<Line> moved = after.plan().parts().stream()
                .flatMap(part -> after.plan().linesOf(part).stream())
                .filter(line -> line.kind().isNumber())
                .filter(line -> !amount(before, line.id()).equals(amount(after, line.id())))
                .sorted(Comparator.comparingInt(after.plan()::place))
                .toList();
        Set<LineId> ids = moved.stream().map(Line::id).collect(Collectors.toSet());
        return moved.stream().map(line -> of(before, after, line, ids)).toList();
    }

    /** Of these, the ones that bear on one line. */
    public static List<WhyMoved> behind(LineId target, List<WhyMoved> moved) {
        Map<LineId, WhyMoved> byLine =
                moved.stream().collect(Collectors.toMap(each -> each.line().id(), each -> each));
        Set<LineId> kept = new HashSet<>();
        Deque<LineId> open = new ArrayDeque<>(List.of(target));
        while (!open.isEmpty()) {
            WhyMoved next = byLine.get(open.pop());
            if (next != null && kept.add(next.line().id())) {
                open.addAll(next.through());
            }
        }
        return moved.stream().filter(each -> kept.contains(each.line().id())).toList();
    }

    private static WhyMoved of(Calculation before, Calculation after, Line line, Set<LineId> moved) {
        List<Cause> causes = new ArrayList<>(accounts(before, after, line.id()));
        typed(before, after, line).ifPresent(causes::add);
        Set<LineId> through = new TreeSet<>();
        for (Input input : line.rule().map(formula -> formula.reads()).orElse(Set.of())) {
            input.lines().stream().filter(moved::contains).forEach(through::add);
            if (input instanceof Input.OfLaw law) {
                String was = before.law().value(law.key()).text();
                String is = after.law().value(law.key()).text();
                if (!was.equals(is)) {
                    causes.add(new Cause("the law: " + law.key().words() + " " + was + ", now " + is, Money.ZERO));
                }
            } else if (input instanceof Input.OfPayments paid) {
                listed(
                                "payments listed as " + paid.kind().caption(),
                                before.snapshot().lists().paid(paid.kind()),
                                after.snapshot().lists().paid(paid.kind()))
                        .ifPresent(causes::add);
            } else if (input instanceof Input.OfCarryovers carried) {
                listed(
                                carried.kind().caption() + " brought forward",
                                before.snapshot().lists().carried(carried.kind(), year -> true),
                                after.snapshot().lists().carried(carried.kind(), year -> true))
                        .ifPresent(causes::add);
            }
        }
        return new WhyMoved(
                line, amount(before, line.id()), amount(after, line.id()), List.copyOf(causes), List.copyOf(through));
    }

    private static Optional<Cause> listed(String words, Money was, Money is) {
        return was.equals(is) ? Optional.empty() : Optional.of(new Cause(words, is.minus(was)));
    }

    private static Optional<Cause> typed(Calculation before, Calculation after, Line line) {
        if (line.isRepeating()) {
            int was = before.instances(line.id()).size();
            int is = after.instances(line.id()).size();
            return line.isTyped()
                    ? Optional.of(new Cause(
                            is + (is == 1 ? " row" : " rows") + ", before " + was,
                            amount(after, line.id()).minus(amount(before, line.id()))))
                    : Optional.empty();
        }
        String was = before.snapshot()
                .fact(line.id().alone())
                .map(fact -> fact.value())
                .orElse("");
        String is = after.snapshot()
                .fact(line.id().alone())
                .map(fact -> fact.value())
                .orElse("");
        if (was.equals(is)) {
            return Optional.empty();
        }
        String words = is.isEmpty() ? "no longer typed" : "typed " + is + (was.isEmpty() ? "" : ", before " + was);
        return Optional.of(new Cause(words, Money.ZERO));
    }

    private static List<Cause> accounts(Calculation before, Calculation after, LineId line) {
        Map<String, Money> was = byAccount(before, line);
        Map<String, Money> is = byAccount(after, line);
        Set<String> numbers = new TreeSet<>(was.keySet());
        numbers.addAll(is.keySet());
        List<Cause> causes = new ArrayList<>();
        for (String number : numbers) {
            Money change = is.getOrDefault(number, Money.ZERO).minus(was.getOrDefault(number, Money.ZERO));
            if (!change.isZero()) {
                causes.add(new Cause("account " + number + " " + name(before, after, number), change));
            }
        }
        causes.sort(Comparator.comparing((Cause cause) -> cause.change().abs()).reversed());
        return causes;
    }

    private static String name(Calculation before, Calculation after, String number) {
        var now = after.snapshot().accounts().get(number);
        return now != null
                ? now.name()
                : before.snapshot().accounts().get(number).name();
    }

    private static Map<String, Money> byAccount(Calculation calculation, LineId line) {
        return calculation.postings(line).stream()
                .collect(Collectors.groupingBy(
                        Posting::account, TreeMap::new, Collectors.reducing(Money.ZERO, Posting::amount, Money::plus)));
    }

    private static Money amount(Calculation calculation, LineId line) {
        boolean repeats =
                calculation.plan().line(line).filter(Line::isRepeating).isPresent();
        return repeats ? calculation.rowTotal(line) : calculation.amount(line);
    }
}
