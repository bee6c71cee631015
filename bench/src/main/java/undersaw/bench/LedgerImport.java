package undersaw.bench;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import undersaw.engagement.Heading;
import undersaw.files.sheet.BooksContext;
import undersaw.files.sheet.BooksReader;
import undersaw.files.sheet.ColumnPlan;
import undersaw.files.sheet.SourceFile;
import undersaw.files.sheet.StagedBooks;
import undersaw.store.AuditTrail;
import undersaw.store.Database;
import undersaw.store.Engagements;
import undersaw.store.Ledgers;

/** A year's transactions into the database, against the sqlite3 shell's own {@code .import} of the same file. */
final class LedgerImport {
    private static final int RUNS = 5;

    private LedgerImport() {}

    /** A ledger of that many rows, balanced, over 400 accounts. */
    static Path ledger(Path file, int rows, String memo) {
        try (BufferedWriter out = Files.newBufferedWriter(file, StandardCharsets.UTF_8)) {
            out.write("date,reference,account,name,memo,amount\n");
            for (int i = 0; i < rows; i++) {
                int pair = i / 2;
                int account = i % 2 == 0 ? 1000 + pair % 200 : 4000 + pair % 200;
                String amount = (i % 2 == 0 ? "" : "-") + (pair % 9000 + 1) + "." + (10 + pair % 90);
                out.write("2025-" + String.format("%02d-%02d", pair % 12 + 1, pair % 28 + 1) + ",J" + pair + ","
                        + account + ",Account " + account + "," + memo + "," + amount + "\n");
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return file;
    }

    static BooksContext context() {
        return new BooksContext(
                "Bench", LocalDate.of(2025, 1, 1), LocalDate.of(2025, 12, 31), Map.of(), name -> Optional.empty());
    }

    static void compare(Heading heading, int rows) throws IOException, InterruptedException {
        Path folder = Files.createTempDirectory("undersaw-bench");
        Path file = ledger(folder.resolve("ledger.csv"), rows, "Sold on account");
        long ours = Long.MAX_VALUE;
        long theirs = Long.MAX_VALUE;
        for (int run = 0; run < RUNS; run++) {
            ours = Math.min(ours, ours(folder.resolve("ours-" + run + ".db"), file, heading, rows));
            theirs = Math.min(theirs, theirs(folder.resolve("theirs-" + run + ".db"), file));
        }
        Bench.say(
                "%,d transactions imported, checked and summed: Undersaw %.0f ms, sqlite3 .import %.0f ms, "
                        + "%.2f times its time",
                rows, ours / 1e6, theirs / 1e6, (double) ours / theirs);
    }

    private static long ours(Path database, Path file, Heading heading, int rows) {
        try (Database open = Database.open(database)) {
            long id = new Engagements(open, new AuditTrail(open)).begin(heading, "Bench", Instant.EPOCH);
            SourceFile source = SourceFile.of("ledger.csv", file);
            long start = System.nanoTime();
            ColumnPlan plan = BooksReader.look(source, "").plan();
            StagedBooks books;
            try (Ledgers.Arriving ledger = new Ledgers(open).arriving(id, "ledger.csv")) {
                books = BooksReader.read(source, plan, context(), ledger);
                ledger.complete();
            }
            long time = System.nanoTime() - start;
            if (!books.isSound() || books.transactions() != rows) {
                throw new IllegalStateException("the ledger was not read: " + books.faults());
            }
            return time;
        }
    }

    private static long theirs(Path database, Path file) throws IOException, InterruptedException {
        long start = System.nanoTime();
        int status = new ProcessBuilder(
                        "sqlite3",
                        database.toString(),
                        "create table ledger (date, reference, account, name, memo, amount)",
                        ".mode csv",
                        ".import --skip 1 " + file + " ledger")
                .inheritIO()
                .start()
                .waitFor();
        if (status != 0) {
            throw new IllegalStateException("sqlite3 ended with " + status);
        }
        return System.nanoTime() - start;
    }
}
