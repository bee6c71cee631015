package undersaw.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import undersaw.SampleReturns;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.filing.DispatchState;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.store.Engagements.Kept;
import undersaw.store.Standings.Entry;
import undersaw.store.Standings.OnDay;
import undersaw.store.Standings.Standing;

/** How an engagement stands is kept with its revision, and is old as soon as anything that it rests on moves. */
class StandingsTest {
    private static final Instant NOW = Instant.parse("2026-03-09T10:00:00Z");
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 9);
    private static final Standing STANDING = new Standing(
            Optional.empty(), true, 2, 3, 0, "Owed", Money.ofDollars(-12), LocalDate.of(2026, 4, 15), false);

    @TempDir
    Path folder;

    private Database database;
    private Engagements engagements;
    private Standings standings;
    private long last;
    private long now;

    @BeforeEach
    void twoYearsThatStand() {
        database = Database.open(folder.resolve("undersaw.db"));
        engagements = new Engagements(database, new AuditTrail(database));
        standings = new Standings(database);
        last = engagements.begin(SampleReturns.heading(2024), "R. Tern", NOW);
        now = engagements.begin(SampleReturns.heading(2025), "R. Tern", NOW);
        looked();
    }

    private void looked() {
        for (long id : List.of(last, now)) {
            standings.keep(id, engagements.open(id).orElseThrow().revision(), new OnDay(STANDING, TODAY));
        }
    }

    @AfterEach
    void close() {
        database.close();
    }

    private Entry entry(long id, LocalDate day) {
        return standings.all(day).stream()
                .filter(each -> each.id() == id)
                .findFirst()
                .orElseThrow();
    }

    private void edit(long id, Optional<OnDay> looked) {
        Kept kept = engagements.open(id).orElseThrow();
        Change change = new Change.FactsSet(Map.of(LineKey.parse("1120/37"), Fact.of("5")));
        engagements.record(new Engagements.Step(kept, change, List.of(), looked), "R. Tern", NOW);
    }

    @Test
    void whatIsKeptIsWhatIsShown() {
        assertThat(entry(now, TODAY).standing()).contains(STANDING);
        assertThat(entry(now, TODAY).fresh()).isTrue();
        assertThat(entry(now, TODAY).client()).isNotEmpty();
    }

    @Test
    void anotherDayMakesItOldAndShowsItStill() {
        assertThat(entry(now, TODAY.plusDays(1)).fresh()).isFalse();
        assertThat(entry(now, TODAY.plusDays(1)).standing()).contains(STANDING);
    }

    @Test
    void aRevisionIsKeptWithItsStanding() {
        Standing mended = new Standing(
                Optional.of(DispatchState.SEALED), true, 0, 0, 1, "Owed", Money.ZERO, LocalDate.of(2026, 4, 15), true);
        edit(now, Optional.of(new OnDay(mended, TODAY)));
        assertThat(entry(now, TODAY).standing()).contains(mended);
        assertThat(entry(now, TODAY).fresh()).isTrue();
    }

    @Test
    void aRevisionThatNobodyLookedAtIsOld() {
        edit(now, Optional.empty());
        assertThat(standings.isFresh(now, TODAY)).isFalse();
        assertThat(standings.isFresh(last, TODAY)).isTrue();
    }

    @Test
    void lastYearMakesThisYearOld() {
        edit(last, Optional.of(new OnDay(STANDING, TODAY)));
        assertThat(standings.isFresh(last, TODAY)).isTrue();
        assertThat(standings.isFresh(now, TODAY)).isFalse();
    }

    @Test
    void aTableOfTheLawMakesAllOld() {
        database.inTransaction(() -> database.write()
                .sql("insert into law_table values (2025, 'corporation', 'key', 'M. Quill', '2026-03-09')")
                .update());
        assertThat(standings.all(TODAY)).noneMatch(Entry::fresh);
    }

    @Test
    void anAnswerOfTheAuthorityMakesItOld() {
        database.inTransaction(() -> database.write().sql("""
                        insert into filing (engagement, submission, revision, digest, sealed_by, sealed_at, xml, pdf,
                          folder, state, changed_at)
                        values (?, 'S', 1, 'D', 'R. Tern', '', x'', x'', x'', 'sealed', '')""").param(now).update());
        assertThat(standings.isFresh(now, TODAY)).isFalse();
        looked();
        database.inTransaction(() ->
                database.write().sql("update filing set state = 'accepted'").update());
        assertThat(standings.isFresh(now, TODAY)).isFalse();
        assertThat(standings.isFresh(last, TODAY)).isTrue();
    }

    @Test
    void whatWasLookedAtBeforeAnEditIsNotKeptAfterIt() {
        edit(now, Optional.empty());
        standings.keep(now, 1, new OnDay(STANDING, TODAY));
        assertThat(standings.isFresh(now, TODAY)).isFalse();
    }
}
