package undersaw.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import undersaw.files.sheet.BooksReader;
import undersaw.files.sheet.SourceFile;
import undersaw.files.sheet.StagedBooks;

/** Reads a ledger of a hundred megabytes in a process that may hold much less than that. */
public final class HundredMegabytes {
    private static final int ROWS = 1_300_000;
    private static final String LIMIT = "-Xmx64m";

    private HundredMegabytes() {}

    /** The process of little memory: reads the file and says what it found. */
    public static void main(String[] arguments) {
        SourceFile source = SourceFile.of("ledger.csv", Path.of(arguments[0]));
        StagedBooks books = BooksReader.read(
                source, BooksReader.look(source, "").plan(), LedgerImport.context(), transaction -> {});
        Bench.say(
                "  %,d transactions of %d accounts",
                books.transactions(), books.accounts().size());
        System.exit(books.isSound() ? 0 : 1);
    }

    static boolean fits() throws IOException, InterruptedException {
        Path file = LedgerImport.ledger(
                Files.createTempFile("undersaw-bench", ".csv"), ROWS, "Sold on account to a customer of long standing");
        long bytes = Files.size(file);
        int status = new ProcessBuilder(
                        ProcessHandle.current().info().command().orElse("java"),
                        LIMIT,
                        "-cp",
                        System.getProperty("java.class.path"),
                        HundredMegabytes.class.getName(),
                        file.toString())
                .inheritIO()
                .start()
                .waitFor();
        Files.delete(file);
        Bench.say("a ledger of %,d bytes read with %s: %s", bytes, LIMIT, status == 0 ? "yes" : "no");
        return status == 0;
    }
}
