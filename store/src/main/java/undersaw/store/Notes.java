package undersaw.store;

import java.util.List;

/** Notes that people pin to a figure, an account or a finding, open until somebody settles them. */
public final class Notes {
    private final Database database;

    public Notes(Database database) {
        this.database = database;
    }

    /**
     * A note.
     *
     * @param id its number
     * @param place what it is pinned to
     * @param words what it says
     * @param writtenBy who wrote it, and when, in words
     * @param settledBy who settled it, and when; empty while it is open
     */
    public record Note(long id, String place, String words, String writtenBy, String settledBy) {
        public boolean isOpen() {
            return settledBy.isEmpty();
        }
    }

    /** Pins a note. */
    public void pin(long engagement, String place, String words, String by) {
        database.inTransaction(() -> database.write()
                .sql("insert into note (engagement, place, words, written_by) values (?, ?, ?, ?)")
                .params(engagement, place, words, by)
                .update());
    }

    /** Settles a note, or opens it again where the name is empty. */
    public void settle(long engagement, long id, String by) {
        database.inTransaction(() -> database.write()
                .sql("update note set settled_by = ? where id = ? and engagement = ?")
                .params(by, id, engagement)
                .update());
    }

    /** All notes of an engagement, open ones first, then the newest. */
    public List<Note> of(long engagement) {
        return database.read().sql("""
                        select id, place, words, written_by, settled_by from note where engagement = ?
                        order by settled_by <> '', id desc""").param(engagement).query(Note.class).list();
    }

    /** The notes at one place, in the order in which they were written. */
    public List<Note> at(long engagement, String place) {
        return database.read()
                .sql("""
                        select id, place, words, written_by, settled_by from note
                        where engagement = ? and place = ? order by id""")
                .params(engagement, place)
                .query(Note.class)
                .list();
    }
}
