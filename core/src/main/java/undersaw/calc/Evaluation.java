package undersaw.calc;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.pcollections.HashTreePMap;
import org.pcollections.PMap;
import undersaw.calc.AccountPosition.EntryTotals;
import undersaw.calc.Plan.Node;
import undersaw.engagement.Fact;
import undersaw.engagement.Snapshot;
import undersaw.engagement.Touch;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.YearSpan;
import undersaw.law.Law;
import undersaw.law.calendar.Period;
import undersaw.ledger.Account;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.Entry;
import undersaw.ledger.EntryPosting;
import undersaw.ledger.Mapping;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.line.LineSource;
import undersaw.line.Value;
import undersaw.money.Money;

/** One run through the lines of a return, whole or only behind a change. */
final class Evaluation implements Figures {
    private final Plan plan;
    private final Snapshot snapshot;
    private final Law law;
    private Pools pools;
    private BookTotals books = BookTotals.none();
    private PMap<LineKey, LineValue> values;
    private RowValues rows;
    private final Map<String, EntryTotals> entries;
    private final Set<Input> stirred = new HashSet<>();
    private final Set<LineKey> moved = new HashSet<>();
    private final Set<String> movedAccounts = new HashSet<>();
    private final Map<LineId, Set<String>> movedRows = new HashMap<>();
    private boolean whole;
    private String row = "";
    private int evaluated;

    private Evaluation(Plan plan, Snapshot snapshot, Map<String, EntryTotals> entries) {
        this.entries = entries;
        this.plan = plan;
        this.snapshot = snapshot;
        law = Law.of(plan.year());
        pools = Pools.empty();
        values = HashTreePMap.empty();
        rows = RowValues.none();
    }

    static Evaluation full(Plan plan, Snapshot snapshot) {
        Evaluation run = new Evaluation(plan, snapshot, entryTotals(snapshot));
        snapshot.accounts().values().forEach(run::post);
        run.whole = true;
        snapshot.facts().forEach((key, fact) -> run.keepRow(key, fact));
        plan.order().forEach(run::evaluate);
        return run;
    }

    static Evaluation after(Calculation before, Snapshot next, Set<Touch> touches) {
        Evaluation run = new Evaluation(before.plan(), next, before.entries());
        run.pools = before.pools();
        run.books = before.books();
        run.values = before.values();
        run.rows = before.rows();
        run.spread(run.dirty(touches));
        return run;
    }

    private void post(Account account) {
        Mapping mapping = snapshot.mappings().get(account.number());
        boolean known = mapping != null && plan.isTarget(mapping);
        List<Posting> postings =
                known ? SplitPostings.of(plan, AccountPosition.of(account, mapping, snapshot, entries)) : List.of();
        evaluated += postings.size();
        pools = pools.with(account.number(), postings).pairing(account.number(), known ? mapping.partner() : "");
        books = books.with(account, AccountPosition.balances(account, entries).adjusted(), mapping);
    }

    /** What a person typed in a row; computed cells, typed over or not, are found when their line's turn comes. */
    private void keepRow(LineKey key, @Nullable Fact fact) {
        if (key.instance().isEmpty() || !plan.has(key.line())) {
            return;
        }
        Line line = plan.node(key.line()).line();
        if (line.isRepeating() && line.isTyped()) {
            LineValue now = fact == null ? null : typed(line, key, fact);
            noteMoved(key, values.get(key), now);
            put(key, now);
        } else if (line.isRepeating() && fact != null) {
            movedRows.computeIfAbsent(key.line(), unused -> new HashSet<>()).add(key.instance());
        }
    }

    /** Remembers that something else stands on a line than before this run; tells whether it does. */
    private boolean noteMoved(LineKey key, @Nullable LineValue before, @Nullable LineValue now) {
        boolean other = !Objects.equals(before, now);
        if (other && !whole) {
            moved.add(key);
        }
        return other;
    }

    private void put(LineKey key, @Nullable LineValue value) {
        if (value == null) {
            values = values.minus(key);
            rows = rows.without(key);
        } else {
            values = values.plus(key, value);
            rows = rows.with(value);
        }
    }

    private PriorityQueue<Node> dirty(Set<Touch> touches) {
        PriorityQueue<Node> queue = new PriorityQueue<>(Comparator.comparingInt(Node::place));
        for (Touch touch : touches) {
            if (touch instanceof Touch.OfAccount account) {
                repost(account.number(), queue);
                Set.copyOf(pools.readersOf(account.number())).forEach(reader -> repost(reader, queue));
            } else if (touch instanceof Touch.OfFact fact) {
                retype(fact.key(), queue);
            } else if (touch instanceof Touch.OfLists) {
                for (PaymentKind kind : PaymentKind.values()) {
                    stir(new Input.OfPayments(kind), queue);
                }
                for (CarryoverKind kind : CarryoverKind.values()) {
                    stir(new Input.OfCarryovers(kind), queue);
                }
            } else if (touch instanceof Touch.OfHeading) {
                stir(new Input.OfHeading(), queue);
            }
        }
        return queue;
    }

