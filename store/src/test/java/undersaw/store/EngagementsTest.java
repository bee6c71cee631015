package undersaw.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.dao.DuplicateKeyException;
import undersaw.SampleReturns;
import undersaw.engagement.Carried;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.Heading;
import undersaw.engagement.Heading.Flag;
import undersaw.engagement.SetAside;
import undersaw.engagement.Snapshot;
import undersaw.engagement.WorksheetRow;
import undersaw.law.calendar.Period;
import undersaw.ledger.Account;
import undersaw.ledger.BooksSource;
import undersaw.ledger.Carryover;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.Entry;
import undersaw.ledger.EntryKind;
import undersaw.ledger.EntryPosting;
import undersaw.ledger.Mapping;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.ledger.Repeats;
import undersaw.ledger.Split;
import undersaw.ledger.StatementKind;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.money.Percent;
import undersaw.store.Engagements.Kept;

class EngagementsTest {
    private static final Instant NOW = Instant.parse("2026-03-09T10:00:00Z");

    @TempDir
    Path folder;

    private Database database;
    private AuditTrail trail;
    private Engagements engagements;

    @BeforeEach
    void open() {
        database = Database.open(folder.resolve("undersaw.db"));
        trail = new AuditTrail(database);
        engagements = new Engagements(database, trail);
    }

    @AfterEach
    void close() {
        database.close();
    }

    private Kept begun() {
        return engagements
                .open(engagements.begin(SampleReturns.heading(2025), "R. Tern", NOW))
                .orElseThrow();
    }

