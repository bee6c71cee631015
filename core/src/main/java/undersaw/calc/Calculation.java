package undersaw.calc;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.pcollections.PMap;
import undersaw.calc.AccountPosition.EntryTotals;
import undersaw.engagement.Snapshot;
import undersaw.engagement.Touch;
import undersaw.form.Line;
import undersaw.form.MapTarget;
import undersaw.form.Part;
import undersaw.form.RowList;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Formula;
import undersaw.law.Law;
import undersaw.ledger.Account;
import undersaw.ledger.Mapping;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.line.NaturalOrder;
import undersaw.money.Money;

/**
 * A return computed: the value of every line of one snapshot under the law of its year.
 *
 * <p>Immutable. {@link #after} gives the calculation of the next snapshot by evaluating only what depends on it.
 */
public final class Calculation {
    private final Plan plan;
    private final Snapshot snapshot;
    private final Law law;
    private final Pools pools;
    private final BookTotals books;
    private final PMap<LineKey, LineValue> values;
    private final RowValues rows;
    private final Map<String, EntryTotals> entries;
    private final int evaluated;
    private final Object self = new Object();
    private final @Nullable Object before;
    private final Set<LineKey> moved;
    private final Set<String> movedAccounts;

    Calculation(Evaluation evaluation, @Nullable Calculation before) {
        this.before = before == null ? null : before.self;
        moved = evaluation.moved();
        plan = evaluation.plan();
        snapshot = evaluation.snapshot();
        law = evaluation.law();
        pools = evaluation.pools();
        books = evaluation.books();
        movedAccounts = evaluation.movedAccounts();
        values = evaluation.values();
        rows = evaluation.rows();
        entries = evaluation.entries();
        evaluated = evaluation.evaluated();
    }

    /** Every line evaluated. */
    public static Calculation of(Plan plan, Snapshot snapshot) {
        return new Calculation(Evaluation.full(plan, snapshot), null);
    }

    /** The next snapshot, evaluating only the lines that depend on what was touched. */
    public Calculation after(Snapshot next, Set<Touch> touches) {
        if (touches.stream().anyMatch(Touch.OfEverything.class::isInstance)
                || next.heading().period().lawYear() != plan.year()) {
            return of(plan, next);
        }
        return new Calculation(Evaluation.after(this, next, touches), this);
    }

    public Plan plan() {
        return plan;
    }

    public Snapshot snapshot() {
        return snapshot;
    }

    public Law law() {
        return law;
    }

    /** How many lines, and rows of accounts behind them, were evaluated to get here from the calculation before. */
    public int evaluatedLines() {
        return evaluated;
    }

    /** What stands at an address that may come from outside; nothing where nothing does, or there is no such line. */
    public Optional<LineValue> value(LineKey key) {
        return Optional.ofNullable(values.get(key));
    }

    /**
     * What stands on a line; nothing where it is empty, or no line of this year.
     *
     * @throws IllegalArgumentException when the return has no such line in any year: a misspelt one is never nothing
     */
    public Optional<LineValue> value(LineId line) {
        return Optional.ofNullable(known(line));
    }

    private @Nullable LineValue known(LineId line) {
        LineValue value = values.get(line.alone());
        if (value == null && !plan.knows(line)) {
            throw new IllegalArgumentException("the return has no line " + line);
        }
        return value;
    }

    /** The line's amount; zero where it is empty. */
    public Money amount(LineId line) {
        LineValue value = known(line);
        return value == null ? Money.ZERO : value.amount();
    }

    public Money amount(Line line) {
        return amount(line.id());
    }

    /** The answer or words on a line; empty where there are none. */
    public String answer(LineId line) {
        return value(line).map(value -> value.value().plain()).orElse("");
    }

    /** Exact cents that accounts bring to the line. */
    public Money posted(LineId line) {
        return pools.total(line);
    }

    /** What accounts bring to the line, in the order of their numbers. */
    public List<Posting> postings(LineId line) {
        return List.copyOf(pools.feeders(line));
    }

    /** Whether any account brings anything to the line. */
    public boolean isFed(LineId line) {
        return !pools.feeders(line).isEmpty();
    }

    /** What all accounts come to. */
    public BookTotals books() {
        return books;
    }