    private void stir(Input input, PriorityQueue<Node> queue) {
        stirred.add(input);
        queue.addAll(plan.readersOf(input));
    }

    private void repost(String number, PriorityQueue<Node> queue) {
        Set<LineId> touched = new TreeSet<>();
        pools.of(number).forEach(posting -> touched.add(posting.line()));
        Account account = snapshot.accounts().get(number);
        movedAccounts.add(number);
        if (account == null) {
            pools = pools.with(number, List.of());
            books = books.without(number);
        } else {
            post(account);
        }
        pools.of(number).forEach(posting -> touched.add(posting.line()));
        touched.forEach(line -> stir(new Input.OfAccounts(line), queue));
    }

    private void retype(LineKey key, PriorityQueue<Node> queue) {
        if (plan.has(key.line())) {
            Node node = plan.node(key.line());
            if (node.line().isRepeating()) {
                movedRows.computeIfAbsent(key.line(), unused -> new HashSet<>()).add(key.instance());
            }
            if (node.line().isRepeating() && node.line().isTyped()) {
                evaluated++;
                keepRow(key, snapshot.facts().get(key));
                stir(new Input.OfLine(key.line()), queue);
            } else {
                queue.add(node);
            }
        } else if (snapshot.accounts().containsKey(key.instance())) {
            // the tax amount of one account under its treatment
            repost(key.instance(), queue);
        }
    }

    private void spread(PriorityQueue<Node> queue) {
        int last = -1;
        while (!queue.isEmpty()) {
            Node node = queue.poll();
            if (node.place() != last) {
                last = node.place();
                if (evaluate(node)) {
                    stir(new Input.OfLine(node.line().id()), queue);
                }
            }
        }
    }

    /** Evaluates one line; tells whether its value changed. */
    private boolean evaluate(Node node) {
        if (isShut(node)) {
            LineKey key = node.line().id().alone();
            LineValue held = values.get(key);
            values = values.minus(key);
            return noteMoved(key, held, null);
        }
        evaluated++;
        if (node.line().isRepeating()) {
            return evaluateRows(node);
        }
        LineKey key = node.line().id().alone();
        LineValue before = values.get(key);
        LineValue now = find(node, key);
        values = now == null ? values.minus(key) : values.plus(key, now);
        return noteMoved(key, before, now);
    }

    /** A line of a part that is not needed, with nothing typed on it. */
    private boolean isShut(Node node) {
        return node.gate().filter(gate -> !gate.holds(this)).isPresent()
                && !snapshot.facts().containsKey(node.line().id().alone());
    }

    /** Evaluates a computed column, only in the rows that moved where nothing else did. */
    private boolean evaluateRows(Node node) {
        LineId line = node.line().id();
        if (node.line().isTyped()) {
            return true;
        }
        boolean changed = false;
        for (String instance : rowsToFind(node)) {
            LineKey key = line.in(instance);
            LineValue before = values.get(key);
            row = instance;
            LineValue now = find(node, key);
            row = "";
            if (noteMoved(key, before, now)) {
                put(key, now);
                movedRows.computeIfAbsent(line, unused -> new HashSet<>()).add(instance);
                changed = true;
            }
        }
        return changed;
    }

    private Set<String> rowsToFind(Node node) {
        boolean all =
                whole || node.reads().stream().anyMatch(input -> stirred.contains(input) && columnOf(input) == null);
        Set<String> found = new TreeSet<>(movedRows.getOrDefault(node.line().id(), Set.of()));
        for (Input input : node.reads()) {
            LineId column = columnOf(input);
            if (column != null) {
                found.addAll(all ? rows.of(column).byInstance().keySet() : movedRows.getOrDefault(column, Set.of()));
            }
        }
        if (all) {
            found.addAll(rows.of(node.line().id()).byInstance().keySet());
        }
        return found;
    }

    /** The repeating line that is read; null where it is anything else. */
    private @Nullable LineId columnOf(Input input) {
        return input instanceof Input.OfLine read
                        && plan.node(read.line()).line().isRepeating()
                ? read.line()
                : null;
    }

    private @Nullable LineValue find(Node node, LineKey key) {
        Line line = node.line();
        Fact fact = snapshot.facts().get(key);
        if (line.isTyped()) {
            return fact == null ? null : typed(line, key, fact);
        }
        LineValue computed = compute(node, key);
        if (fact == null) {
            return computed;
        }
        Money replaced = computed == null ? Money.ZERO : computed.amount();
        LineSource source = line.isBooksOnly() ? LineSource.TYPED : LineSource.OVERRIDDEN;
        return new LineValue(key, typed(line, key, fact).value(), source, replaced, fact);
    }

