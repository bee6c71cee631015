package undersaw.store;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import undersaw.engagement.ChangeWords;

/**
 * Who changed what, and when: one line a change, each chained to the one before by its digest.
 *
 * <p>A line that was removed or altered breaks the chain and shows.
 */
public final class AuditTrail {
    private static final int SHOWN = 500;

    private final Database database;

    public AuditTrail(Database database) {
        this.database = database;
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
            String digest) {}

    /**
     * Where and by whom a change was made.
     *
     * @param engagement the engagement; null for the firm
     * @param revision the revision after the change
     * @param person who
     * @param at when
     */
    public record Origin(@Nullable Long engagement, long revision, String person, Instant at) {}

    /** Adds a line; within the transaction of the change itself. */
    void add(Origin origin, ChangeWords words) {
        String previous = database.write()
                .sql("select digest from audit order by id desc limit 1")
                .query(String.class)
                .optional()
                .orElse("");
        database.write()
                .sql("""
                        insert into audit
                          (engagement, revision, happened, person, what, before, after, previous, digest)
                        values (:engagement, :revision, :happened, :person, :what, :before, :after, :previous, :digest)""")
                .param("engagement", origin.engagement())
                .param("revision", origin.revision())
                .param("happened", origin.at().toString())
                .param("person", origin.person())
                .param("what", words.what())
                .param("before", words.before())
                .param("after", words.after())
                .param("previous", previous)
                .param("digest", digest(previous, origin, words))
                .update();
    }

    /** Adds a line of the firm in a transaction of its own. */
    public void note(Origin origin, ChangeWords words) {
        database.inTransaction(() -> {
            add(origin, words);
            return true;
        });
    }

    private static String digest(String previous, Origin origin, ChangeWords words) {
        String text = String.join(
                "\u001F",
                previous,
                String.valueOf(origin.engagement()),
                String.valueOf(origin.revision()),
                origin.at().toString(),
                origin.person(),
                words.what(),
                words.before(),
                words.after());
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java platform has SHA-256", e);
        }
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

    /** The first line whose digest does not follow from what stands there; nothing while the chain holds. */
    public Optional<Line> firstBroken() {
        String previous = "";
        for (Line line :
                database.read().sql(SELECT + " order by id").query(Line.class).list()) {
            Origin origin =
                    new Origin(line.engagement(), line.revision(), line.person(), Instant.parse(line.happened()));
            String expected = digest(previous, origin, new ChangeWords(line.what(), line.before(), line.after()));
            if (!line.previous().equals(previous) || !line.digest().equals(expected)) {
                return Optional.of(line);
            }
            previous = line.digest();
        }
        return Optional.empty();
    }

    private static final String SELECT =
            "select id, engagement, revision, happened, person, what, before, after, previous, digest from audit";
}
