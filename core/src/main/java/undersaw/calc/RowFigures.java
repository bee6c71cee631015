package undersaw.calc;

import java.util.BitSet;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.pcollections.HashTreePMap;
import org.pcollections.PMap;
import undersaw.engagement.Fact;
import undersaw.engagement.Snapshot;
import undersaw.form.Line;
import undersaw.form.formula.Division;
import undersaw.form.formula.Total;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.line.LineSource;
import undersaw.line.Value;
import undersaw.money.Money;

/**
 * What stands on the lines that repeat: a column of numbers a line, with what was typed left where it is typed.
 *
 * @param members the members of each dimension
 * @param columns the number of each cell ({@link Cell}), by line
 * @param replaced what a cell that is typed over would hold, in cents, by line
 * @param tallies what each total came to
 * @param shares the parts of each division, in cents
 */
record RowFigures(
        PMap<Dimension, Members> members,
        PMap<LineId, Column> columns,
        PMap<LineId, Column> replaced,
        PMap<Total, Tally> tallies,
        PMap<Division, Column> shares) {
    static RowFigures none() {
        return new RowFigures(
                HashTreePMap.empty(),
                HashTreePMap.empty(),
                HashTreePMap.empty(),
                HashTreePMap.empty(),
                HashTreePMap.empty());
    }

    Members of(Dimension dimension) {
        return members.getOrDefault(dimension, Members.NONE);
    }

    Column column(LineId line) {
        return columns.getOrDefault(line, Column.EMPTY);
    }

    Column replaced(LineId line) {
        return replaced.getOrDefault(line, Column.EMPTY);
    }

    Tally tally(Total total) {
        return tallies.getOrDefault(total, Tally.NOTHING);
    }

    Column shares(Division division) {
        return shares.getOrDefault(division, Column.EMPTY);
    }

    /** What stands in one cell; null where nothing does. */
    @Nullable
    LineValue value(Line line, String member, Snapshot snapshot) {
        int place = of(line.scope().orElseThrow()).place(member);
        return place < 0 || !column(line.id()).has(place) ? null : value(line, member, place, snapshot);
    }

    /** The members that have a value on the line, in the order of their names. */
    List<String> names(Line line) {
        Column column = column(line.id());
        return of(line.scope().orElseThrow()).present().entrySet().stream()
                .filter(member -> column.has(member.getValue()))
                .map(Map.Entry::getKey)
                .toList();
    }

    /** What stands on a line, member by member, in the order of their names. */
    List<LineValue> values(Line line, Snapshot snapshot) {
        Column column = column(line.id());
        if (column.count() == 0) {
            return List.of();
        }
        return of(line.scope().orElseThrow()).present().entrySet().stream()
                .filter(member -> column.has(member.getValue()))
                .map(member -> value(line, member.getKey(), member.getValue(), snapshot))
                .toList();
    }

    private LineValue value(Line line, String member, int place, Snapshot snapshot) {
        LineKey key = line.id().in(member);
        boolean over = replaced(line.id()).has(place);
        Fact fact = line.isTyped() || over ? snapshot.facts().get(key) : null;
        if (fact == null) {
            LineSource source = line.isBooksOnly() ? LineSource.BOOKS : LineSource.COMPUTED;
            return LineValue.computed(key, Cell.value(line, column(line.id()).at(place)), source);
        }
        Value typed = typed(line, fact);
        return over
                ? new LineValue(
                        key,
                        typed,
                        line.isFilledIn() ? LineSource.TYPED : LineSource.OVERRIDDEN,
                        Money.ofCents(replaced(line.id()).at(place)),
                        fact)
                : new LineValue(key, typed, LineSource.TYPED, null, fact);
    }

    /** What was typed, in the unit of the line; words where it is no amount. */
    static Value typed(Line line, Fact fact) {
        return line.kind().isNumber() && Money.isPlain(fact.value())
                ? Value.of(line.unit().rounded(Money.parse(fact.value())))
                : Value.of(fact.value());
    }

    /** The keys of cells that moved, by name. */
    List<LineKey> keys(Map<Line, BitSet> moved) {
        return moved.entrySet().stream()
                .flatMap(each -> {
                    Members names = of(each.getKey().scope().orElseThrow());
                    return each.getValue().stream()
                            .mapToObj(place -> each.getKey().id().in(names.name(place)));
                })
                .toList();
    }
}
