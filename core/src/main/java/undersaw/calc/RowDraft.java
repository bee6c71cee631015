package undersaw.calc;

import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.pcollections.PMap;
import undersaw.form.Line;
import undersaw.form.formula.Division;
import undersaw.form.formula.Total;
import undersaw.line.Dimension;
import undersaw.line.LineId;

/** The lines that repeat while they are evaluated: what is written, which cells moved, which members came or went. */
final class RowDraft {
    private final List<Dimension> pairs;
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

    /**
     * A draft that begins with what stood.
     *
     * @param pairs the paths whose members are all pairs
     */
    RowDraft(RowFigures before, List<Dimension> pairs) {
        this.pairs = pairs;
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
            pair(dimension, name, is ? 1 : -1);
            parts(dimension, name, is ? 1 : -1);
        }
        return place;
    }

    /** A pair in which something is typed is there for both its members. */
    private void parts(Dimension dimension, String name, int change) {
        if (!dimension.everyPair()) {
            dimension.path().forEach(part -> count(part, Objects.requireNonNull(dimension.of(part, name)), change));
        }
    }

    /** A member that comes brings a pair with each member of the other dimension; one that goes takes them with it. */
    private void pair(Dimension dimension, String name, int change) {
        for (Dimension path : pairs) {
            int at = path.path().indexOf(dimension);
            if (at >= 0) {
                List.copyOf(of(path.path().get(1 - at)).inOrder())
                        .forEach(other ->
                                count(path, at == 0 ? path.pair(name, other) : path.pair(other, name), change));
            }
        }
    }

    /** The place of a pair's member in one of the dimensions of its path; -1 where there is none. */
    int place(Dimension path, int pair, Dimension part) {
        String member = path.of(part, of(path).name(pair));
        return member == null ? -1 : of(part).place(member);
    }

    /** The pairs of which the member in one dimension is among these. */
    BitSet pairsOf(Dimension path, Dimension part, BitSet places) {
        BitSet found = new BitSet();
        if (!places.isEmpty()) {
            Members members = of(part);
            of(path).present().forEach((name, pair) -> {
                // a member that went in this run is looked for at its old place
                Integer place = members.places().get(Objects.requireNonNull(path.of(part, name)));
                if (place != null && places.get(place)) {
                    found.set(pair);
                }
            });
        }
        return found;
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
        if (parts.isEmpty() && before.count() == 0) {
            movedShares.put(division, new BitSet());
            return false;
        }
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
