package undersaw.calc;

import java.util.BitSet;
import java.util.HashMap;
import java.util.Map;
import org.pcollections.PMap;
import undersaw.form.Line;
import undersaw.form.formula.Division;
import undersaw.form.formula.Total;
import undersaw.line.Dimension;
import undersaw.line.LineId;

/** The lines that repeat while they are evaluated: what is written, which cells moved, which members came or went. */
final class RowDraft {
    private PMap<Dimension, Members> members;
    private final Map<Dimension, Column.Draft> typedCells = new HashMap<>();
    private final ColumnDrafts columns;
    private final ColumnDrafts replaced;
    private PMap<Total, Tally> tallies;
    private PMap<Division, Column> shares;
    private final Map<Division, BitSet> movedShares = new HashMap<>();
    private final Map<Line, BitSet> moved = new HashMap<>();
    private final Map<LineId, BitSet> fed = new HashMap<>();
    private final Map<Dimension, BitSet> comeOrGone = new HashMap<>();

    RowDraft(RowFigures before) {
        columns = new ColumnDrafts(before.columns());
        replaced = new ColumnDrafts(before.replaced());
        members = before.members();
        tallies = before.tallies();
        shares = before.shares();
    }

    Members of(Dimension dimension) {
        return members.getOrDefault(dimension, Members.NONE);
    }

    /**
     * Counts a cell of a member that is typed or fed by an account, or no longer.
     *
     * @return the member's place
     */
    int count(Dimension dimension, String name, int change) {
        Members known = of(dimension).knowing(name);
        int place = known.places().get(name);
        Column.Draft cells =
                typedCells.computeIfAbsent(dimension, unused -> known.typed().draft());
        boolean was = cells.has(place);
        cells.setUnlessZero(place, cells.at(place) + change);
        boolean is = cells.has(place);
        members = members.plus(dimension, was == is ? known : known.with(name, is));
        if (was != is) {
            note(comeOrGone, dimension, place);
        }
        return place;
    }

    boolean isPresent(Dimension dimension, int place) {
        Column.Draft cells = typedCells.get(dimension);
        return cells == null ? of(dimension).has(place) : cells.has(place);
    }

    /** The places of all members that are there. */
    BitSet places(Dimension dimension) {
        BitSet places = new BitSet();
        of(dimension).present().values().forEach(places::set);
        return places;
    }

    /** The members that came or went in this run. */
    BitSet comeOrGone(Dimension dimension) {
        return comeOrGone.getOrDefault(dimension, new BitSet());
    }

    /** The number of each cell, by line. */
    ColumnDrafts columns() {
        return columns;
    }

    /** What cells that are typed over would hold, by line. */
    ColumnDrafts replaced() {
        return replaced;
    }

    Tally tally(Total total) {
        return tallies.getOrDefault(total, Tally.NOTHING);
    }

    void keep(Total total, Tally tally) {
        tallies = tallies.plus(total, tally);
    }

    Column shares(Division division) {
        return shares.getOrDefault(division, Column.EMPTY);
    }

    /** Keeps the parts as they are now found; tells whether any moved. */
    boolean keep(Division division, Map<String, Long> parts) {
        Members among = of(division.members());
        Column before = shares(division);
        Column.Draft now = before.draft();
        BitSet changed = new BitSet();
        among.places().forEach((name, place) -> {
            long part = isPresent(division.members(), place) ? parts.getOrDefault(name, 0L) : 0;
            if (part != before.at(place)) {
                changed.set(place);
                now.setUnlessZero(place, part);
            }
        });
        shares = shares.plus(division, now.done());
        movedShares.put(division, changed);
        return !changed.isEmpty();
    }

    /** The members whose part moved in this run. */
    BitSet moved(Division division) {
        return movedShares.getOrDefault(division, new BitSet());
    }

    void noteMoved(Line line, int place) {
        note(moved, line, place);
    }

    /** The cells of a line that hold something else than before this run. */
    BitSet moved(Line line) {
        return moved.getOrDefault(line, new BitSet());
    }

    Map<Line, BitSet> moved() {
        return moved;
    }

    void noteFed(LineId line, int place) {
        note(fed, line, place);
    }

    /** The members to which accounts bring something else than before this run. */
    BitSet fed(LineId line) {
        return fed.getOrDefault(line, new BitSet());
    }

    private static <K> void note(Map<K, BitSet> places, K key, int place) {
        places.computeIfAbsent(key, unused -> new BitSet()).set(place);
    }

    RowFigures done() {
        PMap<Dimension, Members> all = members;
        for (Map.Entry<Dimension, Column.Draft> each : typedCells.entrySet()) {
            all = all.plus(
                    each.getKey(), all.get(each.getKey()).with(each.getValue().done()));
        }
        return new RowFigures(all, columns.done(), replaced.done(), tallies, shares);
    }
}
