package undersaw.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.sqlite.SQLiteDataSource;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.Snapshot;
import undersaw.line.LineKey;

/** A file of an earlier version, with rows in it, is read by this one. */
class MigrationTest {
    private final List<Database> opened = new ArrayList<>();

    private Database open(Path file) {
        Database database = Database.open(file);
        opened.add(database);
        return database;
    }

    /** An open file would stand in the way when its folder is removed. */
    @AfterEach
    void close() {
        opened.forEach(Database::close);
    }

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

        Database database = open(file);
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

        Notes notes = new Notes(open(file));

        assertThat(notes.of(1)).singleElement().satisfies(note -> {
            assertThat(note.words()).isEqualTo("Call");
            assertThat(note.asks()).isFalse();
        });
        assertThat(notes.asked()).isEmpty();
    }

    private static Path inUse(Path folder) throws SQLException {
        Path file = folder.resolve("undersaw.db");
        earlier(
                file,
                "9",
                CLIENT,
                ENGAGEMENT,
                "insert into account values (1, '4000', 'Sales', 'INCOME_STATEMENT', 0, -50000)",
                "insert into mapping (engagement, account, line, treatment, confirmed, reason, partner) "
                        + "values (1, '4000', '1120/1a', 'full', 1, 'confirmed', '')",
                "insert into fact values (1, '1120/26', '', '700', 'note', 'R. Tern')",
                "insert into payment values (1, 0, '2025-04-15', 'withheld', 500)",
                "insert into audit (engagement, revision, happened, person, what, before, after, previous, digest) "
                        + "values (1, 7, '2026-01-01T00:00:00Z', 'R. Tern', 'Figure typed', '', '1120/26 700', '', "
                        + "'"
                        + RowDigest.sha256(String.join(
                                "\u001F",
                                "",
                                "1",
                                "7",
                                "2026-01-01T00:00:00Z",
                                "R. Tern",
                                "Figure typed",
                                "",
                                "1120/26 700"))
                        + "')");
        return file;
    }

    @Test
    void whatStoodBeforeChangesWereKeptIsReadEditedAndTakenBack(@TempDir Path folder) throws SQLException {
        Database database = open(inUse(folder));
        AuditTrail trail = new AuditTrail(database);
        Engagements engagements = new Engagements(database, trail);
        Engagements.Kept kept = engagements.open(1).orElseThrow();
        Snapshot before = kept.snapshot();
        assertThat(before.accounts()).containsOnlyKeys("4000");
        assertThat(before.fact(LineKey.parse("1120/26"))).map(Fact::value).contains("700");
        assertThat(before.lists().payments()).hasSize(1);
        assertThat(trail.firstFault()).isEmpty();
        assertThat(engagements.lastMade(1, kept.revision()))
                .as("changes made before they were kept cannot be taken back")
                .isEmpty();

        engagements.record(
                kept,
                new Change.FactsSet(Map.of(LineKey.parse("1120/26"), Fact.of("800"))),
                "R. Tern",
                Instant.parse("2026-03-09T10:00:00Z"));
        Engagements.Kept edited = engagements.open(1).orElseThrow();
        assertThat(trail.firstFault()).isEmpty();
        engagements.takeBack(
                edited,
                engagements.lastMade(1, edited.revision()).orElseThrow(),
                new Engagements.By("R. Tern", Instant.parse("2026-03-09T10:01:00Z")),
                after -> List.of());
        assertThat(engagements.open(1).orElseThrow().snapshot()).isEqualTo(before);
        assertThat(trail.firstFault()).isEmpty();
    }
}
