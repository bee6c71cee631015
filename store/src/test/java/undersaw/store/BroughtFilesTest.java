package undersaw.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.TreeMap;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import undersaw.SampleReturns;
import undersaw.engagement.Change;
import undersaw.ledger.BooksSource;
import undersaw.ledger.LedgerTransaction;
import undersaw.money.Money;
import undersaw.store.Attachments.Attachment;
import undersaw.store.Notes.Note;
import undersaw.store.StagedFiles.Staged;

/** What people bring to an engagement besides its figures: files, ledgers, notes. */
class BroughtFilesTest {
    private static final Instant NOW = Instant.parse("2026-03-09T14:00:00Z");

    @TempDir
    Path folder;

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

    @Test
    void aFileIsKeptOnceUnderItsDigest() throws IOException {
        Vault vault = Vault.beside(folder.resolve("undersaw.db"));
        byte[] bytes = "abc".getBytes(StandardCharsets.US_ASCII);
        String digest = vault.keep(new ByteArrayInputStream(bytes));
        // FIPS 180-4, example of one block, "abc" (from memory)
        assertThat(digest).isEqualTo("ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad");
        assertThat(vault.keep(new ByteArrayInputStream(bytes))).isEqualTo(digest);
        assertThat(Files.readAllBytes(vault.path(digest))).isEqualTo(bytes);
        assertThatThrownBy(() -> vault.path("../undersaw.db")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aStagedFileWaitsAndIsForgottenButItsColumnsAreRemembered() {
        StagedFiles files = new StagedFiles(database);
        Staged staged = new Staged(StagedFiles.BOOKS, "b.csv", "d", "plan", "R. Tern");
        files.put(id, staged);
        files.put(id, staged.readAs("other"));
        files.put(id, new Staged("sales", "s.csv", "d", "plan", "R. Tern"));
        assertThat(files.find(id, StagedFiles.BOOKS)).contains(staged.readAs("other"));
        files.discard(id, StagedFiles.BOOKS);
        assertThat(files.find(id, StagedFiles.BOOKS)).isEmpty();
        assertThat(files.find(id, "sales")).isPresent();
        files.remember(id, "sales", "a|b", "plan");
        files.remember(id, "sales", "a|b", "plan 2");
        assertThat(files.remembered(id, "sales", "a|b")).contains("plan 2");
        assertThat(files.remembered(id, "sales", "a|c")).isEmpty();
        assertThat(files.remembered(id, "assets", "a|b")).isEmpty();
    }

    @Test
    void aLedgersTransactionsAreFoundByAccount() {
        Ledgers ledgers = new Ledgers(database);
        LedgerTransaction sale = new LedgerTransaction("4000", LocalDate.of(2025, 2, 3), "J1", "m", Money.ofCents(-5));
        LedgerTransaction cash = new LedgerTransaction("1000", null, "", "", Money.ofCents(5));
        long first = kept(ledgers, "one.csv", List.of(sale, cash));
        long second = kept(ledgers, "two.csv", List.of(sale, sale, cash));
        assertThat(ledgers.of(first, "4000", 0, 10)).containsExactly(sale);
        assertThat(ledgers.of(second, "4000", 1, 10)).containsExactly(sale);
        assertThat(ledgers.count(second, "4000")).isEqualTo(2);
        assertThat(ledgers.of(second, "1000", 0, 10)).containsExactly(cash);
    }

    private long kept(Ledgers ledgers, String file, List<LedgerTransaction> transactions) {
        try (Ledgers.Arriving arriving = ledgers.arriving(id, file)) {
            transactions.forEach(arriving);
            return arriving.complete();
        }
    }

    private long rows(String table) {
        return database.read()
                .sql("select count(*) from " + table)
                .query(Long.class)
                .single();
    }

    private static List<LedgerTransaction> many() {
        LedgerTransaction one = new LedgerTransaction("1", null, "", "", Money.ZERO);
        return Collections.nCopies(5_001, one);
    }

    @Test
    void aLedgerThatBreaksOffLeavesNothingBehind() {
        Ledgers ledgers = new Ledgers(database);
        try (Ledgers.Arriving arriving = ledgers.arriving(id, "one.csv")) {
            many().forEach(arriving);
            assertThat(rows("ledger_transaction"))
                    .as("others may write between the thousands")
                    .isEqualTo(5_000);
        }
        assertThat(rows("ledger_transaction")).isZero();
        assertThat(rows("ledger")).isZero();
    }

    @Test
    void whatAKilledProcessLeftOfALedgerIsSwept() {
        Ledgers ledgers = new Ledgers(database);
        Engagements.Kept kept = engagements.open(id).orElseThrow();
        long taken = kept(ledgers, "taken.csv", many());
        long before = kept(ledgers, "before.csv", many());
        Change first = new Change.BooksReplaced(List.of(), new BooksSource("before.csv", before));
        Change second = new Change.BooksReplaced(List.of(), new BooksSource("taken.csv", taken));
        engagements.record(kept, first, "R. Tern", Instant.EPOCH);
        engagements.record(engagements.open(id).orElseThrow(), second, "R. Tern", Instant.EPOCH);
        kept(ledgers, "complete, and no revision took it.csv", many());
        many().forEach(ledgers.arriving(id, "killed.csv"));
        assertThat(ledgers.sweep()).isEqualTo(2);
        assertThat(ledgers.count(taken, "1")).isEqualTo(5_001);
        assertThat(ledgers.count(before, "1")).as("undo may lead back to it").isEqualTo(5_001);
        assertThat(rows("ledger_transaction")).isEqualTo(10_002);
    }

    @Test
    void notesAreOpenUntilSettled() {
        Notes notes = new Notes(database);
        notes.pin(id, "account-1010", "Ask for the bank letter.", "R. Tern");
        notes.pin(id, "1120/17", "Second", "R. Tern");
        Note first = notes.at(id, "account-1010").get(0);
        assertThat(first.isOpen()).isTrue();
        notes.settle(id, first.id(), "M. Quill");
        assertThat(notes.at(id, "account-1010").get(0).settledBy()).isEqualTo("M. Quill");
        assertThat(notes.of(id)).extracting(Note::words).containsExactly("Second", "Ask for the bank letter.");
    }

    @Test
    void attachmentsAreListedAndTakenOff() {
        Attachments attachments = new Attachments(database);
        attachments.add(id, new Attachment(0, "engagement", "a.pdf", "application/pdf", 4, "d", "R. Tern"));
        Attachment kept = attachments.of(id).get(0);
        assertThat(attachments.find(id, kept.id())).contains(kept);
        assertThat(attachments.find(id + 1, kept.id())).isEmpty();
        attachments.remove(id, kept.id());
        assertThat(attachments.of(id)).isEmpty();
    }

    @Test
    void whatAPersonSetsStaysTheirs() {
        Preferences preferences = new Preferences(database);
        preferences.set("tern", "variance", "500");
        preferences.set("tern", "variance", "600");
        assertThat(preferences.find("tern", "variance")).contains("600");
        assertThat(preferences.find("quill", "variance")).isEmpty();
    }

    @Test
    void theFirmsConfirmedMappingsAreCountedByEngagement() {
        var sample = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "5")
                .snapshot();
        var kept = engagements.open(id).orElseThrow();
        engagements.record(
                kept,
                new Change.Several(List.of(
                        new Change.BooksReplaced(List.copyOf(sample.accounts().values()), sample.source()),
                        new Change.MappingsSet(new TreeMap<>(sample.mappings())))),
                "R. Tern",
                NOW);
        FirmMappings firm = new FirmMappings(database);
        assertThat(firm.of("1120"))
                .filteredOn(each -> each.name().equals("Account 4000"))
                .singleElement()
                .satisfies(each -> {
                    assertThat(each.line()).isEqualTo("1120/1a");
                    assertThat(each.engagements()).isEqualTo(1);
                });
        assertThat(firm.state("1120")).isEqualTo(2);
    }
}
