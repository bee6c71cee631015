package undersaw.store;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Files attached to an engagement, an account or a line; their bytes lie in the vault. */
public final class Attachments {
    private static final String COLUMNS = "id, place, file, type, size, digest, attached_by";

    private final Database database;

    public Attachments(Database database) {
        this.database = database;
    }

    /**
     * An attached file.
     *
     * @param id its number
     * @param place what it belongs to
     * @param file its name
     * @param type its media type, told by its content
     * @param size bytes
     * @param digest SHA-256 of its bytes
     * @param attachedBy who attached it, and when, in words
     */
    public record Attachment(
            long id, String place, String file, String type, long size, String digest, String attachedBy) {}

    /** Attaches a file; its number is given by the database. */
    public void add(long engagement, Attachment file) {
        database.inTransaction(() -> database.write()
                .sql("""
                        insert into attachment (engagement, place, file, type, size, digest, attached_by)
                        values (?, ?, ?, ?, ?, ?, ?)""")
                .params(
                        engagement,
                        file.place(),
                        file.file(),
                        file.type(),
                        file.size(),
                        file.digest(),
                        file.attachedBy())
                .update());
    }

    /** Takes a file off; its bytes stay in the vault. */
    public void remove(long engagement, long id) {
        database.inTransaction(() -> database.write()
                .sql("delete from attachment where id = ? and engagement = ?")
                .params(id, engagement)
                .update());
    }

    /** Where the bytes of all attached files lie. */
    public Set<String> digests() {
        return Set.copyOf(database.read()
                .sql("select distinct digest from attachment")
                .query(String.class)
                .list());
    }

    public List<Attachment> of(long engagement) {
        return database.read()
                .sql("select " + COLUMNS + " from attachment where engagement = ? order by id")
                .param(engagement)
                .query(Attachment.class)
                .list();
    }

    public Optional<Attachment> find(long engagement, long id) {
        return of(engagement).stream().filter(each -> each.id() == id).findFirst();
    }
}