    private @Nullable LineValue compute(Node node, LineKey key) {
        Line line = node.line();
        if (line.headingField().isPresent()) {
            String text = snapshot.heading().text(line.headingField().get());
            return text.isEmpty() ? null : LineValue.computed(key, Value.of(text), LineSource.TYPED);
        }
        if (line.yesWhen().isPresent()) {
            String answer = line.yesWhen().get().holds(this) ? "yes" : "no";
            return LineValue.computed(key, Value.of(answer), LineSource.COMPUTED);
        }
        if (!line.isAlways() && !hasInput(node)) {
            return null;
        }
        Money amount = node.formula().orElseThrow().value(this);
        if (amount.isZero() && line.isRepeating() && line.isAside()) {
            // a column that serves totals only; thousands of rows would keep a nothing each
            return null;
        }
        if (line.kind() == LineKind.PERCENT) {
            return LineValue.computed(key, Value.of(amount.toString()), LineSource.COMPUTED);
        }
        return LineValue.computed(key, Value.of(amount), line.isBooksOnly() ? LineSource.BOOKS : LineSource.COMPUTED);
    }

    private boolean hasInput(Node node) {
        for (Input input : node.reads()) {
            if (input instanceof Input.OfLine read && isFilled(read.line())
                    || input instanceof Input.OfAccounts read2 && pools.totals().containsKey(read2.line())
                    || input instanceof Input.OfPayments paid
                            && !paid(paid.kind()).isZero()
                    || input instanceof Input.OfCarryovers carried
                            && snapshot.lists().carryovers().stream().anyMatch(each -> each.kind() == carried.kind())) {
                return true;
            }
        }
        return false;
    }

    private boolean isFilled(LineId line) {
        return values.containsKey(key(line))
                || row.isEmpty() && !rows.of(line).byInstance().isEmpty();
    }

    /** Within a row, other columns mean the same row. */
    private LineKey key(LineId line) {
        return row.isEmpty() || !plan.node(line).line().isRepeating() ? line.alone() : line.in(row);
    }

    private static LineValue typed(Line line, LineKey key, Fact fact) {
        if (!line.kind().isNumber() || !Money.isPlain(fact.value())) {
            return new LineValue(key, Value.of(fact.value()), LineSource.TYPED, null, fact);
        }
        Money amount = Money.parse(fact.value());
        Value value = Value.of(line.isInCents() ? amount : amount.roundedToDollars());
        return new LineValue(key, value, LineSource.TYPED, null, fact);
    }

    @Override
    public Money amount(LineId line) {
        LineValue value = values.get(key(line));
        return value == null ? Money.ZERO : value.amount();
    }

    @Override
    public Money unreplaced(LineId line) {
        LineValue value = values.get(key(line));
        return value == null ? Money.ZERO : value.unreplaced();
    }

    @Override
    public String answer(LineId line) {
        LineValue value = values.get(key(line));
        return value == null ? "" : value.value().plain();
    }

    @Override
    public Money posted(LineId line) {
        return pools.total(line);
    }

    @Override
    public Money rowTotal(LineId line) {
        return rows.of(line).total().roundedToDollars();
    }

    @Override
    public Money paid(PaymentKind kind) {
        return snapshot.lists().paid(kind);
    }

    @Override
    public Money carried(CarryoverKind kind, YearSpan years) {
        int returnYear = snapshot.heading().period().lawYear();
        return snapshot.lists().carried(kind, origin -> years.contains(origin, returnYear));
    }

    @Override
    public List<Payment> payments() {
        return snapshot.lists().payments();
    }

    @Override
    public Period period() {
        return snapshot.heading().period();
    }

    @Override
    public Law law() {
        return law;
    }

    BookTotals books() {
        return books;
    }

    /** The accounts that were looked at anew; none after a full run. */
    Set<String> movedAccounts() {
        return Set.copyOf(movedAccounts);
    }

    Plan plan() {
        return plan;
    }

    Snapshot snapshot() {
        return snapshot;
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

    int evaluated() {
        return evaluated;
    }

    /** The keys that hold something else than in the calculation before; none after a full run. */
    Set<LineKey> moved() {
        return Set.copyOf(moved);
    }

    Map<String, EntryTotals> entries() {
        return entries;
    }

    private static Map<String, EntryTotals> entryTotals(Snapshot snapshot) {
        Map<String, EntryTotals> totals = new HashMap<>();
        LocalDate start = snapshot.heading().period().start();
        for (Entry entry : snapshot.lists().entries()) {
            for (EntryPosting posting : entry.postings()) {
                totals.merge(posting.account(), EntryTotals.of(entry, posting.amount(), start), EntryTotals::plus);
            }
        }
        return totals;
    }
}
