package undersaw.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import undersaw.calc.Calculation;
import undersaw.engagement.Snapshot;
import undersaw.files.folder.EngagementFolder;
import undersaw.files.folder.FolderFile;
import undersaw.files.pdf.PrintMark;
import undersaw.files.pdf.ReturnPdf;
import undersaw.files.sheet.WorkbookComparison;
import undersaw.files.xml.FilingXml;
import undersaw.filing.FilingContent;
import undersaw.line.LineKey;
import undersaw.registry.Returns;

/** A small nonprofit through folder, filing, documents and workbook; demo figures are never expected values. */
class NonprofitFilesTest {
    private static final String NO_SUBMISSION = "00000000-0000-0000-0000-000000000000";

    @TempDir
    Path folder;

    private void copy() throws IOException {
        try (Stream<Path> files = Files.list(Path.of("../demo/marrow-bay-players-2024"))) {
            for (Path file : files.toList()) {
                Files.copy(file, folder.resolve(file.getFileName().toString()));
            }
        }
    }

    private Snapshot read() {
        return EngagementFolder.read(folder)
                .engagement()
                .orElseThrow(() -> new IllegalStateException(
                        EngagementFolder.read(folder).faults().toString()));
    }

    @Test
    void theListsOfTheFolderReadBackTheSame() throws IOException {
        copy();
        Snapshot snapshot = read();
        assertThat(snapshot.facts()).containsKey(LineKey.parse("990-A/years/III/2@2021"));
        assertThat(snapshot.facts()).containsKey(LineKey.parse("990-B/a/name@00001"));
        for (FolderFile file : EngagementFolder.write(snapshot)) {
            Files.write(folder.resolve(file.name()), file.bytes());
        }
        assertThat(Files.readString(folder.resolve("support.csv")))
                .startsWith("year,line,amount")
                .contains("2021,III/2,");
        assertThat(read().facts()).isEqualTo(snapshot.facts());
    }

    @Test
    void aFaultOfTheSupportTableNamesRowAndColumn() throws IOException {
        copy();
        Files.writeString(
                folder.resolve("support.csv"),
                "year,line,amount\n2020,990-A/II/1,7\n2021,II/99,5\n2021,II/1,five\n,II/1,5\n");
        assertThat(EngagementFolder.read(folder).faults().toString())
                .contains("support.csv row 3, column line")
                .contains("support.csv row 4, column amount")
                .contains("support.csv row 5, column year");
    }

    @Test
    void theFilingIsValidAndOnlyWithItsOwnLines() throws IOException {
        copy();
        byte[] filing = FilingXml.write(FilingContent.of(Returns.calculate(read()), "R. Tern", "Pell"), NO_SUBMISSION);
        assertThat(FilingXml.validate(filing)).isEmpty();
        String text = new String(filing, StandardCharsets.UTF_8);
        assertThat(text).contains("990-B/a/name").doesNotContain("W-BK").doesNotContain("990-A/years");
        byte[] foreign = text.replace("\"990-EZ/16\"", "\"1120/26\"").getBytes(StandardCharsets.UTF_8);
        assertThat(FilingXml.validate(foreign)).isNotEmpty();
    }

    @Test
    void theCopyForThePublicNamesNoGiver() throws IOException {
        copy();
        Calculation year = Returns.calculate(read());
        FilingContent content = FilingContent.of(year, "R. Tern", "Pell");
        assertThat(text(ReturnPdf.write(content, year.plan(), PrintMark.draft())))
                .contains("Harbor Arts Foundation");
        assertThat(text(ReturnPdf.write(content.forThePublic(year.plan()), year.plan(), PrintMark.publicCopy())))
                .contains("public inspection")
                .contains("7,500")
                .doesNotContain("Harbor Arts Foundation")
                .doesNotContain("Pilot House");
    }

    private static String text(byte[] pdf) throws IOException {
        try (var document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    @Test
    void theWorkbookRecomputesToTheSameFigures() throws IOException {
        copy();
        assertThat(WorkbookComparison.compared(Returns.calculate(read()))).isGreaterThan(80);
    }
}
