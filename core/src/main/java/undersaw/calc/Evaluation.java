package undersaw.calc;

import java.time.LocalDate;
import java.util.BitSet;
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
import undersaw.calc.Steps.Node;
import undersaw.calc.Steps.Share;
import undersaw.calc.Steps.Step;
import undersaw.calc.Steps.Sum;
import undersaw.engagement.Fact;
import undersaw.engagement.Snapshot;
import undersaw.engagement.Touch;
import undersaw.form.Line;
import undersaw.form.formula.Input;
import undersaw.form.formula.Total;
import undersaw.ledger.Account;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.Entry;
import undersaw.ledger.EntryPosting;
import undersaw.ledger.Mapping;
import undersaw.ledger.PaymentKind;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.line.LineSource;
import undersaw.line.Value;
import undersaw.money.Money;

/** One run through the lines of a return, whole or only behind a change. */
final class Evaluation {
    private final Plan plan;
    private final Snapshot snapshot;
    private final PMap<LineKey, Fact> typedBefore;
    private BookTotals books = BookTotals.none();
    private final RowDraft rows;
    private final RunFigures figures;
    private final RunMembers members;
    private final Map<String, EntryTotals> entries;
    private final Set<Input> stirred = new HashSet<>();
    private final Set<Dimension> stirredMembers = new HashSet<>();
    private final Set<LineKey> moved = new HashSet<>();
    private final Set<String> movedAccounts = new HashSet<>();
    private final Map<LineId, BitSet> retyped = new HashMap<>();
    private boolean whole;
    private int evaluated;

    private Evaluation(Plan plan, Snapshot snapshot, Map<String, EntryTotals> entries) {
        this.entries = entries;
        this.plan = plan;
        this.snapshot = snapshot;
        typedBefore = HashTreePMap.empty();
        rows = new RowDraft(RowFigures.none(), plan.pairs());
        figures = new RunFigures(plan, snapshot, rows, Pools.empty(), HashTreePMap.empty());
        members = new RunMembers(plan, rows, figures);
        whole = true;
    }

    private Evaluation(Calculation before, Snapshot snapshot) {
        entries = before.entries();
        plan = before.plan();
        this.snapshot = snapshot;
        typedBefore = before.snapshot().facts();
        books = before.books();
        rows = new RowDraft(before.rows(), plan.pairs());
        figures = new RunFigures(plan, snapshot, rows, before.pools(), before.values());
        members = new RunMembers(plan, rows, figures);
    }

    static Evaluation full(Plan plan, Snapshot snapshot) {
        Evaluation run = new Evaluation(plan, snapshot, entryTotals(snapshot));
        plan.dimensions().stream()
                .filter(each -> !each.always().isEmpty())
                .forEach(each -> run.rows.count(each, each.always(), 1));
        snapshot.accounts().values().forEach(run::post);
        snapshot.facts().keySet().forEach(key -> {
            if (plan.has(key.line())) {
                run.retypeCell(plan.node(key.line()), key);
            }
        });
        plan.order().forEach(run::evaluate);
        return run;
    }

    static Evaluation after(Calculation before, Snapshot next, Set<Touch> touches) {
        Evaluation run = new Evaluation(before, next);
        run.spread(run.dirty(touches));
        return run;
    }

    private void post(Account account) {
        Mapping mapping = snapshot.mappings().get(account.number());
        boolean known = mapping != null && plan.isTarget(mapping);
        List<Posting> postings =
                known ? SplitPostings.of(plan, AccountPosition.of(account, mapping, snapshot, entries)) : List.of();
        evaluated += postings.size();
        figures.pools().of(account.number()).forEach(posting -> countFed(posting, -1));
        postings.forEach(posting -> countFed(posting, 1));
        figures.keep(figures.pools()
                .with(account.number(), postings)
                .pairing(account.number(), known ? mapping.partner() : ""));
        books = books.with(account, AccountPosition.balances(account, entries).adjusted(), mapping);
    }

