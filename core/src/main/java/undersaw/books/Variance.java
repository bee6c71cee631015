package undersaw.books;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.form.Line;
import undersaw.ledger.Account;
import undersaw.line.LineId;
import undersaw.line.Value;
import undersaw.money.Money;
import undersaw.money.Percent;

/**
 * This year against last, for one account or one line.
 *
 * @param place the account's number or the line's address
 * @param caption its name
 * @param amount this year, in the sign in which it usually stands positive
 * @param lastYear last year
 * @param beyond whether the change passes both thresholds
 */
public record Variance(String place, String caption, Money amount, Money lastYear, boolean beyond) {
    /**
     * From when on a change is worth a look.
     *
     * @param amount at least this much
     * @param percent and at least this share of last year
     */
    public record Thresholds(Money amount, Percent percent) {
        /** What is used until a person sets their own (common practice, no source). */
        public static final Thresholds USUAL = new Thresholds(Money.ofDollars(5_000), Percent.of("10"));

        boolean passedBy(Money now, Money before) {
            Money change = now.minus(before).abs();
            return change.compareTo(amount) >= 0
                    && (before.isZero()
                            || Percent.ratio(change, before.abs()).value().compareTo(percent.value()) >= 0);
        }
    }

    public Money change() {
        return amount.minus(lastYear);
    }

    /** The change in percent of last year; a dash where last year was nothing. */
    public String changePercent() {
        return lastYear.isZero() ? "–" : Percent.ratio(change(), lastYear.abs()).toString();
    }

    /** By account, the largest change first. */
    public static List<Variance> byAccount(Calculation year, Calculation lastYear, Thresholds thresholds) {
        Map<String, Account> accounts = new TreeMap<>(lastYear.snapshot().accounts());
        accounts.putAll(year.snapshot().accounts());
        List<Variance> found = new ArrayList<>();
        accounts.forEach((number, account) -> {
            Money now = WorkingBalance.closing(year, number);
            Money before = WorkingBalance.closing(lastYear, number);
            boolean credit = now.plus(before).isNegative();
            add(
                    found,
                    new Named(number, account.name()),
                    new Both(credit ? now.negated() : now, credit ? before.negated() : before),
                    thresholds);
        });
        return sorted(found);
    }

    /** By line of the return, worksheets left out, the largest change first. */
    public static List<Variance> byLine(Calculation year, Calculation lastYear, Thresholds thresholds) {
        Map<LineId, Money> now = amounts(year);
        Map<LineId, Money> before = amounts(lastYear);
        TreeSet<LineId> lines = new TreeSet<>(now.keySet());
        lines.addAll(before.keySet());
        List<Variance> found = new ArrayList<>();
        for (LineId line : lines) {
            String caption = year.plan().line(line).map(Line::caption).orElse("");
            add(
                    found,
                    new Named(line.text(), caption),
                    new Both(now.getOrDefault(line, Money.ZERO), before.getOrDefault(line, Money.ZERO)),
                    thresholds);
        }
        return sorted(found);
    }

    private static Map<LineId, Money> amounts(Calculation year) {
        Map<LineId, Money> amounts = new TreeMap<>();
        for (LineValue value : year.printed()) {
            boolean shown = year.plan()
                    .line(value.key().line())
                    .filter(line -> !line.part().isWorksheet())
                    .isPresent();
            if (shown
                    && value.value() instanceof Value.Amount
                    && value.key().instance().isEmpty()) {
                amounts.put(value.key().line(), value.amount());
            }
        }
        return amounts;
    }

    private record Named(String place, String caption) {}

    private record Both(Money now, Money before) {}

    private static void add(List<Variance> found, Named named, Both both, Thresholds thresholds) {
        if (!both.now().equals(both.before())) {
            found.add(new Variance(
                    named.place(),
                    named.caption(),
                    both.now(),
                    both.before(),
                    thresholds.passedBy(both.now(), both.before())));
        }
    }

    private static List<Variance> sorted(List<Variance> found) {
        return found.stream()
                .sorted(Comparator.comparing((Variance each) -> !each.beyond())
                        .thenComparing(each -> each.change().abs(), Comparator.reverseOrder())
                        .thenComparing(Variance::place))
                .toList();
    }
}
