package undersaw.files.folder;

import static org.assertj.core.api.Assertions.assertThat;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import undersaw.calc.Calculation;
import undersaw.engagement.Carried;
import undersaw.engagement.Fact;
import undersaw.engagement.PriorYear;
import undersaw.engagement.SetAside;
import undersaw.engagement.Snapshot;
import undersaw.engagement.WorksheetRow;
import undersaw.files.DemoEngagement;
import undersaw.ledger.Account;
import undersaw.ledger.Carryover;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.Entry;
import undersaw.ledger.EntryKind;
import undersaw.ledger.EntryPosting;
import undersaw.ledger.Mapping;
import undersaw.ledger.Repeats;
import undersaw.ledger.Split;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.money.Percent;
import undersaw.registry.Returns;

class EngagementFolderTest {
    @TempDir
    Path folder;

    @BeforeEach
    void copy() throws IOException {
        for (FolderFile file : EngagementFolder.write(DemoEngagement.snapshot())) {
            Files.write(folder.resolve(file.name()), file.bytes());
        }
    }

    private String faults() {
        return String.join(
                "\n",
                EngagementFolder.read(folder).faults().stream()
                        .map(Object::toString)
                        .toList());
    }

    private void replace(String file, String from, String to) throws IOException {
        String text = Files.readString(folder.resolve(file));
        assertThat(text).contains(from);
        Files.writeString(folder.resolve(file), text.replace(from, to));
    }

    @Test
    void whatIsWrittenReadsBackTheSame() {
        Snapshot snapshot = DemoEngagement.snapshot();
        Entry entry = new Entry(
                "1",
                EntryKind.ADJUSTING,
                LocalDate.of(2025, 12, 31),
                "accrual",
                List.of(new EntryPosting("6310", Money.ofDollars(50)), new EntryPosting("2210", Money.ofDollars(-50))),
                Repeats.REVERSING);
        Split half = new Split(LineId.of("1120/26"), "", "full", Percent.of("12.5"), null);
        Split some = new Split(LineId.of("1120/22"), "", "full", null, Money.ofDollars(7));
        Mapping split =
                snapshot.mappings().get("6310").withSplits(List.of(half, some)).withPartner("2210");
        List<WorksheetRow> rows = List.of(
                new WorksheetRow("Bank, fees", Money.parse("12.50"), LocalDate.of(2025, 3, 4), "note"),
                new WorksheetRow("Other", Money.ofDollars(3), null, ""));
        Snapshot full = snapshot.withLists(snapshot.lists()
                        .withEntries(List.of(entry))
                        .withCarryovers(List.of(new Carryover(CarryoverKind.NOL, 2021, Money.ofDollars(5)))))
                .withMappings(snapshot.mappings()
                        .plus("6310", split)
                        .plus("1110", snapshot.mappings().get("1110").suggestedBecause(62, "its name")))
                .withFacts(snapshot.facts()
                        .plus(LineKey.parse("1120/K/1"), new Fact("no", "", "M. Quill, 2026-02-01 10:00"))
                        .plus(LineKey.parse("1120/26"), new Fact("5", "counted by hand", "M. Quill")))
                .withPrior(new PriorYear(
                        snapshot.heading().period().start().minusDays(1),
                        Map.of(LineId.of("1120/1a"), Money.ofDollars(7))))
                .withWorksheets(snapshot.worksheets().plus(LineKey.parse("1120/17"), rows))
                .withCarried(snapshot.carried().plus("map/6310", new Carried("1120/16 full", "")))
                .withSetAsides(snapshot.setAsides()
                        .plus("C-0608.1120/18", new SetAside("a, \"quoted\" reason", "R. Tern", "m")));

        ReadFolder back = EngagementFolder.readZip(EngagementFolder.writeZip(full));

        assertThat(back.faults()).isEmpty();
        assertThat(back.engagement()).contains(full);
    }

