package undersaw.store;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import undersaw.filing.DispatchState;
import undersaw.money.Money;

/** How engagements stand, one kept row each: what the docket shows without computing anything. */
public final class Standings {
    private final Database database;

    public Standings(Database database) {
        this.database = database;
    }

    /**
     * How an engagement stands on a day.
     *
     * @param filing the state of its latest filing; nothing where none is sealed
     * @param books whether it has accounts
     * @param stops open findings that block filing
     * @param queries open findings that need an answer
     * @param moved figures that stand otherwise than they were sealed
     * @param vital what the figure that the return ends with is
     * @param amount that figure
     * @param due when the return is due, extended where it is
     * @param extended whether more time was asked for
     */
    public record Standing(
            Optional<DispatchState> filing,
            boolean books,
            int stops,
            int queries,
            int moved,
            String vital,
            Money amount,
            LocalDate due,
            boolean extended) {}

    /** How an engagement stood on the day it was looked at. */
    public record OnDay(Standing standing, LocalDate day) {}

    /**
     * An engagement with how it stands.
     *
     * @param id its number
     * @param client the client's name
     * @param number the client's taxpayer number, digits alone
     * @param form the form's code
     * @param start first day of its period
     * @param until last day of its period
     * @param standing how it stood when it was looked at last; nothing where it never was
     * @param fresh whether it stands so today
     */
    public record Entry(
            long id,
            String client,
            String number,
            String form,
            String start,
            String until,
            Optional<Standing> standing,
            boolean fresh) {}

    /** An engagement whose standing was never kept stands as nothing yet. */
    private static final String ALL = """
        select engagement.id, name as client, number, form, start, until, ifnull(fresh, 0) as fresh, day,
          filing, ifnull(books, 0) as books, ifnull(stops, 0) as stops, ifnull(queries, 0) as queries,
          ifnull(moved, 0) as moved, vital, ifnull(amount, 0) as amount, due,
          ifnull(extended, 0) as extended
        from engagement join client on client.id = engagement.client
        left join standing on standing.engagement = engagement.id""";

    private record Row(
            long id,
            String client,
            String number,
            String form,
            String start,
            String until,
            boolean fresh,
            String day,
            String filing,
            boolean books,
            int stops,
            int queries,
            int moved,
            String vital,
            long amount,
            String due,
            boolean extended) {

        Entry entry(LocalDate today) {
            return new Entry(
                    id,
                    client,
                    number,
                    form,
                    start,
                    until,
                    due == null ? Optional.empty() : Optional.of(standing()),
                    fresh && today.toString().equals(day));
        }

        private Standing standing() {
            return new Standing(
                    filing.isEmpty() ? Optional.empty() : Optional.of(DispatchState.parse(filing)),
                    books,
                    stops,
                    queries,
                    moved,
                    vital,
                    Money.ofCents(amount),
                    LocalDate.parse(due),
                    extended);
        }
    }

    /** Every engagement of the firm as it stands. */
    public List<Entry> all(LocalDate today) {
        return database.read().sql(ALL + " where study_of is null").query(Row.class).list().stream()
                .map(row -> row.entry(today))
                .toList();
    }

    /** Whether an engagement stands today as it was kept. */
    public boolean isFresh(long engagement, LocalDate today) {
        return database.read()
                        .sql("select count(*) from standing where engagement = ? and fresh = 1 and day = ?")
                        .params(engagement, today.toString())
                        .query(Integer.class)
                        .single()
                > 0;
    }

    /** Keeps how a revision stands, unless the engagement has gone on meanwhile. */
    public void keep(long engagement, long revision, OnDay looked) {
        Standing standing = looked.standing();
        database.inTransaction(() -> database.write()
                .sql("""
                        insert into standing
                        select :engagement, 1, :day, :filing, :books, :stops, :queries, :moved, :vital, :amount, :due,
                          :extended
                        from engagement where id = :engagement and revision = :revision
                        on conflict (engagement) do update set fresh = 1, day = excluded.day,
                          filing = excluded.filing, books = excluded.books, stops = excluded.stops,
                          queries = excluded.queries, moved = excluded.moved, vital = excluded.vital,
                          amount = excluded.amount, due = excluded.due, extended = excluded.extended""")
                .param("engagement", engagement)
                .param("revision", revision)
                .param("day", looked.day().toString())
                .param("filing", standing.filing().map(DispatchState::word).orElse(""))
                .param("books", standing.books() ? 1 : 0)
                .param("stops", standing.stops())
                .param("queries", standing.queries())
                .param("moved", standing.moved())
                .param("vital", standing.vital())
                .param("amount", standing.amount().cents())
                .param("due", standing.due().toString())
                .param("extended", standing.extended() ? 1 : 0)
                .update());
    }
}
