package undersaw.store;

import java.util.Optional;

/** What a person has set for themselves, such as the thresholds of variances. */
public final class Preferences {
    private final Database database;

    public Preferences(Database database) {
        this.database = database;
    }

    public Optional<String> find(String login, String name) {
        return database.read()
                .sql("select value from preference where login = ? and name = ?")
                .params(login, name)
                .query(String.class)
                .optional();
    }

    /** Sets a preference, in place of what was set before. */
    public void set(String login, String name, String value) {
        database.inTransaction(() -> database.write()
                .sql("insert or replace into preference (login, name, value) values (?, ?, ?)")
                .params(login, name, value)
                .update());
    }
}
