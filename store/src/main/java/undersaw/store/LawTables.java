package undersaw.store;

import java.time.Instant;
import java.util.List;
import undersaw.engagement.ChangeWords;
import undersaw.store.AuditTrail.Origin;

/** Tables of the law that the firm has put in place of those that ship with the application. */
public final class LawTables {
    private final Database database;
    private final AuditTrail trail;

    public LawTables(Database database, AuditTrail trail) {
        this.database = database;
        this.trail = trail;
    }

    /**
     * A table as loaded.
     *
     * @param year the tax year
     * @param name which table of the year
     * @param content the table with its header row
     */
    public record Loaded(int year, String name, String content) {}

    /** Every table that was loaded. */
    public List<Loaded> all() {
        return database.read()
                .sql("select year, name, content from law_table order by year, name")
                .query(Loaded.class)
                .list();
    }

    /** Keeps a table, with a line in the firm's trail. */
    public void keep(Loaded loaded, String what, String person, Instant at) {
        database.inTransaction(() -> {
            database.write()
                    .sql("""
                            insert into law_table values (?, ?, ?, ?, ?) on conflict (year, name) do update set
                              content = excluded.content, loaded_by = excluded.loaded_by,
                              loaded_at = excluded.loaded_at""")
                    .params(loaded.year(), loaded.name(), loaded.content(), person, at.toString())
                    .update();
            trail.add(
                    new Origin(null, 0, person, at),
                    new ChangeWords("Law of " + loaded.year() + ", " + loaded.name(), "", what));
            return true;
        });
    }
}
