package undersaw.store;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

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
     * @param asks whether it asks the client for something
     * @param askedOn the day on which the client was asked last; empty where the note asks nothing
     * @param cameOn the day on which the answer came; empty while it has not
     */
    public record Note(
            long id,
            String place,
            String words,
            String writtenBy,
            String settledBy,
            boolean asks,
            String askedOn,
            String cameOn) {
        public boolean isOpen() {
            return settledBy.isEmpty();
        }

        /** Whether the client's answer is still awaited. */
        public boolean isAwaited() {
            return asks && isOpen() && cameOn.isEmpty();
        }
    }

    /**
     * What one client has been asked for and not given.
     *
     * @param engagement the engagement
     * @param count how many answers are awaited
     * @param since the first day on which one was asked for
     */
    public record Asked(long engagement, int count, String since) {}

    /** What is awaited of each client, by engagement. */
    public Map<Long, Asked> asked() {
        return database.read().sql("""
                        select engagement, count(*) as count, min(asked_on) as since from note
                        where asks = 1 and came_on = '' and settled_by = '' group by engagement""").query(Asked.class).list().stream()
                .collect(Collectors.toMap(Asked::engagement, each -> each));
    }

    /**
     * What the client is to give.
     *
     * @param place what it is for
     * @param words what it is
     * @param by who asks, and when, in words
     */
    public record Request(String place, String words, String by) {}

    /** Asks the client for something. */
    public void ask(long engagement, Request request, LocalDate day) {
        database.inTransaction(() -> database.write()
                .sql("""
                        insert into note (engagement, place, words, written_by, asks, asked_on)
                        values (?, ?, ?, ?, 1, ?)""")
                .params(engagement, request.place(), request.words(), request.by(), day.toString())
                .update());
    }

    /** Asks again for what has not come; the day of the last asking counts. */
    public void askAgain(long engagement, long id, LocalDate day) {
        database.inTransaction(() -> database.write()
                .sql("update note set asked_on = ?, came_on = '' where id = ? and engagement = ? and asks = 1")
                .params(day.toString(), id, engagement)
                .update());
    }

    /** The answer came. */
    public void came(long engagement, long id, LocalDate day) {
        database.inTransaction(() -> database.write()
                .sql("update note set came_on = ? where id = ? and engagement = ? and asks = 1")
                .params(day.toString(), id, engagement)
                .update());
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
                        select * from note where engagement = ?
                        order by settled_by <> '', id desc""").param(engagement).query(Note.class).list();
    }

    /** The notes at one place, in the order in which they were written. */
    public List<Note> at(long engagement, String place) {
        return database.read()
                .sql("""
                        select id, place, words, written_by, settled_by, asks, asked_on, came_on from note
                        where engagement = ? and place = ? order by id""")
                .params(engagement, place)
                .query(Note.class)
                .list();
    }
}
