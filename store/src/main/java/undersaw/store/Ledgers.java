package undersaw.store;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessResourceFailureException;
import undersaw.ledger.LedgerTransaction;
import undersaw.money.Money;

/** The transactions of clients' ledgers, as they were imported. A ledger is never changed, only followed by another. */
public final class Ledgers {
    private static final int BATCH = 5000;

    private final Database database;

    public Ledgers(Database database) {
        this.database = database;
    }

    private record Range(long firstRow, long lastRow) {}

    private record Row(String account, @Nullable String dated, String reference, String memo, long amount) {}

    /**
     * Keeps a ledger in one transaction.
     *
     * @param source hands on the transactions one by one
     * @return the number under which they are kept
     */
    public long keep(long engagement, String file, Consumer<Consumer<LedgerTransaction>> source) {
        return database.inConnection(connection -> {
            long first = after(connection);
            Batch batch = new Batch(connection, first);
            source.accept(batch);
            batch.finish();
            return enter(connection, engagement, file, new Range(first, batch.next - 1));
        });
    }

    private static long after(Connection connection) throws SQLException {
        try (PreparedStatement max =
                connection.prepareStatement("select coalesce(max(id), 0) + 1 from ledger_transaction")) {
            return max.executeQuery().getLong(1);
        }
    }

    private static long enter(Connection connection, long engagement, String file, Range range) throws SQLException {
        try (PreparedStatement insert = connection.prepareStatement(
                "insert into ledger (engagement, file, first_row, last_row) values (?, ?, ?, ?) returning id")) {
            insert.setLong(1, engagement);
            insert.setString(2, file);
            insert.setLong(3, range.firstRow());
            insert.setLong(4, range.lastRow());
            return insert.executeQuery().getLong(1);
        }
    }

    /** Writes rows many at a time. */
    private static final class Batch implements Consumer<LedgerTransaction> {
        private final PreparedStatement insert;
        private final Map<LocalDate, String> days = new HashMap<>();
        private long next;

        Batch(Connection connection, long first) throws SQLException {
            next = first;
            insert = connection.prepareStatement(
                    "insert into ledger_transaction (id, account, dated, reference, memo, amount)"
                            + " values (?, ?, ?, ?, ?, ?)");
        }

        @Override
        public void accept(LedgerTransaction transaction) {
            try {
                insert.setLong(1, next++);
                insert.setString(2, transaction.account());
                insert.setString(
                        3,
                        transaction.date() == null ? null : transaction.date().toString());
                insert.setString(4, transaction.reference());
                insert.setString(5, transaction.memo());
                insert.setLong(6, transaction.amount().cents());
                insert.addBatch();
                if (next % BATCH == 0) {
                    insert.executeBatch();
                }
            } catch (SQLException e) {
                throw new DataAccessResourceFailureException("a transaction could not be kept", e);
            }
        }

        void finish() throws SQLException {
            insert.executeBatch();
            insert.close();
        }
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