    @Test
    void entriesChangeTheBooksAndTaxEntriesOnlyTheReturn() throws IOException {
        long rent = Returns.calculate(DemoEngagement.snapshot())
                .amount(LineId.of("1120/16"))
                .dollars();
        Files.writeString(folder.resolve("entries.csv"), """
                entry,kind,date,account,debit,credit,memo
                1,adjusting,2025-12-31,6310,600.00,,accrual
                1,adjusting,2025-12-31,2210,,600.00,accrual
                2,tax,2025-12-31,6310,,100.00,paid late
                2,tax,2025-12-31,2210,100.00,,paid late
                """);
        var calculation =
                Returns.calculate(EngagementFolder.read(folder).engagement().orElseThrow());
        assertThat(calculation.amount(LineId.of("1120/16")).dollars()).isEqualTo(rent + 500);
        assertThat(calculation.amount(LineId.of("1120/M-1/5d")).dollars()).isEqualTo(3_850 + 100);
        assertThat(calculation.amount(LineId.of("1120/M-1/10"))).isEqualTo(calculation.amount(LineId.of("1120/28")));
        assertThat(calculation.amount(LineId.of("1120/L/15/d")))
                .isEqualTo(calculation.amount(LineId.of("1120/L/28/d")));
    }

    @Test
    void withoutAMappingTheSuggestionsAreUsedAndAsked() throws IOException {
        Files.delete(folder.resolve("mapping.csv"));
        Snapshot snapshot = EngagementFolder.read(folder).engagement().orElseThrow();
        assertThat(snapshot.mappings().values()).isNotEmpty().allMatch(mapping -> !mapping.confirmed());
        assertThat(Returns.review(Returns.calculate(snapshot), LocalDate.of(2026, 3, 1))
                        .diagnostics())
                .anyMatch(diagnostic -> diagnostic.code().equals("C-0401"));
    }

    @Test
    void everyFaultIsNamedWithItsPlace() throws IOException {
        replace("trial-balance.csv", "1106657", "1167807.0.0");
        replace("mapping.csv", "1120/L/12", "1120/L/99");
        replace("facts.csv", "1120/K/10,,3", "1120/K/10,,three");
        replace("payments.csv", "2025-06-16", "16.6.2025");
        Files.writeString(folder.resolve("surprise.csv"), "x");
        assertThat(faults())
                .contains("trial-balance.csv row 2, column closing: found \"1167807.0.0\", expected a plain decimal")
                .contains("mapping.csv row")
                .contains("found \"1120/L/99\", expected a line that accounts can feed")
                .contains("facts.csv row")
                .contains("found \"three\", expected a whole number")
                .contains("payments.csv row 3, column date: found \"16.6.2025\"")
                .contains("surprise.csv: is not read by this version");
    }

    @Test
    void anUnknownTreatmentListsThoseNearIt() throws IOException {
        replace("mapping.csv", "fines-none", "fines-half");
        assertThat(faults()).contains("found \"fines-half\", expected one of [fines-none]");
    }

    @Test
    void anUnknownColumnIsReportedNeverDropped() throws IOException {
        replace("payments.csv", "date,kind,amount", "date,kind,amount,note");
        assertThat(faults()).contains("payments.csv row 1, column note");
    }

    @Test
    void listsAreReadFromFilesOfTheirOwnAndWrittenBack() throws IOException {
        Files.writeString(folder.resolve("sales.csv"), """
                description,acquired,sold,proceeds,cost,adjustment,term
                100 Reef shares,2020-01-05,2025-02-01,900,400,,
                100 Reef shares,2024-12-05,2025-02-01,900.60,400,-10,
                """);
        Files.writeString(folder.resolve("assets.csv"), "asset,description,cost\npress,Press,1200.55\n");
        assertThat(faults()).isEmpty();
        Snapshot snapshot = EngagementFolder.read(folder).engagement().orElseThrow();
        assertThat(snapshot.fact(LineKey.parse("8949/proceeds@00002"))
                        .orElseThrow()
                        .value())
                .isEqualTo("900.60");
        assertThat(Returns.calculate(snapshot).amount(LineId.of("1120/D/10/h"))).isEqualTo(Money.ofDollars(500));
        assertThat(Returns.calculate(snapshot).amount(LineId.of("1120/D/3/h"))).isEqualTo(Money.ofDollars(491));
        FolderFile written = EngagementFolder.write(snapshot).stream()
                .filter(file -> file.name().equals("sales.csv"))
                .findFirst()
                .orElseThrow();
        assertThat(new String(written.bytes(), StandardCharsets.UTF_8))
                .contains("100 Reef shares,2024-12-05,2025-02-01,900.60,400,-10,");
        for (FolderFile file : EngagementFolder.write(snapshot)) {
            Files.write(folder.resolve(file.name()), file.bytes());
        }
        assertThat(EngagementFolder.read(folder).engagement().orElseThrow().facts())
                .isEqualTo(snapshot.facts());
    }

