package undersaw.store;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import undersaw.store.AuditTrail.Origin;

/** The digest of the rows that a revision wrote. */
final class RowDigest {
    private final MessageDigest digest = sha256();
    private boolean any;

    /** A row as it is kept. */
    record Row(
            String heldIn,
            String place,
            @Nullable String before,
            @Nullable String after) {}

    /** The digest of a revision's rows; empty where it wrote none. */
    static String of(Database database, Origin origin) {
        RowDigest rows = new RowDigest();
        try (Stream<Row> kept =
                database.read().sql("""
                        select held_in, place, before, after from row_change
                        where engagement = ? and revision = ? order by id""").params(origin.engagement(), origin.revision()).query(Row.class).stream()) {
            kept.forEach(rows::add);
        }
        return rows.text();
    }

    void add(Row row) {
        any = true;
        Stream.of(row.heldIn(), row.place(), String.valueOf(row.before()), String.valueOf(row.after()))
                .forEach(part -> digest.update((part + "\u001F").getBytes(StandardCharsets.UTF_8)));
    }

    String text() {
        return any ? HexFormat.of().formatHex(digest.digest()) : "";
    }

    static String sha256(String text) {
        return HexFormat.of().formatHex(sha256().digest(text.getBytes(StandardCharsets.UTF_8)));
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java platform has SHA-256", e);
        }
    }
}
