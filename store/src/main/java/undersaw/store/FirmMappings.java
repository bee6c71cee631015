package undersaw.store;

import java.util.List;

/** Every mapping that people of the firm have confirmed: what suggestions learn from. It never leaves the database. */
public final class FirmMappings {
    private final Database database;

    public FirmMappings(Database database) {
        this.database = database;
    }

    /**
     * What the firm has confirmed for one account name.
     *
     * @param name the account's name
     * @param statement its statement
     * @param line the line it went to
     * @param treatment the treatment it got
     * @param engagements in how many engagements
     */
    public record Confirmed(String name, String statement, String line, String treatment, int engagements) {}

    /** Confirmed mappings of one kind of return. */
    public List<Confirmed> of(String form) {
        return database.read().sql("""
                        select account.name, account.statement, mapping.line, mapping.treatment,
                               count(distinct engagement.id) as engagements
                        from mapping
                        join engagement on engagement.id = mapping.engagement
                        join account on account.engagement = mapping.engagement and account.number = mapping.account
                        where engagement.form = ? and mapping.confirmed = 1 and engagement.study_of is null
                        group by account.name, account.statement, mapping.line, mapping.treatment""").param(form).query(Confirmed.class).list();
    }

    /** A number that moves whenever anything of the kind may have changed: the sum of the engagements' revisions. */
    public long state(String form) {
        return database.read()
                .sql("select coalesce(sum(revision), 0) from engagement where form = ?")
                .param(form)
                .query(Long.class)
                .single();
    }
}