    @Test
    void propertyDividendsHoldersAndMembersAreListsToo() throws IOException {
        // what the register gives up would stand on Form 4797 too
        Files.delete(folder.resolve("assets.csv"));
        Files.writeString(folder.resolve("property-sales.csv"), """
                description,acquired,sold,proceeds,depreciation,cost,class
                Ice plant,2016-01-05,2025-02-01,5000,9000,10000,1245
                """);
        Files.writeString(folder.resolve("dividends.csv"), """
                payer,number,amount,line,days
                Kelp Rope,00-5512207,7000,20,
                Skerry Light,,200,1,60
                """);
        Files.writeString(folder.resolve("holders.csv"), """
                name,number,country,percent
                Ada Finch,,US,55
                Jon Sande,,NO,26.5
                """);
        Files.writeString(folder.resolve("group-members.csv"), "name,number,year-end\nKelp Rope,,2025-12-31\n");
        Files.writeString(folder.resolve("holdings.csv"), "name,number,country,percent\nSkerry Light,,US,30\n");
        assertThat(faults()).isEmpty();
        Snapshot snapshot = EngagementFolder.read(folder).engagement().orElseThrow();
        Calculation year = Returns.calculate(snapshot);
        assertThat(year.amount(LineId.of("4797/17"))).isEqualTo(Money.ofDollars(4000));
        assertThat(year.amount(LineId.of("1120/C/20/a"))).isEqualTo(Money.ofDollars(7000));
        assertThat(year.amount(LineId.of("1120/C/1/a"))).isEqualTo(Money.ofDollars(200));
        assertThat(year.instances(LineId.of("1120/G/II/1/d"))).hasSize(2);
        for (FolderFile file : EngagementFolder.write(snapshot)) {
            Files.write(folder.resolve(file.name()), file.bytes());
        }
        assertThat(EngagementFolder.read(folder).engagement().orElseThrow().facts())
                .isEqualTo(snapshot.facts());
    }

    @Test
    void aClassThatNoPropertyHasIsRefused() throws IOException {
        Files.writeString(
                folder.resolve("property-sales.csv"),
                "description,acquired,sold,proceeds,depreciation,cost,class\nx,2016-01-05,2025-02-01,1,1,1,1246\n");
        Files.writeString(folder.resolve("dividends.csv"), "payer,number,amount,line,days\nx,12,1,21,\n");
        assertThat(faults())
                .contains("property-sales.csv row 2, column class")
                .contains("one of 1231, 1245, 1250, ordinary")
                .contains("dividends.csv row 2, column number")
                .contains("dividends.csv row 2, column line");
    }

    @Test
    void faultsOfAListNameRowAndColumn() throws IOException {
        Files.writeString(
                folder.resolve("sales.csv"),
                "description,acquired,sold,proceeds,cost,adjustment,term,fee\nx,5.1.2020,,1,1,,\n");
        assertThat(faults()).contains("sales.csv").contains("fee").contains("expected only the columns");
        Files.writeString(
                folder.resolve("sales.csv"),
                "description,acquired,sold,proceeds,cost,adjustment,term\nx,5.1.2020,,1,1,,middling\n");
        Files.writeString(folder.resolve("assets.csv"), "asset,cost\npress,1\npress,2\n,3\n");
        assertThat(faults())
                .contains("sales.csv row 2, column acquired")
                .contains("one of short, long")
                .contains("assets.csv row 3, column asset")
                .contains("assets.csv row 4, column asset");
    }

