package undersaw.store;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.List;
import java.util.function.Supplier;
import org.flywaydb.core.Flyway;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DataSourceTransactionManager;
import org.springframework.jdbc.support.SQLExceptionTranslator;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import org.sqlite.SQLiteDataSource;
import org.sqlite.SQLiteException;

/**
 * The database file: one writer, several readers, migrated when it is opened.
 *
 * <p>Write-ahead log, foreign keys and full synchronous commits: what a page has confirmed survives a killed process.
 */
public final class Database implements AutoCloseable {
    private static final int READERS = 4;

    private final Path file;
    private final HikariDataSource writer;
    private final HikariDataSource reader;
    private final JdbcTemplate many;
    private final JdbcClient write;
    private final JdbcClient read;
    private final TransactionTemplate transaction;

    private Database(Path file) {
        this.file = file;
        migrate(file);
        writer = pool(file, "writer", 1);
        reader = pool(file, "reader", READERS);
        many = template(writer);
        write = JdbcClient.create(many);
        read = JdbcClient.create(template(reader));
        transaction = new TransactionTemplate(new DataSourceTransactionManager(writer));
    }

    /** Opens the file, making it where there is none. */
    public static Database open(Path file) {
        return new Database(file);
    }

    private static void migrate(Path file) {
        // foreign keys stay off here: rebuilding a table that others refer to needs it
        SQLiteDataSource plain = new SQLiteDataSource();
        plain.setUrl("jdbc:sqlite:" + file);
        Flyway.configure(Database.class.getClassLoader())
                .dataSource(plain)
                .locations("classpath:undersaw/store/migrations")
                .load()
                .migrate();
    }

    private static HikariDataSource pool(Path file, String role, int size) {
        boolean writing = role.equals("writer");
        HikariConfig config = new HikariConfig();
        config.setPoolName(role);
        config.setJdbcUrl("jdbc:sqlite:" + file);
        config.setMaximumPoolSize(size);
        config.addDataSourceProperty("journal_mode", "WAL");
        config.addDataSourceProperty("foreign_keys", "true");
        config.addDataSourceProperty("busy_timeout", "5000");
        config.addDataSourceProperty("synchronous", "FULL");
        if (writing) {
            config.addDataSourceProperty("transaction_mode", "IMMEDIATE");
        } else {
            config.setConnectionInitSql("pragma query_only = on");
        }
        return new HikariDataSource(config);
    }

    private static JdbcTemplate template(HikariDataSource pool) {
        JdbcTemplate template = new JdbcTemplate(pool);
        template.setExceptionTranslator(new SqliteTranslator());
        return template;
    }

    /** Where the database lies. */
    public Path file() {
        return file;
    }

    /** Does something once what is being written is committed. */
    void afterCommit(Runnable work) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                work.run();
            }
        });
    }

    /** Reads what is committed; within {@link #inTransaction} also what it has written itself. */
    JdbcClient read() {
        return TransactionSynchronizationManager.isActualTransactionActive() ? write : read;
    }

    /** Writes; to be used within {@link #inTransaction}. */
    JdbcClient write() {
        return write;
    }

    /** Writes a row for each set of parameters with one statement; to be used within {@link #inTransaction}. */
    void writeMany(String sql, List<Object[]> rows) {
        if (!rows.isEmpty()) {
            many.batchUpdate(sql, rows);
        }
    }

    /** Runs everything or nothing. */
    <T extends @Nullable Object> T inTransaction(Supplier<T> work) {
        return transaction.execute(status -> work.get());
    }

    /** Copies the whole database to another file while it is open. */
    public void backUp(Path target) {
        write.sql("vacuum into ?").param(target.toString()).update();
    }

    @Override
    public void close() {
        reader.close();
        writer.close();
    }

    /** Spring knows no SQLite codes. */
    private static final class SqliteTranslator implements SQLExceptionTranslator {
        @Override
        public @Nullable DataAccessException translate(String task, @Nullable String sql, SQLException problem) {
            if (!(problem instanceof SQLiteException sqlite)) {
                return null;
            }
            return switch (sqlite.getResultCode()) {
                case SQLITE_CONSTRAINT_UNIQUE, SQLITE_CONSTRAINT_PRIMARYKEY -> new DuplicateKeyException(task, problem);
                case SQLITE_BUSY, SQLITE_BUSY_SNAPSHOT -> new CannotAcquireLockException(task, problem);
                case SQLITE_CONSTRAINT,
                        SQLITE_CONSTRAINT_FOREIGNKEY,
                        SQLITE_CONSTRAINT_CHECK,
                        SQLITE_CONSTRAINT_TRIGGER -> new DataIntegrityViolationException(task, problem);
                default -> null;
            };
        }
    }
}
