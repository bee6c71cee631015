package undersaw.store;

import java.util.Optional;

/** Clients' files that wait to replace the books, and how files of their shape were read before. */
public final class StagedFiles {
    private final Database database;

    public StagedFiles(Database database) {
        this.database = database;
    }

    /**
     * A waiting file.
     *
     * @param file its name
     * @param digest where its bytes lie in the vault
     * @param plan how its columns are read, as text
     * @param stagedBy who brought it, and when, in words
     */
    public record Staged(String file, String digest, String plan, String stagedBy) {
        /** The same file read in another way. */
        public Staged readAs(String newPlan) {
            return new Staged(file, digest, newPlan, stagedBy);
        }
    }

    /** Keeps a file waiting, in place of any other. */
    public void put(long engagement, Staged staged) {
        database.inTransaction(() -> database.write()
                .sql("""
                        insert or replace into staged_file (engagement, file, digest, plan, staged_by)
                        values (?, ?, ?, ?, ?)""")
                .params(engagement, staged.file(), staged.digest(), staged.plan(), staged.stagedBy())
                .update());
    }

    public Optional<Staged> find(long engagement) {
        return database.read()
                .sql("select file, digest, plan, staged_by from staged_file where engagement = ?")
                .param(engagement)
                .query(Staged.class)
                .optional();
    }

    /** Forgets a waiting file. */
    public void discard(long engagement) {
        database.inTransaction(() -> database.write()
                .sql("delete from staged_file where engagement = ?")
                .param(engagement)
                .update());
    }

    /** Remembers how a client's files with these headings are read. */
    public void remember(long engagement, String headings, String plan) {
        database.inTransaction(() ->
                database.write().sql("""
                        insert or replace into column_plan (client, headings, plan)
                        select client, ?, ? from engagement where id = ?""").params(headings, plan, engagement).update());
    }

    /** How the client's last file with these headings was read. */
    public Optional<String> remembered(long engagement, String headings) {
        return database.read()
                .sql("""
                        select plan from column_plan join engagement on engagement.client = column_plan.client
                        where engagement.id = ? and headings = ?""")
                .params(engagement, headings)
                .query(String.class)
                .optional();
    }
}
