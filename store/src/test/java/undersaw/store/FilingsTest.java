package undersaw.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import undersaw.SampleReturns;
import undersaw.filing.DispatchState;
import undersaw.filing.Fault;
import undersaw.store.Filings.Content;
import undersaw.store.Filings.Kept;
import undersaw.store.Filings.Step;

class FilingsTest {
    private static final Instant NOW = Instant.parse("2026-03-09T10:00:00Z");

    @TempDir
    Path folder;

    private Database database;
    private Filings filings;
    private long engagement;

    @BeforeEach
    void open() {
        database = Database.open(folder.resolve("undersaw.db"));
        AuditTrail trail = new AuditTrail(database);
        engagement = new Engagements(database, trail).begin(SampleReturns.heading(2025), "R. Tern", NOW);
        filings = new Filings(database, trail);
    }

    @AfterEach
    void close() {
        database.close();
    }

    private Kept sealed(String submission) {
        byte[] bytes = {1, 2, 3};
        Content content = new Content(engagement, 1, submission, "digest", bytes, bytes, "<p/>", bytes);
        return filings.seal(content, "R. Tern", NOW).flatMap(filings::find).orElseThrow();
    }

    @Test
    void anAmendedFilingMayFollowAnAcceptedOne() {
        Kept first = sealed("a");
        byte[] bytes = {1};
        Content amended = new Content(engagement, 2, "b", "digest", bytes, bytes, "<p/>", bytes);
        assertThat(filings.sealAmended(amended, "R. Tern", NOW)).isEmpty();
        filings.move(first, new Step(DispatchState.ACCEPTED, "SIM-1", "", List.of()), "x", NOW);
        assertThat(filings.seal(amended, "R. Tern", NOW)).isEmpty();
        assertThat(filings.sealAmended(amended, "R. Tern", NOW)).isPresent();
    }

    @Test
    void onlyOneFilingOfAnEngagementStandsAtATime() {
        Kept first = sealed("a");
        byte[] bytes = {1};
        Content second = new Content(engagement, 1, "b", "digest", bytes, bytes, "<p/>", bytes);
        assertThat(filings.seal(second, "R. Tern", NOW)).isEmpty();
        assertThat(filings.move(first, new Step(DispatchState.REJECTED, "", "", List.of()), "x", NOW))
                .isTrue();
        assertThat(filings.seal(second, "R. Tern", NOW)).isPresent();
        assertThat(filings.of(engagement)).extracting(Kept::submission).containsExactly("b", "a");
    }

    @Test
    void aFilingMovesOnOnlyFromWhereItStands() {
        Kept filing = sealed("a");
        assertThat(filings.move(filing, Step.to(DispatchState.SENDING), "x", NOW))
                .isTrue();
        assertThat(filings.move(filing, Step.to(DispatchState.SENDING), "x", NOW))
                .isFalse();
        assertThat(filings.underWay()).extracting(Kept::submission).containsExactly("a");
    }

    @Test
    void theReasonsOfARejectionAreKeptInOrder() {
        List<Fault> faults = List.of(new Fault("R-2", "1120/30", "two"), new Fault("R-1", "", "one"));
        Kept filing = sealed("a");
        filings.move(filing, new Step(DispatchState.REJECTED, "", "", faults), "x", NOW);
        assertThat(filings.faults(filing.id())).isEqualTo(faults);
        assertThat(filings.underWay()).isEmpty();
    }

    @Test
    void sealedContentIsNeverChanged() throws Exception {
        sealed("a");
        try (Connection raw = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("undersaw.db"));
                Statement statement = raw.createStatement()) {
            assertThatThrownBy(() -> statement.execute("update filing set xml = x'00'"))
                    .hasMessageContaining("never changed");
            assertThatThrownBy(() -> statement.execute("update filing set digest = 'x'"))
                    .hasMessageContaining("never changed");
        }
    }
}
