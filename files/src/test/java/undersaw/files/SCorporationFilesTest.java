package undersaw.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import undersaw.calc.Calculation;
import undersaw.check.Review;
import undersaw.engagement.Snapshot;
import undersaw.files.folder.ComputedFiles;
import undersaw.files.folder.EngagementFolder;
import undersaw.files.folder.FolderFile;
import undersaw.files.pdf.OwnerStatementsPdf;
import undersaw.files.pdf.PrintMark;
import undersaw.files.sheet.WorkbookComparison;
import undersaw.files.xml.FilingXml;
import undersaw.filing.FiledOwner;
import undersaw.filing.FilingContent;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.owners.OwnerStatements;
import undersaw.registry.Returns;

/** An S corporation through folder, filing, documents and workbook; demo figures are never expected values. */
class SCorporationFilesTest {
    private static final String NO_SUBMISSION = "00000000-0000-0000-0000-000000000000";

    @TempDir
    Path folder;

    private Snapshot read() throws IOException {
        try (Stream<Path> files = Files.list(Path.of("../demo/slipway-nine-boatworks-2025"))) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                Path copy = folder.resolve(file.getFileName().toString());
                if (!Files.exists(copy)) {
                    Files.copy(file, copy);
                }
            }
        }
        return again();
    }

    private Snapshot again() {
        return EngagementFolder.read(folder)
                .engagement()
                .orElseThrow(() -> new IllegalStateException(
                        EngagementFolder.read(folder).faults().toString()));
    }

    private String file(List<FolderFile> files, String name) {
        return files.stream()
                .filter(each -> each.name().equals(name))
                .map(each -> new String(each.bytes(), StandardCharsets.UTF_8))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theFolderReadsBackTheSameWithMembersAndTheOrderOfOwners() throws IOException {
        Snapshot snapshot = read();
        List<FolderFile> written = EngagementFolder.write(snapshot);
        for (FolderFile each : written) {
            Files.write(folder.resolve(each.name()), each.bytes());
        }
        assertThat(file(written, "mapping.csv"))
                .contains("6400,8825/9,sail-loft,rental-real-estate")
                .contains("3301,1120-S/L/24,ines,shareholder-distribution");
        assertThat(file(written, "owners.csv")).doesNotContain("place").containsSubsequence("ines,", "bram,", "tove,");
        Snapshot back = again();
        assertThat(back.facts()).isEqualTo(snapshot.facts());
        assertThat(back.mappings()).isEqualTo(snapshot.mappings());
        assertThat(back.facts().get(LineKey.parse("OWNERS/place@tove")).value()).isEqualTo("3");
    }

    @Test
    void anAccountNamesAMemberOnlyWhereThereCanBeOne() throws IOException {
        read();
        Path mapping = folder.resolve("mapping.csv");
        Files.writeString(mapping, Files.readString(mapping).replace("6400,8825/9,sail-loft", "6400,8825/9,sail loft"));
        assertThat(EngagementFolder.read(folder).faults().toString())
                .contains("mapping.csv")
                .contains("expected the name of a member");
    }

    @Test
    void whatOwnersTakeUpComesToScheduleK() throws IOException {
        Calculation year = Returns.calculate(read());
        Review review = Returns.review(year, year.snapshot().heading().period().end());
        String boxes = file(ComputedFiles.of(year, review), "k1.csv");
        assertThat(boxes).startsWith("owner,box,code,amount\r\nines,1,,");
        Map<String, Long> sums = Arrays.stream(boxes.split("\r\n", -1))
                .skip(1)
                .filter(row -> !row.isEmpty())
                .map(row -> row.split(",", -1))
                .collect(Collectors.groupingBy(
                        row -> row[1] + row[2],
                        Collectors.summingLong(row -> Long.parseLong(row[3].replace(".00", "")))));
        Map.of("1", "K/1", "2", "K/2", "16C", "K/16c", "16D", "K/16d", "16E", "K/16e")
                .forEach((box, line) -> assertThat(sums.get(box))
                        .as(box)
                        .isEqualTo(year.amount(LineId.of("1120-S/" + line)).dollars()));
    }

    @Test
    void theFilingNamesItsOwnersAndIsValidOnlyWithItsOwnLines() throws IOException {
        FilingContent content = FilingContent.of(Returns.calculate(read()), "R. Tern", "Pell");
        byte[] filing = FilingXml.write(content, NO_SUBMISSION);
        assertThat(FilingXml.validate(filing)).isEmpty();
        String text = new String(filing, StandardCharsets.UTF_8);
        assertThat(text)
                .contains("<owner id=\"ines\" name=\"Ines Halloran\" number=\"000314402\"")
                .contains("id=\"1120-S/K-1/1\" instance=\"tove\"")
                .doesNotContain("W-M1")
                .doesNotContain("DIST/");
        byte[] foreign = text.replace("\"1120-S/22\"", "\"1120/26\"").getBytes(StandardCharsets.UTF_8);
        assertThat(FilingXml.validate(foreign)).isNotEmpty();
        assertThat(content.masked(Returns.calculate(again()).plan()).owners())
                .extracting(FiledOwner::number)
                .allMatch(number -> !number.contains("00031"));
    }

    @Test
    void eachOwnerHasAPage() throws IOException {
        Calculation year = Returns.calculate(read());
        byte[] pdf = OwnerStatementsPdf.write(
                year.snapshot().heading(),
                "K-1",
                OwnerStatements.owners(year).stream()
                        .map(owner -> FiledOwner.of(year, owner).masked())
                        .map(owner -> OwnerStatementsPdf.paper(year, "K-1", owner))
                        .toList(),
                PrintMark.draft());
        try (var document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(3);
            assertThat(new PDFTextStripper().getText(document))
                    .contains("Schedule K-1 (Form 1120-S)", "Ines Halloran", "Tove Larkin", "Draft, not filed")
                    .doesNotContain("000-31-4402", "000314402");
        }
    }

    @Test
    void theWorkbookRecomputesToTheSameFigures() throws IOException {
        assertThat(WorkbookComparison.compared(Returns.calculate(read()))).isGreaterThan(120);
    }
}
