package undersaw.store;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import undersaw.ledger.LedgerTransaction;
import undersaw.money.Money;

/** The transactions of clients' ledgers, as they were imported. A ledger is never changed, only followed by another. */
public final class Ledgers {
    private static final int BATCH = 5000;
    /** Binary digits of the numbers that the rows of one ledger have to themselves. */
    private static final int RANGE = 32;

    private final Database database;

    public Ledgers(Database database) {
        this.database = database;
    }

    private record Row(String account, @Nullable String dated, String reference, String memo, long amount) {}

    /**
     * A ledger that is being read in: transactions are kept a few thousand at a time, so that nobody waits for the
     * whole, and count only once it is {@link #complete}. Closed before, it leaves nothing; killed, it is swept at the
     * next start.
     */
    public final class Arriving implements Consumer<LedgerTransaction>, AutoCloseable {
        private final long engagement;
        private final String file;
        private final List<LedgerTransaction> waiting = new ArrayList<>();
        private long ledger;
        private long next;
        private boolean complete;

        private Arriving(long engagement, String file) {
            this.engagement = engagement;
            this.file = file;
        }

        @Override
        public void accept(LedgerTransaction transaction) {
            waiting.add(transaction);
            if (waiting.size() == BATCH) {
                flush();
            }
        }

        private void flush() {
            database.inTransaction(() -> {
                if (ledger == 0) {
                    begin();
                }
                database.writeMany("""
                        insert into ledger_transaction (id, account, dated, reference, memo, amount)
                        values (?, ?, ?, ?, ?, ?)""", waiting.stream().map(this::row).toList());
                return true;
            });
            waiting.clear();
        }

        private Object[] row(LedgerTransaction transaction) {
            return new Object[] {
                next++,
                transaction.account(),
                transaction.date() == null ? null : transaction.date().toString(),
                transaction.reference(),
                transaction.memo(),
                transaction.amount().cents()
            };
        }

        /** The rows of a ledger lie together: each has a range of numbers to itself. */
        private void begin() {
            ledger = database.write()
                    .sql("insert into ledger (engagement, file, first_row, last_row) values (?, ?, 0, -1) returning id")
                    .params(engagement, file)
                    .query(Long.class)
                    .single();
            next = ledger << RANGE;
            database.write()
                    .sql("update ledger set first_row = ?, last_row = ? where id = ?")
                    .params(next, next - 1, ledger)
                    .update();
        }

        /** The number under which the ledger is kept from now on. */
        public long complete() {
            database.inTransaction(() -> {
                flush();
                return database.write()
                        .sql("update ledger set last_row = ? where id = ?")
                        .params(next - 1, ledger)
                        .update();
            });
            complete = true;
            return ledger;
        }

        @Override
        public void close() {
            if (!complete && ledger != 0) {
                remove(ledger);
            }
        }
    }

    /** Begins to read a ledger in. */
    public Arriving arriving(long engagement, String file) {
        return new Arriving(engagement, file);
    }

    /**
     * Removes ledgers that no revision of any engagement refers to, left by a process that was killed; at a start,
     * before any is read in.
     *
     * @return how many
     */
    public int sweep() {
        List<Long> left = database.read().sql("""
                        select id from ledger where id not in (
                          select source_ledger from engagement
                          union select json_extract(coalesce(before, after), '$.source_ledger') from row_change
                            where held_in = 'engagement'
                          union select json_extract(coalesce(after, before), '$.source_ledger') from row_change
                            where held_in = 'engagement')""").query(Long.class).list();
        left.forEach(this::remove);
        return left.size();
    }

    private record Range(long firstRow, long lastRow) {}

    private void remove(long ledger) {
        database.inTransaction(() -> {
            Range range = database.read()
                    .sql("select first_row, last_row from ledger where id = ?")
                    .param(ledger)
                    .query(Range.class)
                    .single();
            // one that was not completed does not know yet how far it goes
            boolean apart = range.firstRow() == ledger << RANGE;
            database.write()
                    .sql("delete from ledger_transaction where id between ? and ?")
                    .params(range.firstRow(), apart ? range.firstRow() + (1L << RANGE) - 1 : range.lastRow())
                    .update();
            return database.write()
                    .sql("delete from ledger where id = ?")
                    .param(ledger)
                    .update();
        });
    }

    /** The transactions of one account in the order of the client's ledger, from a place on. */
    public List<LedgerTransaction> of(long ledger, String account, int from, int most) {
        return database.read().sql("""
                        select account, dated, reference, memo, amount from ledger
                        join ledger_transaction on ledger_transaction.id between first_row and last_row
                        where ledger.id = ? and account = ? order by ledger_transaction.id limit ? offset ?""").params(ledger, account, most, from).query(Row.class).list().stream()
                .map(row -> new LedgerTransaction(
                        row.account(),
                        row.dated() == null ? null : LocalDate.parse(row.dated()),
                        row.reference(),
                        row.memo(),
                        Money.ofCents(row.amount())))
                .toList();
    }

    /** How many transactions an account has. */
    public long count(long ledger, String account) {
        return database.read()
                .sql("""
                        select count(*) from ledger
                        join ledger_transaction on ledger_transaction.id between first_row and last_row
                        where ledger.id = ? and account = ?""")
                .params(ledger, account)
                .query(Long.class)
                .single();
    }
}
