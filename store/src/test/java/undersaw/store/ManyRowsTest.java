package undersaw.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.time.Instant;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import undersaw.SampleReturns;
import undersaw.calc.Movement;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.line.LineId;
import undersaw.line.LineKey;

/** Lists of thousands of rows are one revision: kept whole, replaced whole, or not at all. */
class ManyRowsTest {
    private static final Instant NOW = Instant.parse("2026-03-09T10:00:00Z");
    private static final LineId PROCEEDS = LineId.of("8949/proceeds");
    private static final int ROWS = 4_000;

    @TempDir
    private Path folder;

    private Database database;
    private Engagements engagements;
    private long id;

    @BeforeEach
    void open() {
        database = Database.open(folder.resolve("undersaw.db"));
        engagements = new Engagements(database, new AuditTrail(database));
        id = engagements.begin(SampleReturns.heading(2025), "R. Tern", NOW);
    }

    @AfterEach
    void close() {
        database.close();
    }

    private static LineKey row(int number) {
        return PROCEEDS.in(String.format("%05d", number));
    }

    private static Map<LineKey, @Nullable Fact> rows(int from, int to) {
        Map<LineKey, @Nullable Fact> rows = new HashMap<>();
        IntStream.rangeClosed(from, to).forEach(number -> rows.put(row(number), new Fact(number + ".50", "", "tern")));
        return rows;
    }

    private void keep(Map<LineKey, @Nullable Fact> facts, List<Movement> moved) {
        Engagements.Kept kept = engagements.open(id).orElseThrow();
        engagements.record(
                new Engagements.Step(kept, new Change.FactsSet(facts), moved, Optional.empty()), "R. Tern", NOW);
    }

    private Map<LineKey, Fact> kept() {
        return engagements.open(id).orElseThrow().snapshot().facts();
    }

    @Test
    void allRowsAreThereAfterOneRevision() {
        long before = engagements.open(id).orElseThrow().revision();
        keep(rows(1, ROWS), List.of());
        assertThat(engagements.open(id).orElseThrow().revision()).isEqualTo(before + 1);
        assertThat(kept()).hasSize(ROWS).containsEntry(row(ROWS), new Fact(ROWS + ".50", "", "tern"));
    }

    @Test
    void rowsThatAreReplacedOrTakenAwayLeaveNoOldOnes() {
        keep(rows(1, ROWS), List.of());
        Map<LineKey, @Nullable Fact> change = new HashMap<>();
        IntStream.rangeClosed(1, ROWS - 1).forEach(number -> change.put(row(number), null));
        change.put(row(ROWS), Fact.of("7"));
        keep(change, List.of());
        assertThat(kept()).isEqualTo(Map.of(row(ROWS), Fact.of("7")));
    }

    @Test
    void aChangeThatFailsHalfwayKeepsNothing() {
        keep(rows(1, 10), List.of());
        Map<LineKey, @Nullable Fact> change = rows(11, ROWS);
        change.put(row(5), new Fact("9", "", "tern"));
        Movement faulty = new Movement(LineKey.parse("1120/31"), null, "5");
        assertThatThrownBy(() -> keep(change, List.of(faulty))).isInstanceOf(RuntimeException.class);
        assertThat(kept()).hasSize(10).containsEntry(row(5), new Fact("5.50", "", "tern"));
    }

    @Test
    void whatWasMovedComesBackInItsOrder() {
        List<Movement> moved = IntStream.rangeClosed(1, 300)
                .mapToObj(number -> new Movement(LineKey.parse("X/" + (1000 - number)), "", String.valueOf(number)))
                .toList();
        keep(Collections.singletonMap(row(1), Fact.of("1")), moved);
        long revision = engagements.open(id).orElseThrow().revision();
        assertThat(new Movements(database).of(id, revision)).isEqualTo(moved);
    }
}