    @Test
    void aBrokenHeadingSaysWhatWasExpected() throws IOException {
        replace("engagement.json", "\"1120\"", "\"9999\"");
        assertThat(faults()).contains("return.form").contains("expected one of [1120, 990-EZ, 1120-S, 1065]");
        Files.writeString(folder.resolve("engagement.json"), "{");
        assertThat(faults()).contains("cannot be read as JSON");
        Files.delete(folder.resolve("engagement.json"));
        assertThat(faults()).contains("engagement.json: is missing");
    }

    @Test
    void aTaxpayerNumberOfTheWrongShapeIsRefused() throws IOException {
        replace("engagement.json", "00-4417263", "00-441726");
        assertThat(faults()).contains("client.tin").contains("expected nine digits");
    }

    private static int prepare(ByteArrayOutputStream said, String... arguments) {
        return Prepare.run(arguments, new PrintStream(said, true, StandardCharsets.UTF_8), LocalDate.of(2026, 3, 9));
    }

    @Test
    void prepareWritesLinesDiagnosticsTieOutsAndDocuments(@TempDir Path out) throws IOException {
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        assertThat(prepare(said, folder.toString(), "--out", out.toString())).isZero();
        assertThat(out)
                .isDirectoryContaining("glob:**lines.csv")
                .isDirectoryContaining("glob:**diagnostics.csv")
                .isDirectoryContaining("glob:**tie-outs.csv")
                .isDirectoryContaining("glob:**return.pdf")
                .isDirectoryContaining("glob:**filing.xml")
                .isDirectoryContaining("glob:**return.xlsx");
        assertThat(Files.readAllLines(out.resolve("lines.csv")))
                .contains("1120/J/14,,Estimated tax payments,132000,computed");
        assertThat(amounts(out, "1120/26/st")).hasSizeGreaterThan(3);
        assertThat(amounts(out, "1120/26/st").stream()
                        .mapToLong(Long::parseLong)
                        .sum())
                .isEqualTo(Long.parseLong(amounts(out, "1120/26").get(0)));
    }

    /** The amounts of a line, or of its statement row by row, from {@code lines.csv}. */
    private static List<String> amounts(Path out, String line) throws IOException {
        try (CsvReader<NamedCsvRecord> rows = CsvReader.builder().ofNamedCsvRecord(out.resolve("lines.csv"))) {
            return rows.stream()
                    .filter(row -> row.getField("line").equals(line))
                    .map(row -> row.getField("amount"))
                    .toList();
        }
    }

    @Test
    void prepareEndsWithTwoAndOneLineAFault(@TempDir Path out) throws IOException {
        replace("engagement.json", "00-4417263", "x");
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        assertThat(prepare(said, folder.toString(), "--out", out.toString())).isEqualTo(2);
        assertThat(said.toString(StandardCharsets.UTF_8).lines()).hasSize(1);
        assertThat(prepare(said, "only-one")).isEqualTo(2);
        assertThat(prepare(said, folder.resolve("none").toString(), "--out", out.toString()))
                .isEqualTo(2);
    }

    @Test
    void namesThatASpreadsheetWouldRunAreWrittenHarmlessAndReadBackTheSame() {
        Snapshot snapshot = DemoEngagement.snapshot();
        Account cash = snapshot.accounts().get("1010");
        for (String name :
                List.of("=HYPERLINK(\"http://evil.example\")", "+1+1", "@SUM(1)", "-cash", "'=x", "'quoted")) {
            Account named = new Account(cash.number(), name, cash.statement(), cash.opening(), cash.closing());
            Snapshot odd = snapshot.withAccounts(snapshot.accounts().plus("1010", named));
            String written = EngagementFolder.write(odd).stream()
                    .filter(file -> file.name().equals("trial-balance.csv"))
                    .map(file -> new String(file.bytes(), StandardCharsets.UTF_8))
                    .findFirst()
                    .orElseThrow();
            assertThat(written).as(name).doesNotContainPattern("(?m)^1010,\"?[=+@-]");
            assertThat(EngagementFolder.readZip(EngagementFolder.writeZip(odd)).engagement())
                    .as(name)
                    .contains(odd);
        }
    }
}
