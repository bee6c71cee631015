package undersaw.store;

import java.util.Optional;
import java.util.Set;

/** Files that wait to become a client's books, rows of a list or payments, and how files of their shape were read. */
public final class StagedFiles {
    /** What a trial balance or a ledger becomes; any other target is a list by its name. */
    public static final String BOOKS = "books";

    private final Database database;

    public StagedFiles(Database database) {
        this.database = database;
    }

    /**
     * A waiting file.
     *
     * @param target what it becomes: {@link #BOOKS}, or a list's name
     * @param file its name
     * @param digest where its bytes lie in the vault
     * @param plan how its columns are read, as text
     * @param stagedBy who brought it, and when, in words
     */
    public record Staged(String target, String file, String digest, String plan, String stagedBy) {
        /** The same file read in another way. */
        public Staged readAs(String newPlan) {
            return new Staged(target, file, digest, newPlan, stagedBy);
        }
    }

    /** Keeps a file waiting, in place of any other of its target. */
    public void put(long engagement, Staged staged) {
        database.inTransaction(() -> database.write()
                .sql("""
                        insert or replace into staged_file (engagement, target, file, digest, plan, staged_by)
                        values (?, ?, ?, ?, ?, ?)""")
                .params(engagement, staged.target(), staged.file(), staged.digest(), staged.plan(), staged.stagedBy())
                .update());
    }

    /** The file that waits to become books, rows of a list or payments. */
    public Optional<Staged> find(long engagement, String target) {
        return database.read()
                .sql("""
                        select target, file, digest, plan, staged_by from staged_file
                        where engagement = ? and target = ?""")
                .params(engagement, target)
                .query(Staged.class)
                .optional();
    }

    /** Where the bytes of all waiting files lie. */
    public Set<String> digests() {
        return Set.copyOf(database.read()
                .sql("select distinct digest from staged_file")
                .query(String.class)
                .list());
    }

    /** Forgets a waiting file. */
    public void discard(long engagement, String target) {
        database.inTransaction(() -> database.write()
                .sql("delete from staged_file where engagement = ? and target = ?")
                .params(engagement, target)
                .update());
    }

    /** Remembers how a client's files of a target with these headings are read. */
    public void remember(long engagement, String target, String headings, String plan) {
        database.inTransaction(() -> database.write()
                .sql("""
                        insert or replace into column_plan (client, target, headings, plan)
                        select client, ?, ?, ? from engagement where id = ?""")
                .params(target, headings, plan, engagement)
                .update());
    }

    /** How the client's last file of a target with these headings was read. */
    public Optional<String> remembered(long engagement, String target, String headings) {
        return database.read()
                .sql("""
                        select plan from column_plan join engagement on engagement.client = column_plan.client
                        where engagement.id = ? and target = ? and headings = ?""")
                .params(engagement, target, headings)
                .query(String.class)
                .optional();
    }
}
