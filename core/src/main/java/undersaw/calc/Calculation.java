package undersaw.calc;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
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
import undersaw.form.formula.Division;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Formula;
import undersaw.form.formula.MemberFigures;
import undersaw.form.formula.Total;
import undersaw.law.Law;
import undersaw.ledger.Account;
import undersaw.ledger.Mapping;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.line.LineKey;
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
    private final RowFigures rows;
    private final Map<String, EntryTotals> entries;
    private final int evaluated;
    private final Object self = new Object();
    private final @Nullable Object before;
    private final Set<LineKey> moved;
    private final Map<Line, BitSet> movedCells;
    private final Set<String> movedAccounts;

    Calculation(Evaluation evaluation, @Nullable Calculation before) {
        this.before = before == null ? null : before.self;
        moved = evaluation.moved();
        movedCells = evaluation.movedCells();
        plan = evaluation.plan();
        snapshot = evaluation.snapshot();
        law = Law.of(plan.year());
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
        if (key.instance().isEmpty()) {
            return Optional.ofNullable(values.get(key));
        }
        return plan.line(key.line()).filter(Line::isRepeating).map(line -> rows.value(line, key.instance(), snapshot));
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
        return pools.total(line.alone());
    }

    /** What accounts bring to the line, in the order of their numbers; member by member where it repeats. */
    public List<Posting> postings(LineId line) {
        Optional<Dimension> members = plan.line(line).flatMap(Line::scope);
        return members.isEmpty()
                ? postings(line.alone())
                : rows.of(members.get()).inOrder().stream()
                        .flatMap(member -> postings(line.in(member)).stream())
                        .toList();
    }

    /** What accounts bring to one place, in the order of their numbers. */
    public List<Posting> postings(LineKey place) {
        return List.copyOf(pools.feeders(place));
    }

    /** Whether any account brings anything to the line. */
    public boolean isFed(LineId line) {
        return !postings(line).isEmpty();
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
        return plan.line(line).filter(Line::isRepeating).map(rows::names).orElse(List.of());
    }

    /** Whether a condition holds on this return. */
    public boolean holds(Condition condition) {
        return condition.holds(new ValueFigures(this));
    }

    /** What a formula comes to on this return. */
    public Money amount(Formula formula) {
        return formula.value(new ValueFigures(this));
    }

    /** The figures as a rule sees them that stands in this place; null for one outside of all members. */
    public Figures seenFrom(@Nullable LineKey place) {
        return new ValueFigures(this, place);
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
        Set<LineKey> changed = new HashSet<>(lineDifferences(other));
        if (before == other.self) {
            changed.addAll(rows.keys(movedCells));
        } else if (other.before == self) {
            changed.addAll(other.rows.keys(other.movedCells));
        } else {
            changed.addAll(scanned(cells(), other.cells()));
        }
        return changed;
    }

    /** The same without the cells of lines that repeat. */
    public Set<LineKey> lineDifferences(Calculation other) {
        if (before == other.self) {
            return moved;
        }
        return other.before == self ? other.moved : scanned(values, other.values);
    }

    private static Set<LineKey> scanned(Map<LineKey, LineValue> left, Map<LineKey, LineValue> right) {
        Set<LineKey> changed = new HashSet<>();
        left.forEach((key, value) -> {
            if (!value.equals(right.get(key))) {
                changed.add(key);
            }
        });
        right.keySet().stream().filter(key -> !left.containsKey(key)).forEach(changed::add);
        return changed;
    }

    private Map<LineKey, LineValue> cells() {
        Map<LineKey, LineValue> cells = new HashMap<>();
        rows.columns().keySet().stream()
                .flatMap(line -> plan.line(line).stream())
                .flatMap(line -> rows.values(line, snapshot).stream())
                .forEach(value -> cells.put(value.key(), value));
        return cells;
    }

    /** What stands on a repeating line, row by row, in order. */
    public List<LineValue> rowValues(LineId line) {
        return plan.line(line)
                .filter(Line::isRepeating)
                .map(each -> rows.values(each, snapshot))
                .orElse(List.of());
    }

    /** Whether the return has a list of that name with rows in it. */
    public boolean hasRows(String list) {
        return plan.list(list).stream()
                .flatMap(each -> each.lines().stream())
                .anyMatch(line -> rows.column(line.id()).count() > 0);
    }

    /**
     * The member of a dimension that a place means when its line reads others: its own, or that of its pair; empty
     * where it means none.
     */
    public String member(LineKey place, Dimension dimension) {
        Dimension scope = plan.line(place.line()).flatMap(Line::scope).orElse(null);
        if (scope == null || place.instance().isEmpty()) {
            return "";
        }
        String part = scope.equals(dimension) ? place.instance() : scope.of(dimension, place.instance());
        return part == null ? "" : part;
    }

    /** The place that a line means when it reads another. */
    public LineKey read(LineKey place, Line other) {
        return other.id().in(other.scope().map(scope -> member(place, scope)).orElse(""));
    }

    /** The members of a dimension, in the order of their names. */
    public List<String> members(Dimension dimension) {
        return List.copyOf(rows.of(dimension).inOrder());
    }

    /** The rows of a list that hold anything, in order. */
    public List<String> rowsOf(RowList list) {
        List<String> rows = new ArrayList<>(filledRows(list));
        list.part().order().ifPresent(place -> rows.sort(Comparator.comparingLong(row -> place(place, row))));
        return rows;
    }

    private long place(Line order, String row) {
        return Part.place(
                value(order.id().in(row)).map(value -> value.value().plain()).orElse(""));
    }

    private List<String> filledRows(RowList list) {
        List<Column> columns =
                list.lines().stream().map(line -> rows.column(line.id())).toList();
        return rows.of(list.members()).present().entrySet().stream()
                .filter(member -> columns.stream().anyMatch(column -> column.has(member.getValue())))
                .map(Map.Entry::getKey)
                .toList();
    }

    /** The sum of a repeating line's cells, to the cent where they keep cents; other numbers count too. */
    public Money rowTotal(LineId line) {
        boolean amounts = plan.line(line).filter(each -> each.kind().isNumber()).isPresent();
        return amounts
                ? Money.ofCents(rows.column(line).sum())
                : Money.sum(rowValues(line).stream().map(Calculation::countable).toList());
    }

    private static Money countable(LineValue value) {
        String plain = value.value().plain();
        return Money.isPlain(plain) ? Money.parse(plain).roundedToDollars() : Money.ZERO;
    }

    /** What a line sums to over the members that count, to the cent. */
    public Money total(Total total) {
        return Money.ofCents(rows.tally(total).sum());
    }

    /** What one member brings to a total, to the cent; nothing where it does not count. */
    public Money part(Total total, String member) {
        int place = plan.line(total.line())
                .flatMap(Line::scope)
                .map(scope -> rows.of(scope).place(member))
                .orElse(-1);
        return place < 0 ? Money.ZERO : Money.ofCents(rows.tally(total).parts().at(place));
    }

    /** A member's part of what is divided: cents, or millionths of what is no amount; 0 where it has none. */
    public long part(Division division, String member) {
        int place = rows.of(division.members()).place(member);
        return place < 0 ? 0 : rows.shares(division).at(place);
    }

    /** What a rule that looks at all members finds on this return. */
    public <T> T ofMembers(BiFunction<Figures, MemberFigures, T> rule) {
        return rule.apply(new ValueFigures(this), new ValueMembers(this));
    }

    /** How a member's part of what is divided was found, in sentences. */
    public List<String> steps(Division division, String member) {
        return division.steps(new ValueFigures(this), new ValueMembers(this), member);
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

    RowFigures rows() {
        return rows;
    }
}
