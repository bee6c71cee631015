package undersaw.store;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The people who sign in. */
public final class People {
    private final Database database;

    public People(Database database) {
        this.database = database;
    }

    /** What a person may do. */
    public enum Role {
        PREPARER,
        REVIEWER,
        ADMINISTRATOR;

        /** The word kept in the database. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * A person of the firm.
     *
     * @param login name at sign-in
     * @param name the person's name
     * @param role what the person may do
     * @param password encoded
     * @param active whether the person may sign in
     */
    public record Person(String login, String name, String role, String password, boolean active) {}

    /** Adds a person, or changes the one with that login. */
    public void put(Person person) {
        database.inTransaction(() -> database.write()
                .sql("""
                        insert into person (login, name, role, password, active)
                        values (:login, :name, :role, :password, :active)
                        on conflict (login) do update set name = excluded.name, role = excluded.role,
                          password = excluded.password, active = excluded.active""")
                .param("login", person.login())
                .param("name", person.name())
                .param("role", person.role())
                .param("password", person.password())
                .param("active", person.active())
                .update());
    }

    public Optional<Person> find(String login) {
        return database.read()
                .sql("select login, name, role, password, active from person where login = ?")
                .param(login)
                .query(Person.class)
                .optional();
    }

    public List<Person> all() {
        return database.read()
                .sql("select login, name, role, password, active from person order by login")
                .query(Person.class)
                .list();
    }
}
