package undersaw.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.sqlite.SQLiteDataSource;
import undersaw.engagement.Snapshot;

/** A file of an earlier version, with rows in it, is read by this one. */
class MigrationTest {
    private static SQLiteDataSource earlier(Path file, String version, String... rows) throws SQLException {
        SQLiteDataSource source = new SQLiteDataSource();
        source.setUrl("jdbc:sqlite:" + file);
        Flyway.configure(Database.class.getClassLoader())
                .dataSource(source)
                .locations("classpath:undersaw/store/migrations")
                .target(version)
                .load()
                .migrate();
        try (Connection connection = source.getConnection();
                Statement statement = connection.createStatement()) {
            for (String row : rows) {
                statement.executeUpdate(row);
            }
        }
        return source;
    }

    private static final String CLIENT = """
            insert into client values (1, 'Old Quay, Inc.', '005550001', '1 Quay', '', 'Marrow Bay', 'ME', '04999',
              'US',
              '2001-01-01', 'ME', '311710', 'Canning', 'Fish', 'P. Old', 'Owner', '', '')""";
    private static final String ENGAGEMENT = """
            insert into engagement (id, client, form, start, until, method, flags, revision)
            values (1, 1, '1120', '2025-01-01', '2025-12-31', 'accrual', 'INITIAL', 7)""";

    @Test
    void howSureASuggestionIsComesOutOfItsWords(@TempDir Path folder) throws SQLException {
        Path file = folder.resolve("undersaw.db");
        earlier(
                file,
                "8",
                CLIENT,
                ENGAGEMENT,
                "insert into mapping (engagement, account, line, treatment, confirmed, reason, partner) values "
                        + "(1, '1010', '1120/L/1', '', 0, '97 % sure, named like \"Cash\"', ''), "
                        + "(1, '1020', '1120/L/1', '', 0, '6 % sure, only by its number', ''), "
                        + "(1, '1030', '1120/L/1', '', 0, 'nothing speaks for a line', ''), "
                        + "(1, '1040', '1120/L/1', '', 1, 'confirmed by R. Tern, who was 97 % sure, he said', '')");

        Database database = Database.open(file);
        Snapshot read = new Engagements(database, new AuditTrail(database))
                .open(1)
                .orElseThrow()
                .snapshot();

        assertThat(read.mapping("1010").orElseThrow().confidence()).isEqualTo(97);
        assertThat(read.mapping("1010").orElseThrow().reason()).isEqualTo("named like \"Cash\"");
        assertThat(read.mapping("1020").orElseThrow().confidence()).isEqualTo(6);
        assertThat(read.mapping("1030").orElseThrow().confidence()).isZero();
        assertThat(read.mapping("1030").orElseThrow().reason()).isEqualTo("nothing speaks for a line");
        assertThat(read.mapping("1040").orElseThrow().reason()).contains("97 % sure, he said");
    }

    @Test
    void notesOfAnEarlierVersionAskTheClientForNothing(@TempDir Path folder) throws SQLException {
        Path file = folder.resolve("undersaw.db");
        earlier(
                file,
                "8",
                CLIENT,
                ENGAGEMENT,
                "insert into note (engagement, place, words, written_by) values (1, 'engagement', 'Call', 'R. Tern')");

        Notes notes = new Notes(Database.open(file));

        assertThat(notes.of(1)).singleElement().satisfies(note -> {
            assertThat(note.words()).isEqualTo("Call");
            assertThat(note.asks()).isFalse();
        });
        assertThat(notes.asked()).isEmpty();
    }
}