    /** The accounts that are, or stand, otherwise than in the calculation that this one was made out of. */
    public Optional<Set<String>> accountsMovedSince(Calculation other) {
        return before == other.self ? Optional.of(movedAccounts) : Optional.empty();
    }

    /** All that one account brings. */
    public List<Posting> postingsOf(String account) {
        return pools.of(account);
    }

    /** The instances in which a repeating line has a value, in order. */
    public List<String> instances(LineId line) {
        return List.copyOf(rows.of(line).byInstance().keySet());
    }

    /** Whether a condition holds on this return. */
    public boolean holds(Condition condition) {
        return condition.holds(new ValueFigures(this));
    }

    /** What a formula comes to on this return. */
    public Money amount(Formula formula) {
        return formula.value(new ValueFigures(this));
    }

    /** Whether a part belongs to this return. */
    public boolean holds(Part part) {
        boolean excused = part.excused().map(this::holds).orElse(false);
        boolean needed = part.needed().map(this::holds).orElse(true);
        return !excused && (needed || isAdded(part));
    }

    /** Whether somebody added the part by hand. */
    public boolean isAdded(Part part) {
        return part.added().map(line -> answer(line.id()).equals("yes")).orElse(false);
    }

    /** Every value of the return in the order of the forms; parts that are excused are left out. */
    public List<LineValue> printed() {
        List<LineValue> printed = new ArrayList<>();
        for (Part part : plan.parts()) {
            if (holds(part)) {
                plan.linesOf(part).forEach(line -> printed.addAll(valuesOf(line)));
            }
        }
        return printed;
    }

    /** The values of a line, one for each instance where it repeats. */
    public List<LineValue> valuesOf(Line line) {
        if (!line.isRepeating()) {
            return value(line.id()).stream().toList();
        }
        return rowValues(line.id());
    }

    /** The place that the account, or its rest, is mapped to; nothing where there is none. */
    public Optional<MapTarget> target(String account) {
        return snapshot.mapping(account).map(Mapping::line).flatMap(plan::target);
    }

    /** The account's closing balance after adjusting and reclassifying entries, debit positive. */
    public Money adjusted(Account account) {
        return AccountPosition.balances(account, entries).adjusted();
    }

    /** The account's opening balance with what was ordered to be put to it, debit positive. */
    public Money opening(Account account) {
        return AccountPosition.balances(account, entries).opening();
    }

    /** The sum of the account's tax entries, debit positive. */
    public Money taxEntries(Account account) {
        return entries.getOrDefault(account.number(), EntryTotals.NONE).tax();
    }

    /**
     * The keys whose value differs between two calculations. Where one was made out of the other, its evaluation tells
     * them; else all values are held against each other.
     */
    public Set<LineKey> differences(Calculation other) {
        if (before == other.self) {
            return moved;
        }
        if (other.before == self) {
            return other.moved;
        }
        Set<LineKey> changed = new HashSet<>();
        values.forEach((key, value) -> {
            if (!value.equals(other.values.get(key))) {
                changed.add(key);
            }
        });
        other.values.keySet().stream().filter(key -> !values.containsKey(key)).forEach(changed::add);
        return changed;
    }

    /** What stands on a repeating line, row by row, in order. */
    public List<LineValue> rowValues(LineId line) {
        return List.copyOf(rows.of(line).byInstance().values());
    }

    /** Whether the return has a list of that name with rows in it. */
    public boolean hasRows(String list) {
        return plan.list(list).stream()
                .flatMap(each -> each.lines().stream())
                .anyMatch(line -> !rows.of(line.id()).byInstance().isEmpty());
    }

    /** The rows of a list that hold anything, in order. */
    public List<String> rowsOf(RowList list) {
        return list.lines().stream()
                .flatMap(line -> rows.of(line.id()).byInstance().keySet().stream())
                .distinct()
                .sorted(NaturalOrder.COUNTED)
                .toList();
    }

    /** The sum of a repeating line's rows, to the cent where they keep cents. */
    public Money rowTotal(LineId line) {
        return rows.of(line).total();
    }

    Map<String, EntryTotals> entries() {
        return entries;
    }

    Pools pools() {
        return pools;
    }

    PMap<LineKey, LineValue> values() {
        return values;
    }

    RowValues rows() {
        return rows;
    }
}