    /** A member is there as soon as an account brings it anything. */
    private void countFed(Posting posting, int change) {
        Dimension members = plan.has(posting.line()) ? plan.node(posting.line()).scope() : null;
        if (members != null && !posting.place().instance().isEmpty()) {
            int place = rows.count(members, posting.place().instance(), change);
            rows.noteFed(posting.line(), place);
        }
    }

    private PriorityQueue<Step> dirty(Set<Touch> touches) {
        PriorityQueue<Step> queue = new PriorityQueue<>(Comparator.comparingInt(Step::place));
        for (Touch touch : touches) {
            if (touch instanceof Touch.OfAccount account) {
                repost(account.number(), queue);
                Set.copyOf(figures.pools().readersOf(account.number())).forEach(reader -> repost(reader, queue));
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

    private void stir(Input input, PriorityQueue<Step> queue) {
        if (stirred.add(input)) {
            queue.addAll(plan.readersOf(input));
        }
    }

    private void repost(String number, PriorityQueue<Step> queue) {
        Set<LineId> touched = new TreeSet<>();
        figures.pools().of(number).forEach(posting -> touched.add(posting.line()));
        Account account = snapshot.accounts().get(number);
        movedAccounts.add(number);
        if (account == null) {
            figures.pools().of(number).forEach(posting -> countFed(posting, -1));
            figures.keep(figures.pools().with(number, List.of()));
            books = books.without(number);
        } else {
            post(account);
        }
        figures.pools().of(number).forEach(posting -> touched.add(posting.line()));
        touched.forEach(line -> {
            stir(new Input.OfAccounts(line), queue);
            Dimension members = plan.has(line) ? plan.node(line).scope() : null;
            if (members != null) {
                stirMembers(members, queue);
            }
        });
    }

    /** Where members came or went, all that stands once a member is looked at for them, pairs of them too. */
    private void stirMembers(Dimension members, PriorityQueue<Step> queue) {
        if (!rows.comeOrGone(members).isEmpty() && stirredMembers.add(members)) {
            queue.addAll(plan.stepsOver(members));
            members.path().forEach(part -> stirMembers(part, queue));
            plan.pairs().stream()
                    .filter(path -> path.path().contains(members))
                    .forEach(path -> stirMembers(path, queue));
        }
    }

    private void retype(LineKey key, PriorityQueue<Step> queue) {
        if (plan.has(key.line())) {
            Node node = plan.node(key.line());
            Dimension members = node.scope();
            if (members == null) {
                queue.add(node);
            } else if (retypeCell(node, key)) {
                evaluated++;
                if (node.line().isTyped()) {
                    stir(new Input.OfLine(key.line()), queue);
                } else {
                    queue.add(node);
                }
                stirMembers(members, queue);
            }
        } else if (snapshot.accounts().containsKey(key.instance())) {
            // the tax amount of one account under its treatment
            repost(key.instance(), queue);
        }
    }

    /** Takes over what was typed in a cell, or no longer is; tells whether it is otherwise than before. */
    private boolean retypeCell(Node node, LineKey key) {
        Fact was = typedBefore.get(key);
        Fact is = snapshot.facts().get(key);
        if (node.scope() == null || key.instance().isEmpty() || Objects.equals(was, is)) {
            return false;
        }
        Line line = node.line();
        int place = rows.count(node.scope(), key.instance(), (is == null ? 0 : 1) - (was == null ? 0 : 1));
        if (line.isTyped()) {
            noteCell(line, place);
            rows.columns().of(line.id()).set(place, is == null ? null : Cell.ofTyped(line, is.value()));
        } else {
            retyped.computeIfAbsent(line.id(), unused -> new BitSet()).set(place);
            rows.replaced().of(line.id()).set(place, is == null ? null : 0L);
        }
        return true;
    }

    private void noteCell(Line line, int place) {
        if (!whole) {
            rows.noteMoved(line, place);
        }
    }

    private void spread(PriorityQueue<Step> queue) {
        int last = -1;
        while (!queue.isEmpty()) {
            Step step = queue.poll();
            if (step.place() < last) {
                throw new IllegalStateException("step " + step.place() + " comes after " + last + ", which it feeds");
            }
            if (step.place() > last) {
                last = step.place();
                if (evaluate(step)) {
                    stir(step.found(), queue);
                }
            }
        }
    }

    /** Finds one line, once or for each member, or one total; tells whether anything changed. */
    private boolean evaluate(Step step) {
        if (step instanceof Sum sum) {
            return sum(sum);
        }
        if (step instanceof Share share) {
            figures.find(plan.node(share.division().line()).line());
            Map<String, Long> parts = share.division().parts(figures, members);
            evaluated += parts.size();
            return rows.keep(share.division(), parts);
        }
        Node node = (Node) step;
        if (node.scope() != null) {
            return !node.line().isTyped() && evaluateCells(node);
        }
        figures.find(node.line());
        LineKey key = node.line().id().alone();
        LineValue before = figures.values().get(key);
        boolean shut = isShut(node);
        evaluated += shut ? 0 : 1;
        LineValue now = shut ? null : find(node, key);
        figures.keep(key, now);
        boolean other = !Objects.equals(before, now);
        if (other && !whole) {
            moved.add(key);
        }
        return other;
    }

    /** A line of a part that is not needed, with nothing typed on it. */
    private boolean isShut(Node node) {
        return isGateShut(node)
                && !snapshot.facts().containsKey(node.line().id().alone());
    }

    private boolean isGateShut(Node node) {
        return node.gate().filter(gate -> !gate.holds(figures)).isPresent();
    }

    /** Finds a line anew for the members for which anything that it reads moved. */
    private boolean evaluateCells(Node node) {
        Line line = node.line();
        figures.find(line);
        if (isEmptyForAll(node)) {
            return false;
        }
        BitSet places = toFind(node.reads(), node.scope());
        places.or(retyped.getOrDefault(line.id(), new BitSet()));
        boolean changed = false;
        for (int place = places.nextSetBit(0); place >= 0; place = places.nextSetBit(place + 1)) {
            figures.enter(node.scope(), place);
            changed |= evaluateCell(node, place);
        }
        figures.leave();
        return changed;
    }

    /** Most boxes of a statement of owners are empty for all of them: nobody is looked at for those. */
    private boolean isEmptyForAll(Node node) {
        Line line = node.line();
        return !line.isAlways()
                && line.yesWhen().isEmpty()
                && !retyped.containsKey(line.id())
                && rows.columns().isEmpty(line.id())
                && rows.replaced().isEmpty(line.id())
                && figures.isEmptyForAll(node);
    }

    private boolean evaluateCell(Node node, int member) {
        evaluated++;
        Line line = node.line();
        LineId id = line.id();
        boolean present = rows.isPresent(node.scope(), member);
        Long computed = present ? number(node) : null;
        if (computed != null && computed == 0 && line.isAside() && line.rule().isPresent()) {
            // a column that serves totals only; thousands of rows would keep a nothing each
            computed = null;
        }
        boolean over = rows.replaced().has(id, member);
        Long now = computed;
        boolean other = retyped.containsKey(id) && retyped.get(id).get(member);
        if (over) {
            Fact fact = Objects.requireNonNull(snapshot.facts().get(figures.key(id)));
            now = Cell.ofTyped(line, fact.value());
            long replaced = computed == null ? 0 : computed;
            other |= rows.replaced().at(id, member) != replaced;
            rows.replaced().of(id).put(member, replaced);
        }
        Long before = rows.columns().has(id, member) ? rows.columns().at(id, member) : null;
        if (!Objects.equals(before, now)) {
            other = true;
            rows.columns().of(id).set(member, now);
        }
        if (other) {
            noteCell(line, member);
        }
        return other;
    }

    /** What is found ({@link Cell}); null where the line stays empty. */
    private @Nullable Long number(Node node) {
        Line line = node.line();
        if (isGateShut(node)) {
            return null;
        }
        if (line.yesWhen().isPresent()) {
            return line.yesWhen().get().holds(figures) ? 1L : 0L;
        }
        return line.isAlways() || figures.hasInput(node) ? Cell.of(node.rule().orElseThrow(), figures) : null;
    }

    /** The members for which any of the inputs moved. */
    private BitSet toFind(Set<Input> reads, Dimension members) {
        boolean all =
                whole || reads.stream().anyMatch(input -> stirred.contains(input) && movedBy(input, members) == null);
        BitSet places = all ? rows.places(members) : new BitSet();
        places.or(rows.comeOrGone(members));
        for (Input input : reads) {
            BitSet moved = all ? null : movedBy(input, members);
            if (moved != null) {
                places.or(moved);
            }
        }
        return places;
    }

    /** The members whose own input moved; null where all read the same. */
    private @Nullable BitSet movedBy(Input input, Dimension members) {
        if (input instanceof Input.OfDivision part) {
            return among(members, part.division().members(), rows.moved(part.division()));
        }
        if (input instanceof Input.OfAccounts read && plan.node(read.line()).scope() != null) {
            return among(members, plan.node(read.line()).scope(), rows.fed(read.line()));
        }
        if (input instanceof Input.OfLine read && plan.node(read.line()).scope() != null) {
            return among(
                    members,
                    plan.node(read.line()).scope(),
                    rows.moved(plan.node(read.line()).line()));
        }
        return null;
    }

    /** The members of a path to which these members of one of its dimensions belong. */
    private BitSet among(Dimension members, Dimension read, BitSet moved) {
        return members.equals(read) ? moved : rows.pairsOf(members, read, moved);
    }

    /** Takes off what members brought to a total and adds what they bring now. */
    private boolean sum(Sum step) {
        Total total = step.total();
        Tally before = rows.tally(total);
        Column.Draft parts = before.parts().draft();
        long sum = before.sum();
        BitSet places = toFind(step.reads(), step.scope());
        for (int place = places.nextSetBit(0); place >= 0; place = places.nextSetBit(place + 1)) {
            evaluated++;
            figures.enter(step.scope(), place);
            long part = part(total, place);
            sum = Math.addExact(sum, Math.subtractExact(part, parts.at(place)));
            parts.setUnlessZero(place, part);
        }
        figures.leave();
        Tally now = new Tally(parts.done(), sum);
        rows.keep(total, now);
        return sum != before.sum() || now.isFilled() != before.isFilled();
    }

    private long part(Total total, int member) {
        boolean counts = total.condition() == null || total.condition().holds(figures);
        long number = counts ? rows.columns().at(total.line(), member) : 0;
        return number == Cell.WORDS ? 0 : number;
    }

    private @Nullable LineValue find(Node node, LineKey key) {
        Line line = node.line();
        Fact fact = snapshot.facts().get(key);
        if (line.isTyped()) {
            return fact == null ? null : new LineValue(key, RowFigures.typed(line, fact), LineSource.TYPED, null, fact);
        }
        LineValue computed = computed(node, key);
        if (fact == null) {
            return computed;
        }
        Money replaced = computed == null ? Money.ZERO : computed.amount();
        LineSource source = line.isBooksOnly() || line.isFilledIn() ? LineSource.TYPED : LineSource.OVERRIDDEN;
        return new LineValue(key, RowFigures.typed(line, fact), source, replaced, fact);
    }

    private @Nullable LineValue computed(Node node, LineKey key) {
        Line line = node.line();
        if (line.headingField().isPresent()) {
            String text = snapshot.heading().text(line.headingField().get());
            return text.isEmpty() ? null : LineValue.computed(key, Value.of(text), LineSource.TYPED);
        }
        Long number = number(node);
        LineSource source = line.isBooksOnly() ? LineSource.BOOKS : LineSource.COMPUTED;
        return number == null ? null : LineValue.computed(key, Cell.value(line, number), source);
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
        return figures.pools();
    }

    PMap<LineKey, LineValue> values() {
        return figures.values();
    }

    RowFigures rows() {
        return rows.done();
    }

    int evaluated() {
        return evaluated;
    }

    /** The lines that stand once and hold something else than in the calculation before; none after a full run. */
    Set<LineKey> moved() {
        return Set.copyOf(moved);
    }

    /** The same of lines that repeat, by the places of their members. */
    Map<Line, BitSet> movedCells() {
        return Map.copyOf(rows.moved());
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
