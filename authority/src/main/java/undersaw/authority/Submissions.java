package undersaw.authority;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The authority's own file: its register of taxpayers and every submission with its answer. */
final class Submissions implements AutoCloseable {
    /**
     * One submission as kept.
     *
     * @param id the submission's id
     * @param digest SHA-256 of what was sent
     * @param filer number and name, for the list
     * @param period form and period, for the list
     * @param answered when the answer may be given
     * @param state accepted or rejected
     * @param confirmation confirmation number; empty when rejected
     * @param received when it came in
     */
    record Kept(
            String id,
            String digest,
            String filer,
            String period,
            Instant answered,
            String state,
            String confirmation,
            Instant received) {}

    private final Connection connection;

    Submissions(String file) {
        try {
            connection = DriverManager.getConnection("jdbc:sqlite:" + file);
            try (Statement statement = connection.createStatement()) {
                statement.execute("pragma journal_mode = wal");
                statement.execute("""
                        create table if not exists taxpayer (number text primary key, name text not null) strict""");
                statement.execute("""
                        create table if not exists submission (
                          id text primary key, digest text not null, number text not null, name text not null,
                          form text not null, start text not null, until text not null, received text not null,
                          answered text not null, state text not null, confirmation text not null) strict""");
                statement.execute("""
                        create table if not exists reason (
                          submission text not null references submission (id), code text not null,
                          line text not null, message text not null) strict""");
            }
        } catch (SQLException e) {
            throw new IllegalStateException("the authority's file " + file + " cannot be opened", e);
        }
    }

    synchronized void enrol(String number, String name) {
        run("insert into taxpayer values (?, ?) on conflict (number) do update set name = excluded.name", number, name);
    }

    synchronized Optional<String> nameOf(String number) {
        return first("select name from taxpayer where number = ?", result -> result.getString(1), number);
    }

    synchronized List<String> taxpayers() {
        return all(
                "select number, name from taxpayer order by number",
                result -> result.getString(1).substring(0, 2) + "-"
                        + result.getString(1).substring(2) + "  " + result.getString(2));
    }

    synchronized boolean isAcceptedAlready(FiledReturn filed) {
        return first(
                        """
                        select id from submission
                        where state = 'accepted' and number = ? and form = ? and start = ? and until = ? and id <> ?""",
                        result -> result.getString(1),
                        filed.number(),
                        filed.form(),
                        filed.start().toString(),
                        filed.end().toString(),
                        filed.submission())
                .isPresent();
    }

    synchronized Optional<Kept> find(String id) {
        return first(SELECT + " where id = ?", Submissions::kept, id);
    }

    synchronized List<Kept> latest() {
        return all(SELECT + " order by received desc limit 50", Submissions::kept);
    }

    synchronized List<Reason> reasons(String id) {
        return all(
                "select code, line, message from reason where submission = ? order by rowid",
                result -> new Reason(result.getString(1), result.getString(2), result.getString(3)),
                id);
    }

    synchronized void keep(FiledReturn filed, Kept kept, List<Reason> reasons) {
        run(
                "insert into submission values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                kept.id(),
                kept.digest(),
                filed.number(),
                filed.name(),
                filed.form(),
                filed.start().toString(),
                filed.end().toString(),
                kept.received().toString(),
                kept.answered().toString(),
                kept.state(),
                kept.confirmation());
        reasons.forEach(reason -> run(
                "insert into reason values (?, ?, ?, ?)", kept.id(), reason.code(), reason.line(), reason.message()));
    }

    private static final String SELECT = """
            select id, digest, number || ' ' || name, form || ', ' || start || ' to ' || until,
                   answered, state, confirmation, received from submission""";

    private static Kept kept(ResultSet result) throws SQLException {
        return new Kept(
                result.getString(1),
                result.getString(2),
                result.getString(3),
                result.getString(4),
                Instant.parse(result.getString(5)),
                result.getString(6),
                result.getString(7),
                Instant.parse(result.getString(8)));
    }

    private interface Read<T> {
        T from(ResultSet result) throws SQLException;
    }

    private <T> Optional<T> first(String sql, Read<T> read, String... values) {
        return all(sql, read, values).stream().findFirst();
    }

    private <T> List<T> all(String sql, Read<T> read, String... values) {
        try (PreparedStatement statement = prepared(sql, values);
                ResultSet result = statement.executeQuery()) {
            List<T> found = new ArrayList<>();
            while (result.next()) {
                found.add(read.from(result));
            }
            return found;
        } catch (SQLException e) {
            throw new IllegalStateException("the authority's file cannot be read", e);
        }
    }

    private void run(String sql, String... values) {
        try (PreparedStatement statement = prepared(sql, values)) {
            statement.executeUpdate();
        } catch (SQLException e) {
            throw new IllegalStateException("the authority's file cannot be written", e);
        }
    }

    private PreparedStatement prepared(String sql, String... values) throws SQLException {
        PreparedStatement statement = connection.prepareStatement(sql);
        for (int i = 0; i < values.length; i++) {
            statement.setString(i + 1, values[i]);
        }
        return statement;
    }

    @Override
    public void close() {
        try {
            connection.close();
        } catch (SQLException e) {
            throw new IllegalStateException("the authority's file cannot be closed", e);
        }
    }
}