    private static List<Change> changesOfTheReturn() {
        Snapshot sample = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "500.25")
                .balance("3000", "1120/L/22b", "-10", "-10")
                .snapshot();
        Heading heading = SampleReturns.heading(2025);
        Heading changed = new Heading(
                "1120",
                heading.client(),
                new Period(LocalDate.of(2025, 2, 1), LocalDate.of(2025, 12, 31)),
                null,
                Set.of(Flag.FINAL, Flag.NAME_CHANGE));
        return List.of(
                new Change.HeadingSet(changed),
                new Change.BooksReplaced(List.copyOf(sample.accounts().values()), sample.source()),
                new Change.AccountSet(
                        new Account("4000", "Sales", StatementKind.INCOME_STATEMENT, Money.ZERO, Money.ofCents(-7))),
                new Change.MappingsSet(new TreeMap<>(sample.mappings())),
                new Change.FactsSet(Map.of(LineKey.parse("1125-E/1/f@a"), new Fact("5", "why", "R. Tern"))),
                new Change.PaymentsSet(
                        List.of(new Payment(LocalDate.of(2025, 4, 15), PaymentKind.WITHHELD, Money.ofCents(5)))),
                new Change.CarryoversSet(List.of(new Carryover(CarryoverKind.NOL, 2020, Money.ofCents(9)))),
                new Change.EntriesSet(List.of(new Entry(
                        "1",
                        EntryKind.TAX,
                        LocalDate.of(2025, 12, 31),
                        "m",
                        List.of(
                                new EntryPosting("4000", Money.ofCents(3)),
                                new EntryPosting("3000", Money.ofCents(-3))),
                        Repeats.RECURRING))),
                new Change.QuerySetAside("C-1.x", new SetAside("r", "R. Tern", "says")));
    }

    private static List<Change> changesOfTheBooks() {
        return List.of(
                new Change.MappingsSet(Map.of(
                        "4000",
                        new Mapping(
                                LineId.of("1120/1a"),
                                "quay",
                                "full",
                                List.of(
                                        new Split(LineId.of("1120/10"), "shop", "full", Percent.of("40"), null),
                                        new Split(LineId.of("1120/6"), "", "full", null, Money.ofCents(-5))),
                                "3000",
                                false,
                                41,
                                "why"))),
                new Change.WorksheetSet(
                        LineKey.parse("1120/10"),
                        List.of(
                                new WorksheetRow("a", Money.ofCents(100), LocalDate.of(2025, 5, 5), "n"),
                                new WorksheetRow("b", Money.ofCents(-200), null, "")),
                        "R. Tern"),
                new Change.CarriedSet(Map.of("map/4000", new Carried("1120/1a", ""))),
                new Change.Several(List.of(
                        new Change.BooksReplaced(List.of(), new BooksSource("b.csv", 7)),
                        new Change.MappingsSet(
                                new TreeMap<>(Map.of("1", new Mapping(LineId.of("1120/26"), "full", true, "x")))))));
    }

    private static List<Change> everyKindOfChange() {
        return Stream.concat(changesOfTheReturn().stream(), changesOfTheBooks().stream())
                .toList();
    }

    @Test
    void whatIsInMemoryAndWhatIsReadBackAreTheSameAfterEveryChange() {
        Kept kept = begun();
        for (Change change : everyKindOfChange()) {
            Snapshot expected = change.applyTo(kept.snapshot());
            long revision = engagements.record(kept, change, "R. Tern", NOW).orElseThrow();
            kept = engagements.open(kept.id()).orElseThrow();
            assertThat(kept.snapshot()).as(change.getClass().getSimpleName()).isEqualTo(expected);
            assertThat(kept.revision()).isEqualTo(revision);
        }
    }

    private Kept taken(Kept kept, Engagements.Made made) {
        assertThat(engagements.takeBack(kept, made, new Engagements.By("R. Tern", NOW), after -> List.of()))
                .contains(kept.revision() + 1);
        return engagements.open(kept.id()).orElseThrow();
    }

    private Kept undone(Kept kept) {
        return taken(kept, engagements.lastMade(kept.id(), kept.revision()).orElseThrow());
    }

    private Kept redone(Kept kept) {
        return taken(kept, engagements.lastTakenBack(kept.id(), kept.revision()).orElseThrow());
    }

    private Kept changed(Kept kept, Change change) {
        engagements.record(kept, change, "R. Tern", NOW);
        return engagements.open(kept.id()).orElseThrow();
    }

    @Test
    void everyChangeCanBeTakenBackAndMadeAgain() {
        Kept kept = begun();
        for (Change change : everyKindOfChange()) {
            Snapshot before = kept.snapshot();
            kept = changed(kept, change);
            Snapshot after = kept.snapshot();
            kept = undone(kept);
            assertThat(kept.snapshot()).as(change.getClass().getSimpleName()).isEqualTo(before);
            kept = redone(kept);
            assertThat(kept.snapshot()).as(change.getClass().getSimpleName()).isEqualTo(after);
            assertThat(engagements.lastTakenBack(kept.id(), kept.revision())).isEmpty();
        }
    }

    @Test
    void allIsTakenBackStepByStepAndMadeAgainByWhoeverOpensTheFileNext() {
        Kept kept = begun();
        List<Snapshot> states = new ArrayList<>(List.of(kept.snapshot()));
        for (Change change : everyKindOfChange()) {
            kept = changed(kept, change);
            states.add(kept.snapshot());
        }
        database.close();
        open();
        for (int i = states.size() - 2; i >= 0; i--) {
            kept = undone(engagements.open(kept.id()).orElseThrow());
            assertThat(kept.snapshot()).as("back to " + i).isEqualTo(states.get(i));
        }
        assertThat(engagements.lastMade(kept.id(), kept.revision())).isEmpty();
        for (int i = 1; i < states.size(); i++) {
            kept = redone(kept);
            assertThat(kept.snapshot()).as("again to " + i).isEqualTo(states.get(i));
        }
        assertThat(engagements.lastTakenBack(kept.id(), kept.revision())).isEmpty();
        kept = undone(kept);
        assertThat(kept.snapshot()).isEqualTo(states.get(states.size() - 2));
        kept = changed(kept, everyKindOfChange().get(0));
        assertThat(engagements.lastTakenBack(kept.id(), kept.revision()))
                .as("nothing is made again after a new change")
                .isEmpty();
    }

    @Test
    void theTrailSaysWhatWasTakenBackAndMadeAgain() {
        Kept kept = changed(begun(), new Change.FactsSet(Map.of(LineKey.parse("1120/37"), Fact.of("5"))));
        String what = trail.of(kept.id()).get(0).what();
        kept = undone(kept);
        AuditTrail.Line back = trail.of(kept.id()).get(0);
        assertThat(back.what()).isEqualTo("Taken back: " + what);
        assertThat(back.before()).contains("1120/37 5");
        kept = redone(kept);
        AuditTrail.Line again = trail.of(kept.id()).get(0);
        assertThat(again.what()).isEqualTo("Made again: " + what);
        assertThat(again.after()).contains("1120/37 5");
    }

    @Test
    void theSecondOfTwoChangesOfOneRevisionIsRefused() {
        Kept kept = begun();
        Change change = new Change.FactsSet(Map.of(LineKey.parse("1120/37"), Fact.of("5")));
        assertThat(engagements.record(kept, change, "R. Tern", NOW)).isPresent();
        assertThat(engagements.record(kept, change, "M. Quill", NOW)).isEmpty();
        assertThat(trail.of(kept.id())).hasSize(2);
    }

    @Test
    void aSecondEngagementForTheSamePeriodIsRefused() {
        begun();
        assertThat(engagements.overlapping("001234567", "1120", LocalDate.of(2025, 6, 1), LocalDate.of(2026, 5, 31)))
                .isPresent();
        assertThat(engagements.overlapping("001234567", "1120", LocalDate.of(2026, 1, 1), LocalDate.of(2026, 12, 31)))
                .isEmpty();
        assertThatThrownBy(this::begun).isInstanceOf(DuplicateKeyException.class);
    }

    /** A study stands beside its engagement as often as wanted, and beside nothing else. */
    @Test
    void studiesAreNoEngagementsProper() {
        long original = begun().id();
        Engagements.By by = new Engagements.By("R. Tern", NOW);
        Heading heading = SampleReturns.heading(2025);
        long one =
                engagements.beginStudy(heading, new Engagements.Study(original, "More pay", "1120"), fresh -> null, by);
        long two =
                engagements.beginStudy(heading, new Engagements.Study(original, "Less pay", "1120"), fresh -> null, by);
        assertThat(engagements.studies(original))
                .extracting(Engagements.Study::name)
                .containsExactly("More pay", "Less pay");
        assertThat(engagements.open(one).orElseThrow().studyOf()).contains(original);
        assertThat(engagements.open(original).orElseThrow().studyOf()).isEmpty();
        assertThat(engagements.ids()).containsExactly(original);
        assertThat(engagements.named()).hasSize(1);
        assertThat(engagements.before(one)).isEmpty();
        engagements.removeStudy(two);
        engagements.removeStudy(original);
        assertThat(engagements.studies(original)).hasSize(1);
        assertThat(engagements.open(original)).isPresent();
        assertThatThrownBy(this::begun).isInstanceOf(DuplicateKeyException.class);
    }

    @Test
    void aStudyLeavesTheClientAsItIs() {
        long original = begun().id();
        long study = engagements.beginStudy(
                SampleReturns.heading(2025),
                new Engagements.Study(original, "Renamed", "1120"),
                fresh -> null,
                new Engagements.By("R. Tern", NOW));
        Kept kept = engagements.open(study).orElseThrow();
        Heading now = kept.snapshot().heading();
        Heading other = new Heading(now.form(), now.client(), Period.calendarYear(2024), now.method(), now.flags());
        assertThat(engagements.record(kept, new Change.HeadingSet(other), "R. Tern", NOW))
                .isPresent();
        assertThat(engagements
                        .open(study)
                        .orElseThrow()
                        .snapshot()
                        .heading()
                        .period()
                        .lawYear())
                .isEqualTo(2024);
        assertThat(engagements
                        .open(original)
                        .orElseThrow()
                        .snapshot()
                        .heading()
                        .period()
                        .lawYear())
                .isEqualTo(2025);
    }

    @Test
    void lastYearIsTheOneThatEndedTheDayBefore() {
        long before = engagements.begin(SampleReturns.heading(2024), "R. Tern", NOW);
        long now = engagements.begin(SampleReturns.heading(2025), "R. Tern", NOW);
        assertThat(engagements.before(now)).contains(before);
        assertThat(engagements.before(before)).isEmpty();
        assertThat(engagements.ofSameClient(now)).containsExactly(before);
    }

    @Test
    void theTrailSaysOnlyWhatDiffersAndMasksNumbers() {
        Kept kept = begun();
        engagements.record(kept, everyKindOfChange().get(0), "R. Tern", NOW);
        AuditTrail.Line line = trail.of(kept.id()).get(0);
        assertThat(line.before()).isEqualTo("method accrual; period 2025-01-01 to 2025-12-31; special []");
        assertThat(line.after())
                .isEqualTo("method ; period 2025-02-01 to 2025-12-31; special [final return, name changed]");
        assertThat(trail.latest()).noneMatch(each -> (each.before() + each.after()).contains("001234567"));
    }

    @Test
    void aBackupHoldsTheSame() {
        Kept kept = begun();
        database.backUp(folder.resolve("copy.db"));
        try (Database copy = Database.open(folder.resolve("copy.db"))) {
            Engagements restored = new Engagements(copy, new AuditTrail(copy));
            assertThat(restored.open(kept.id())).contains(kept);
        }
    }

    /** Writes one figure and dies without a word. */
    static final class Dying {
        public static void main(String[] arguments) {
            Database database = Database.open(Path.of(arguments[0]));
            Engagements engagements = new Engagements(database, new AuditTrail(database));
            long id = engagements.begin(SampleReturns.heading(2023), "R. Tern", NOW);
            Kept kept = engagements.open(id).orElseThrow();
            engagements.record(
                    kept, new Change.FactsSet(Map.of(LineKey.parse("1120/37"), Fact.of("4711"))), "R. Tern", NOW);
            Runtime.getRuntime().halt(137);
        }
    }

    @Test
    void whatWasConfirmedSurvivesAKilledProcess() throws IOException, InterruptedException {
        Path file = folder.resolve("killed.db");
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        Dying.class.getName(),
                        file.toString())
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("killed.log").toFile())
                .start();
        assertThat(process.waitFor())
                .as(Files.readString(folder.resolve("killed.log")))
                .isEqualTo(137);
        try (Database reopened = Database.open(file)) {
            AuditTrail kept = new AuditTrail(reopened);
            Snapshot snapshot =
                    new Engagements(reopened, kept).open(1).orElseThrow().snapshot();
            assertThat(snapshot.fact(LineKey.parse("1120/37"))).map(Fact::value).contains("4711");
            assertThat(kept.firstFault()).isEmpty();
        }
    }
}
