package undersaw.store;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import undersaw.store.Engagements.Made;

/**
 * The revisions of engagements: who made each, the rows it wrote as they stood and as they stand, and the way back.
 *
 * <p>Tables note each row down themselves while a revision is in hand, so nothing that a change writes can be left out.
 * Nothing is ever removed: a revision is taken back by a later one.
 */
final class Revisions {
    private final Database database;
    private final Map<String, KeptTable> tables = new HashMap<>();

    Revisions(Database database) {
        this.database = database;
    }

    /** Where undo and redo lead from a revision; null where there is nothing to take back, or to make again. */
    private record Ways(@Nullable Long lastMade, @Nullable Long lastTakenBack) {
        static final Ways NONE = new Ways(null, null);
    }

    private enum Kind {
        COMES,
        GOES,
        CHANGES
    }

    private record RowChange(
            String heldIn,
            @Nullable String before,
            @Nullable String after) {
        Kind kind() {
            return before == null ? Kind.COMES : after == null ? Kind.GOES : Kind.CHANGES;
        }

        boolean isLike(RowChange other) {
            return heldIn.equals(other.heldIn) && kind() == other.kind();
        }
    }

    /** From here on each row that is written belongs to the revision. */
    void begin(long engagement, long revision) {
        database.write()
                .sql("insert into revision_in_hand (engagement, revision) values (?, ?)")
                .params(engagement, revision)
                .update();
    }

    /** The first revision is written: an engagement, which cannot be taken back. */
    void began() {
        database.write().sql("delete from revision_in_hand").update();
    }

    /** The revision is written: a change that somebody made. */
    void made(long engagement, Made made) {
        end(engagement, made, new Ways(made.revision(), null));
    }

    /** The revision is written: one before it is taken back. */
    void tookBack(long engagement, Made made, long revision) {
        end(engagement, made, new Ways(ways(engagement, revision - 1).lastMade(), made.revision()));
    }

    /** The revision is written: what an earlier one took back is made again. */
    void madeAgain(long engagement, Made made, long takenBack) {
        end(
                engagement,
                made,
                new Ways(made.revision(), ways(engagement, takenBack - 1).lastTakenBack()));
    }

    private void end(long engagement, Made made, Ways ways) {
        database.write().sql("delete from revision_in_hand").update();
        database.write()
                .sql("""
                        insert into revision (engagement, revision, person, what, last_made, last_taken_back)
                        values (?, ?, ?, ?, ?, ?)""")
                .params(engagement, made.revision(), made.person(), made.what(), ways.lastMade(), ways.lastTakenBack())
                .update();
    }

    private Ways ways(long engagement, long revision) {
        return database.read()
                .sql("select last_made, last_taken_back from revision where engagement = ? and revision = ?")
                .params(engagement, revision)
                .query(Ways.class)
                .optional()
                .orElse(Ways.NONE);
    }

    /** The change that undo takes back from a revision. */
    Optional<Made> lastMade(long engagement, long revision) {
        return Optional.ofNullable(ways(engagement, revision).lastMade()).flatMap(each -> find(engagement, each));
    }

    /** The change that redo makes again from a revision: the revision that took it back. */
    Optional<Made> lastTakenBack(long engagement, long revision) {
        return Optional.ofNullable(ways(engagement, revision).lastTakenBack()).flatMap(each -> find(engagement, each));
    }

    private Optional<Made> find(long engagement, long revision) {
        return database.read()
                .sql("select revision, person, what from revision where engagement = ? and revision = ?")
                .params(engagement, revision)
                .query(Made.class)
                .optional();
    }

    /** Puts every row that a revision wrote back to what it was before, the last one first. */
    void reverse(long engagement, long revision) {
        List<RowChange> changes = database.read()
                .sql("""
                        select held_in, before, after from row_change
                        where engagement = ? and revision = ? order by id desc""")
                .params(engagement, revision)
                .query(RowChange.class)
                .list();
        List<RowChange> alike = new ArrayList<>();
        for (RowChange change : changes) {
            if (!alike.isEmpty() && !alike.get(0).isLike(change)) {
                reverse(alike);
                alike.clear();
            }
            alike.add(change);
        }
        if (!alike.isEmpty()) {
            reverse(alike);
        }
    }

    /** All of one table and one kind, so that one statement serves them. */
    private void reverse(List<RowChange> alike) {
        RowChange first = alike.get(0);
        KeptTable table = tables.computeIfAbsent(first.heldIn(), name -> KeptTable.of(database, name));
        String sql = switch (first.kind()) {
            case COMES -> table.delete();
            case GOES -> table.insert();
            case CHANGES -> table.update();
        };
        database.writeMany(
                sql,
                alike.stream()
                        .map(change -> new Object[] {change.kind() == Kind.COMES ? change.after() : change.before()})
                        .toList());
    }
}
