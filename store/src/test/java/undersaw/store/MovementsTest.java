package undersaw.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import undersaw.SampleReturns;
import undersaw.calc.Movement;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.line.LineKey;

/** What each revision moved is kept with it, and can be asked for alone or together. */
class MovementsTest {
    private static final Instant NOW = Instant.parse("2026-03-09T10:00:00Z");
    private static final LineKey TAX = LineKey.parse("1120/31");
    private static final LineKey OWED = LineKey.parse("1120/35");

    @TempDir
    private Path folder;

    private Database database;
    private Engagements engagements;
    private Movements movements;
    private long id;

    @BeforeEach
    void open() {
        database = Database.open(folder.resolve("undersaw.db"));
        engagements = new Engagements(database, new AuditTrail(database));
        movements = new Movements(database);
        id = engagements.begin(SampleReturns.heading(2025), "R. Tern", NOW);
    }

    @AfterEach
    void close() {
        database.close();
    }

    private void moved(Movement... moved) {
        Engagements.Kept kept = engagements.open(id).orElseThrow();
        Change change = new Change.FactsSet(Map.of(LineKey.parse("1120/37"), Fact.of("" + kept.revision())));
        engagements.record(new Engagements.Step(kept, change, List.of(moved), Optional.empty()), "R. Tern", NOW);
    }

    @Test
    void aRevisionKeepsWhatItMovedInOrder() {
        moved(new Movement(TAX, "10", "25"), new Movement(OWED, "", "15"));
        long revision = engagements.open(id).orElseThrow().revision();
        assertThat(movements.of(id, revision))
                .containsExactly(new Movement(TAX, "10", "25"), new Movement(OWED, "", "15"));
    }

    @Test
    void severalRevisionsAddUpAndWhatCameBackIsLeftOut() {
        long first = engagements.open(id).orElseThrow().revision();
        moved(new Movement(TAX, "10", "25"), new Movement(OWED, "", "15"));
        moved(new Movement(TAX, "25", "30"), new Movement(OWED, "15", ""));
        assertThat(movements.since(id, first)).containsExactly(new Movement(TAX, "10", "30"));
        assertThat(movements.since(id, first + 1))
                .containsExactly(new Movement(TAX, "25", "30"), new Movement(OWED, "15", ""));
    }

    @Test
    void theBaselineIsReplacedWhole() {
        assertThat(movements.baseline(id)).isEmpty();
        movements.keep(id, new Movements.Baseline(1, Map.of(TAX, "10", OWED, "two words")));
        movements.keep(id, new Movements.Baseline(2, Map.of(TAX, "11")));
        assertThat(movements.baseline(id)).contains(new Movements.Baseline(2, Map.of(TAX, "11")));
    }

    @Test
    void aLoadedTableOfTheLawIsKeptAndNoted() {
        AuditTrail trail = new AuditTrail(database);
        LawTables tables = new LawTables(database, trail);
        tables.keep(new LawTables.Loaded(2025, "corporation", "one"), "a → b", "S. Orrin", NOW);
        tables.keep(new LawTables.Loaded(2025, "corporation", "two"), "b → c", "S. Orrin", NOW);
        assertThat(tables.all()).containsExactly(new LawTables.Loaded(2025, "corporation", "two"));
        assertThat(trail.latest().get(0).after()).isEqualTo("b → c");
    }
}
