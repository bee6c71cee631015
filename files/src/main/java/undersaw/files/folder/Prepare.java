package undersaw.files.folder;

import java.io.IOException;
import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import undersaw.calc.Calculation;
import undersaw.check.Review;
import undersaw.check.Severity;
import undersaw.engagement.Client;
import undersaw.engagement.Snapshot;
import undersaw.files.pdf.PrintMark;
import undersaw.files.pdf.ReturnPdf;
import undersaw.files.sheet.ReturnWorkbook;
import undersaw.files.xml.FilingXml;
import undersaw.filing.FilingContent;
import undersaw.registry.Returns;

/**
 * Computes an engagement folder with no browser: {@code prepare FOLDER --out DIR}.
 *
 * <p>Ends with 0 when the return was computed, whatever the diagnostics say, and with 2 when the folder cannot be
 * read, after one line a fault.
 */
public final class Prepare {
    private static final String NO_SUBMISSION = "00000000-0000-0000-0000-000000000000";
    private static final String USAGE = "usage: undersaw prepare FOLDER --out DIR";

    private Prepare() {}

    /** Runs the command and ends the process. */
    public static void main(String[] args) {
        System.exit(run(args, System.out, LocalDate.now()));
    }

    /** Runs the command; gives the exit code. */
    static int run(String[] args, PrintStream out, LocalDate today) {
        if (args.length != 3 || !args[1].equals("--out")) {
            out.println(USAGE);
            return 2;
        }
        ReadFolder read = EngagementFolder.read(Path.of(args[0]));
        if (read.engagement().isEmpty()) {
            read.faults().forEach(out::println);
            return 2;
        }
        Calculation calculation = furnished(Returns.calculate(read.engagement().get()), out);
        Review review = Returns.review(calculation, today);
        Path target = Path.of(args[2]);
        write(target, calculation, review);
        out.printf(
                "%s: %d lines, %d stops, %d queries, %d notes, written to %s%n",
                read.engagement().get().heading().client().name(),
                calculation.printed().size(),
                review.open(Severity.STOP).size(),
                review.open(Severity.QUERY).size(),
                review.open(Severity.NOTE).size(),
                target);
        return 0;
    }

    /** Lists of the return that the folder leaves out are filled from its registers. */
    private static Calculation furnished(Calculation read, PrintStream out) {
        return Returns.of(read.snapshot())
                .fromRegisters(read)
                .filter(change -> change.byKey().keySet().stream()
                        .allMatch(key -> read.rowValues(key.line()).isEmpty()))
                .map(change -> {
                    out.printf(
                            "%d cells of the return's lists taken from the registers%n",
                            change.byKey().size());
                    return read.after(change.applyTo(read.snapshot()), change.touches());
                })
                .orElse(read);
    }

    private static void write(Path target, Calculation calculation, Review review) {
        try {
            Files.createDirectories(target);
            for (FolderFile file : ComputedFiles.of(calculation, review)) {
                Files.write(target.resolve(file.name()), file.bytes());
            }
            FilingContent content = FilingContent.of(calculation, "Not named", "Not named");
            Files.write(target.resolve("return.pdf"), ReturnPdf.write(content, calculation.plan(), PrintMark.draft()));
            Files.write(target.resolve("return.xlsx"), ReturnWorkbook.write(calculation));
            if (isSendable(calculation.snapshot())) {
                Files.write(target.resolve("filing.xml"), FilingXml.write(content, NO_SUBMISSION));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A filing names client and signer; without them there is nothing that could be sent. */
    private static boolean isSendable(Snapshot snapshot) {
        Client client = snapshot.heading().client();
        return client.address().isComplete() && !client.contact().name().isBlank();
    }
}
