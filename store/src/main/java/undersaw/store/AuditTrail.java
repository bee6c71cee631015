package undersaw.store;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import undersaw.engagement.ChangeWords;

/**
 * Who changed what, and when: one line a change, each chained to the one before by its digest, signed with a key from
 * outside the database, and tied to the rows that the change wrote.
 *
 * <p>A line that was removed or altered, in the middle or at the end, rows altered behind its back, and a chain made
 * anew without the key all show ({@link TrailCheck}).
 */
public final class AuditTrail {
    private static final int SHOWN = 500;
    private static final String SEPARATOR = "\u001F";
    private static final String SELECT = "select id, engagement, revision, happened, person, what, before, after,"
            + " previous, digest, rows, signed from audit";

    private final Database database;
    private final TrailSeal seal;

    /** The trail of a database whose key lies beside it. */
    public AuditTrail(Database database) {
        this(database, TrailSeal.beside(database.file()));
    }

    public AuditTrail(Database database, TrailSeal seal) {
        this.database = database;
        this.seal = seal;
    }

    /**
     * One line of the trail.
     *
     * @param id place in the trail
     * @param engagement the engagement; null for the firm
     * @param revision the engagement's revision after the change
     * @param happened when
     * @param person who
     * @param what what was changed
     * @param before what stood there
     * @param after what stands there now
     * @param previous digest of the line before
     * @param digest digest of this line
     * @param rows digest of the rows that the change wrote; empty where it wrote none
     * @param signed whether the digest is signed, as it is since version 0.2
     */
    public record Line(
            long id,
            @Nullable Long engagement,
            long revision,
            String happened,
            String person,
            String what,
            String before,
            String after,
            String previous,
            String digest,
            String rows,
            boolean signed) {
        /** The same in other words, to be shown. */
        public Line with(ChangeWords words) {
            return new Line(
                    id,
                    engagement,
                    revision,
                    happened,
                    person,
                    words.what(),
                    words.before(),
                    words.after(),
                    previous,
                    digest,
                    rows,
                    signed);
        }
    }

    /**
     * Where and by whom a change was made.
     *
     * @param engagement the engagement; null for the firm
     * @param revision the revision after the change
     * @param person who
     * @param at when
     */
    public record Origin(@Nullable Long engagement, long revision, String person, Instant at) {}

    /** Adds a line; within the transaction of what it speaks of. */
    void add(Origin origin, ChangeWords words) {
        add(origin, words, "");
    }

    /** Adds the line of a revision, tied to the rows that it wrote; within its transaction. */
    void addRevision(Origin origin, ChangeWords words) {
        add(origin, words, RowDigest.of(database, origin));
    }

    private void add(Origin origin, ChangeWords words, String rows) {
        String previous = database.write()
                .sql("select digest from audit order by id desc limit 1")
                .query(String.class)
                .optional()
                .orElse("");
        String digest = seal.sign(text(previous, origin, words) + SEPARATOR + rows);
        long line = database.write()
                .sql("""
                        insert into audit
                          (engagement, revision, happened, person, what, before, after, previous, digest, rows, signed)
                        values (:engagement, :revision, :happened, :person, :what, :before, :after, :previous, :digest,
                          :rows, 1) returning id""")
                .param("engagement", origin.engagement())
                .param("revision", origin.revision())
                .param("happened", origin.at().toString())
                .param("person", origin.person())
                .param("what", words.what())
                .param("before", words.before())
                .param("after", words.after())
                .param("previous", previous)
                .param("digest", digest)
                .param("rows", rows)
                .query(Long.class)
                .single();
        database.afterCommit(() -> seal.endsAt(new TrailSeal.Head(line, digest)));
    }

    /** Adds a line of the firm in a transaction of its own. */
    public void note(Origin origin, ChangeWords words) {
        database.inTransaction(() -> {
            add(origin, words);
            return true;
        });
    }

    private static String text(String previous, Origin origin, ChangeWords words) {
        return String.join(
                SEPARATOR,
                previous,
                String.valueOf(origin.engagement()),
                String.valueOf(origin.revision()),
                origin.at().toString(),
                origin.person(),
                words.what(),
                words.before(),
                words.after());
    }

    /** Whether the line's digest follows from what stands there and from the line before. */
    boolean fits(Line line, String previous) {
        Origin origin = new Origin(line.engagement(), line.revision(), line.person(), Instant.parse(line.happened()));
        String text = text(previous, origin, new ChangeWords(line.what(), line.before(), line.after()));
        String expected = line.signed() ? seal.sign(text + SEPARATOR + line.rows()) : RowDigest.sha256(text);
        return line.previous().equals(previous) && line.digest().equals(expected);
    }

    /** Looks at the whole trail and the rows behind it; what is wrong first, in words. */
    public Optional<String> firstFault() {
        return new TrailCheck(database, this, seal).firstFault();
    }

    /** What a revision of an engagement changed, in the words that were noted down. */
    Optional<ChangeWords> words(long engagement, long revision) {
        return database.read()
                .sql("select what, before, after from audit where engagement = ? and revision = ? order by id limit 1")
                .params(engagement, revision)
                .query(ChangeWords.class)
                .optional();
    }

    /** The latest lines of an engagement, newest first. */
    public List<Line> of(long engagement) {
        return database.read()
                .sql(SELECT + " where engagement = ? order by id desc limit " + SHOWN)
                .param(engagement)
                .query(Line.class)
                .list();
    }

    /** The latest lines of the firm, newest first. */
    public List<Line> latest() {
        return database.read()
                .sql(SELECT + " order by id desc limit " + SHOWN)
                .query(Line.class)
                .list();
    }

    /** Hands on every line, the oldest first. */
    void each(Consumer<Line> work) {
        try (Stream<Line> lines = database.read().sql(SELECT + " order by id").query(Line.class).stream()) {
            lines.forEach(work);
        }
    }
}
