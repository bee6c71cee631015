package undersaw.files.folder;

import static org.assertj.core.api.Assertions.assertThat;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import undersaw.calc.Statement;
import undersaw.form.Line;
import undersaw.line.LineId;
import undersaw.registry.Returns;

/** The command that computes a folder with no browser, on every demo folder: what it writes agrees with itself. */
class PrepareTest {
    private static final Path DEMOS = Path.of("../demo");

    @TempDir
    Path out;

    static Stream<Path> folders() throws IOException {
        return Files.list(DEMOS).filter(Files::isDirectory).sorted();
    }

    private String prepare(Path folder, int expected) {
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        int code = Prepare.run(
                new String[] {folder.toString(), "--out", out.toString()},
                new PrintStream(said, true, StandardCharsets.UTF_8),
                LocalDate.of(2026, 3, 9));
        assertThat(code).as(said.toString(StandardCharsets.UTF_8)).isEqualTo(expected);
        return said.toString(StandardCharsets.UTF_8);
    }

    private List<NamedCsvRecord> rows(String file) throws IOException {
        try (CsvReader<NamedCsvRecord> reader = CsvReader.builder().ofNamedCsvRecord(out.resolve(file))) {
            return reader.stream().toList();
        }
    }

    private List<BigDecimal> amounts(String line) throws IOException {
        return rows("lines.csv").stream()
                .filter(row -> row.getField("line").equals(line))
                .map(row -> new BigDecimal(row.getField("amount")))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("folders")
    void everyRowOfLinesStandsOnceWithItsSource(Path folder) throws IOException {
        prepare(folder, 0);
        List<NamedCsvRecord> lines = rows("lines.csv");
        assertThat(lines)
                .extracting(row -> row.getField("line") + "@" + row.getField("instance"))
                .doesNotHaveDuplicates();
        assertThat(lines)
                .extracting(row -> row.getField("source"))
                .allMatch(source -> List.of("books", "typed", "computed", "register", "carried", "overridden")
                        .contains(source));
        assertThat(lines).extracting(row -> row.getField("caption")).noneMatch(String::isBlank);
        assertThat(lines).extracting(row -> row.getField("line")).noneMatch(line -> line.contains("/need/"));
    }

    @ParameterizedTest
    @MethodSource("folders")
    void statementsFootToTheirLines(Path folder) throws IOException {
        prepare(folder, 0);
        List<String> statements = rows("lines.csv").stream()
                .map(row -> row.getField("line"))
                .filter(line -> line.endsWith("/st"))
                .distinct()
                .toList();
        for (String statement : statements) {
            BigDecimal rows = amounts(statement).stream().reduce(BigDecimal.ZERO, BigDecimal::add);
            assertThat(rows)
                    .as(statement)
                    .isEqualByComparingTo(
                            amounts(statement.replaceAll("/st$", "")).get(0));
        }
    }

    @ParameterizedTest
    @MethodSource("folders")
    void tieOutsSayByHowMuchTheyDiffer(Path folder) throws IOException {
        prepare(folder, 0);
        for (NamedCsvRecord tie : rows("tie-outs.csv")) {
            BigDecimal left = new BigDecimal(tie.getField("left"));
            BigDecimal right = new BigDecimal(tie.getField("right"));
            assertThat(new BigDecimal(tie.getField("difference")).abs())
                    .as(tie.getField("code"))
                    .isEqualByComparingTo(left.subtract(right).abs());
        }
        assertThat(rows("diagnostics.csv"))
                .extracting(row -> row.getField("severity"))
                .allMatch(severity -> List.of("stop", "query", "note").contains(severity));
    }

    @ParameterizedTest
    @MethodSource("folders")
    void theDocumentsOpen(Path folder) throws IOException {
        prepare(folder, 0);
        try (PDDocument pdf = Loader.loadPDF(Files.readAllBytes(out.resolve("return.pdf")))) {
            assertThat(pdf.getNumberOfPages()).isPositive();
        }
        assertThat(out.resolve("return.xlsx")).isNotEmptyFile();
    }

    /** The large and the small corporation of the demo are complete: nothing blocks their filing. */
    @Test
    void theLargeAndTheShortYearHaveNoStop() throws IOException {
        for (String name : List.of("slackwater-terminal-2025", "low-tide-kayaks-2025")) {
            prepare(DEMOS.resolve(name), 0);
            assertThat(rows("diagnostics.csv"))
                    .as(name)
                    .noneMatch(row -> row.getField("severity").equals("stop"));
        }
    }

    @Test
    void theLargeCorporationGivesScheduleM3AndTheSmallOneNoBalanceSheet() throws IOException {
        prepare(DEMOS.resolve("slackwater-terminal-2025"), 0);
        assertThat(amounts("1120/M-3/II/30/d"))
                .containsExactly(amounts("1120/28").get(0));
        assertThat(amounts("1120/M-1/10")).isEmpty();
        prepare(DEMOS.resolve("low-tide-kayaks-2025"), 0);
        assertThat(rows("lines.csv"))
                .extracting(row -> row.getField("line"))
                .noneMatch(line -> line.matches("1120/(L|M-1|M-2|M-3)/.*"))
                .contains("1120/hdr/D");
    }

    @Test
    void yearsOfOriginStandBehindTheirLines() throws IOException {
        prepare(DEMOS.resolve("gannet-row-cannery-2025"), 0);
        assertThat(rows("lines.csv"))
                .filteredOn(row -> row.getField("line").equals("1120/W-NOL/2"))
                .extracting(row -> row.getField("instance"))
                .contains("", "2023");
    }

    @Test
    void holdersComeFromTheOwnersWhereTheFolderListsNone(@TempDir Path copy) throws IOException {
        try (Stream<Path> files = Files.list(DEMOS.resolve("gannet-row-cannery-2025"))) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                Files.copy(file, copy.resolve(file.getFileName()));
            }
        }
        Files.delete(copy.resolve("holders.csv"));
        assertThat(prepare(copy, 0)).contains("taken from the registers");
        assertThat(rows("lines.csv"))
                .filteredOn(row -> row.getField("line").equals("1120/G/II/1/a"))
                .extracting(row -> row.getField("amount"))
                .containsExactly("Ada Finch", "Piet Larke");
    }

    @Test
    void aFolderThatIsNotThereEndsWithTwo() {
        assertThat(prepare(DEMOS.resolve("nobody"), 2)).contains("engagement.json");
    }

    @Test
    void statementRowsAreTheAccountsOfTheLine() {
        var year = Returns.calculate(EngagementFolder.read(DEMOS.resolve("gannet-row-cannery-2025"))
                .engagement()
                .orElseThrow());
        Line other = year.plan().line(LineId.of("1120/26")).orElseThrow();
        assertThat(Statement.of(year, other).rows())
                .filteredOn(row -> row.source().word().equals("books"))
                .extracting(Statement.Row::instance)
                .allMatch(account -> year.snapshot().accounts().containsKey(account));
    }
}
