package undersaw.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.SampleReturns;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.line.LineKey;
import undersaw.store.Engagements.Kept;

/** Whoever writes the database with a tool of their own is found out. */
class TrailCheckTest {
    private static final Instant NOW = Instant.parse("2026-03-09T10:00:00Z");

    @TempDir
    Path folder;

    private Path file;
    private Database database;
    private AuditTrail trail;

    @BeforeEach
    void fourRevisions() {
        file = folder.resolve("undersaw.db");
        database = Database.open(file);
        trail = new AuditTrail(database);
        Engagements engagements = new Engagements(database, trail);
        long id = engagements.begin(SampleReturns.heading(2025), "R. Tern", NOW);
        for (String value : List.of("5", "6", "7")) {
            Kept kept = engagements.open(id).orElseThrow();
            engagements.record(
                    kept, new Change.FactsSet(Map.of(LineKey.parse("1120/37"), Fact.of(value))), "R. Tern", NOW);
        }
    }

    @AfterEach
    void close() {
        database.close();
    }

    private void behindItsBack(String... statements) throws SQLException {
        try (Connection raw = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = raw.createStatement()) {
            for (String each : statements) {
                statement.execute(each);
            }
        }
    }

    @Test
    void holdsWhileNobodyMeddles() {
        assertThat(trail.firstFault()).isEmpty();
    }

    @Test
    void theTablesThemselvesRefuse() {
        assertThatThrownBy(() -> behindItsBack("update audit set person = 'nobody'"))
                .hasMessageContaining("never changed");
        assertThatThrownBy(() -> behindItsBack("delete from audit")).hasMessageContaining("never shortened");
        assertThatThrownBy(() -> behindItsBack("update row_change set before = null"))
                .hasMessageContaining("never changed");
        assertThatThrownBy(() -> behindItsBack("delete from row_change")).hasMessageContaining("never removed");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "update audit set after = '1120/37 8' where id = 2; breaks at line 2",
                "delete from audit where id = 2; breaks at line 3",
                "delete from audit where id = 4; removed at its end",
                "delete from audit; removed at its end",
                "update audit set signed = 0, digest = 'x' where id = 4; breaks at line 4",
                "update row_change set after = json_replace(after, '$.value', '8') where revision = 3; revision 3",
                "delete from row_change where revision = 3; revision 3",
                "insert into row_change values (99, 1, 9, 'fact', '1|a|b', null, '{}'); revision 9",
                "update fact set value = '8'; row of fact (1|1120/37|)",
                "delete from fact; row of fact (1|1120/37|)",
                "insert into fact values (1, '1120/1a', '', '9', '', '', 0); row of fact (1|1120/1a|)",
                "update client set name = 'Another, Inc.'; row of client (1)"
            })
    void whatIsAlteredIsFound(String meddling, String words) throws SQLException {
        behindItsBack(
                "drop trigger audit_is_never_changed",
                "drop trigger audit_is_never_shortened",
                "drop trigger row_change_is_never_changed",
                "drop trigger row_change_is_never_removed",
                meddling);
        assertThat(trail.firstFault()).get().asString().contains(words);
    }

    @Test
    void aTrailMadeAnewWithoutTheKeyIsFound() throws IOException {
        database.close();
        Files.delete(Path.of(file + ".key"));
        database = Database.open(file);
        assertThat(new AuditTrail(database).firstFault()).get().asString().contains("another key");
    }

    @Test
    void aHeadThatIsGoneIsSaid() throws IOException {
        Files.delete(TrailSeal.head(file));
        assertThat(trail.firstFault()).get().asString().contains("No file says where the trail ends");
    }

    @Test
    void theKeyIsForItsOwnerAlone() throws IOException {
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(Path.of(file + ".key"))))
                .isEqualTo("rw-------");
    }
}
