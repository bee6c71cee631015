package undersaw.calc;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.pcollections.PMap;
import undersaw.calc.Steps.Node;
import undersaw.engagement.Snapshot;
import undersaw.form.Line;
import undersaw.form.formula.Division;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.Total;
import undersaw.form.formula.YearSpan;
import undersaw.law.Law;
import undersaw.law.calendar.Period;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.money.Unit;

/** The figures found so far in a run, as formulas see them: those that stand once, and those of one member. */
final class RunFigures implements Figures {
    private final Plan plan;
    private final Snapshot snapshot;
    private final Law law;
    private final RowDraft rows;
    private Pools pools;
    private PMap<LineKey, LineValue> values;
    private @Nullable Dimension scope;
    private int member;
    private Unit unit = Unit.DOLLARS;

    RunFigures(Plan plan, Snapshot snapshot, RowDraft rows, Pools pools, PMap<LineKey, LineValue> values) {
        this.plan = plan;
        this.snapshot = snapshot;
        this.rows = rows;
        this.pools = pools;
        this.values = values;
        law = Law.of(plan.year());
    }

    /** From here on, amounts are found in the unit of this line. */
    void find(Line line) {
        unit = line.unit();
    }

    /** From here on, lines that repeat for the dimension mean this member's. */
    void enter(Dimension members, int place) {
        scope = members;
        member = place;
    }

    /** From here on, formulas stand outside of all members. */
    void leave() {
        scope = null;
    }

    Pools pools() {
        return pools;
    }

    void keep(Pools newPools) {
        pools = newPools;
    }

    PMap<LineKey, LineValue> values() {
        return values;
    }

    void keep(LineKey key, @Nullable LineValue value) {
        values = value == null ? values.minus(key) : values.plus(key, value);
    }

    /** Whether anything that the line reads is there. */
    boolean hasInput(Node node) {
        for (Input input : node.reads()) {
            if (input instanceof Input.OfLine read && isFilled(read.line())
                    || input instanceof Input.OfTotal sum
                            && rows.tally(sum.total()).isFilled()
                    || input instanceof Input.OfDivision part
                            && rows.shares(part.division())
                                    .has(member(part.division().members()))
                    || input instanceof Input.OfAccounts read && pools.totals().containsKey(fed(read.line()))
                    || input instanceof Input.OfPayments paid
                            && !paid(paid.kind()).isZero()
                    || input instanceof Input.OfCarryovers carried
                            && snapshot.lists().carryovers().stream().anyMatch(each -> each.kind() == carried.kind())) {
                return true;
            }
        }
        return false;
    }

    /** Whether nobody has anything on any line, total or division that the line reads. */
    boolean isEmptyForAll(Node node) {
        return node.reads().stream().allMatch(this::isEmptyForAll);
    }

    private boolean isEmptyForAll(Input input) {
        if (input instanceof Input.OfLine read) {
            return plan.node(read.line()).scope() == null
                    ? !values.containsKey(read.line().alone())
                    : rows.columns().isEmpty(read.line());
        }
        if (input instanceof Input.OfTotal sum) {
            return !rows.tally(sum.total()).isFilled();
        }
        // what accounts bring, payments and the like are looked at member by member
        return input instanceof Input.OfDivision part
                && rows.shares(part.division()).count() == 0;
    }

    private boolean isFilled(LineId line) {
        return isCell(line) ? has(rows.columns(), line) : values.containsKey(line.alone());
    }

    /** Whether the line means the cell of the member that is being looked at. */
    private boolean isCell(LineId line) {
        Dimension of = plan.node(line).scope();
        return scope != null && of != null && scope.leadsThrough(of);
    }

    /** Where the member that is being looked at stands in a dimension; -1 where it does not. */
    private int member(@Nullable Dimension dimension) {
        Dimension looked = Objects.requireNonNull(scope);
        return looked.equals(dimension) || dimension == null ? member : rows.place(looked, member, dimension);
    }

    private int member(LineId line) {
        return member(plan.node(line).scope());
    }

    private LineKey key(LineId line, int place) {
        return line.in(rows.of(Objects.requireNonNull(plan.node(line).scope())).name(place));
    }

    /** The cell of the member that is being looked at. */
    LineKey key(LineId line) {
        return key(line, member(line));
    }

    private boolean has(ColumnDrafts columns, LineId line) {
        int place = member(line);
        return place >= 0 && columns.has(line, place);
    }

    @Override
    public Money amount(LineId line) {
        if (isCell(line)) {
            int place = member(line);
            return place < 0 ? Money.ZERO : amount(line, place);
        }
        LineValue value = values.get(line.alone());
        return value == null ? Money.ZERO : value.amount();
    }

    /** The amount in a member's cell; nothing where it is empty or no amount. */
    Money amount(LineId line, int place) {
        long number = rows.columns().at(line, place);
        boolean amount = plan.node(line).line().kind().isNumber() && number != Cell.WORDS;
        return amount ? Money.ofCents(number) : Money.ZERO;
    }

    @Override
    public Money unreplaced(LineId line) {
        if (isCell(line)) {
            return has(rows.replaced(), line) ? Money.ofCents(rows.replaced().at(line, member(line))) : amount(line);
        }
        LineValue value = values.get(line.alone());
        return value == null ? Money.ZERO : value.unreplaced();
    }

    @Override
    public String answer(LineId line) {
        if (!isCell(line)) {
            LineValue value = values.get(line.alone());
            return value == null ? "" : value.value().plain();
        }
        return answer(line, member(line));
    }

    /** The words, number or date in a member's cell as it is written; empty where there is none. */
    String answer(LineId line, int place) {
        if (place < 0 || !rows.columns().has(line, place)) {
            return "";
        }
        long number = rows.columns().at(line, place);
        return number == Cell.WORDS
                ? snapshot.facts().get(key(line, place)).value()
                : Cell.value(plan.node(line).line(), number).plain();
    }

    @Override
    public @Nullable LocalDate day(LineId line) {
        return isCell(line) ? day(line, member(line)) : Cell.day(answer(line));
    }

    /** The day in a member's cell; null where it is empty or holds words. */
    @Nullable
    LocalDate day(LineId line, int place) {
        if (place < 0) {
            return null;
        }
        if (!plan.node(line).line().kind().isDate()) {
            return Cell.day(answer(line, place));
        }
        long number = rows.columns().at(line, place);
        return rows.columns().has(line, place) && number != Cell.WORDS ? LocalDate.ofEpochDay(number) : null;
    }

    @Override
    public Unit unit() {
        return unit;
    }

    /** Where accounts bring what the reader sees: its own member's cell, or the line that stands once. */
    private LineKey fed(LineId line) {
        return isCell(line) && member(line) >= 0 ? key(line) : line.alone();
    }

    @Override
    public Money posted(LineId line) {
        return pools.total(fed(line));
    }

    @Override
    public Money total(Total total) {
        return Money.ofCents(rows.tally(total).sum());
    }

    @Override
    public long part(Division division) {
        int place = member(division.members());
        return place < 0 ? 0 : rows.shares(division).at(place);
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
}
