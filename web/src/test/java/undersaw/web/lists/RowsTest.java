package undersaw.web.lists;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.line.LineId;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;

/** Lists as grids: typed, pasted, read from files, saved again; a cell that cannot be read keeps nothing. */
@ExtendWith(Office.class)
class RowsTest {
    private static final String HEAD = "description\tacquired\tsold\tproceeds\tcost\tadjustment\tterm\tbox\n";

    private FreshClient client;
    private Visitor tern;

    @BeforeEach
    void begin(Office.Running office) {
        client = FreshClient.begin(office, "Rows " + System.nanoTime());
        tern = Visitor.as(office, "tern");
    }

    private HttpResponse<String> paste(String rows) {
        tern.post(client.at("list/sales/paste"), "pasted", rows);
        return keep();
    }

    /** Keeps the rows that were looked at. */
    private HttpResponse<String> keep(String... how) {
        return tern.post(client.at("list/sales/staged/commit"), how);
    }

    private List<String> descriptions() {
        return client.calculation().rowValues(LineId.of("8949/description")).stream()
                .map(row -> row.value().plain())
                .toList();
    }

    @Test
    void aTypedRowFeedsItsSchedule() {
        tern.post(
                client.at("list/sales/row"),
                "line",
                "8949/description",
                "value",
                "40 shares",
                "line",
                "8949/proceeds",
                "value",
                "3*300",
                "line",
                "8949/cost",
                "value",
                "700",
                "line",
                "8949/term",
                "value",
                "long");
        assertThat(descriptions()).containsExactly("40 shares");
        assertThat(client.amount("1120/D/10/h")).isEqualTo(200);
        assertThat(client.amount("1120/8")).isEqualTo(200);
    }

    @ParameterizedTest
    @CsvSource({
        "8949/proceeds, nine, Proceeds: found, expected a plain amount",
        "8949/sold, 5/6/25x, Sold: found, expected a date",
        "8949/term, forever, Term: found, 'expected one of short, long'",
        "8949/box, Z, Box: found, expected one of A",
    })
    void aCellThatCannotBeReadIsNamed(String line, String value, String where, String expected) {
        HttpResponse<String> answer = tern.post(
                client.at("list/sales/row"),
                "line",
                "8949/description",
                "value",
                "kept?",
                "line",
                line,
                "value",
                value);
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body())
                .contains(where)
                .contains(value)
                .contains(expected)
                .contains("Nothing was kept.");
        assertThat(descriptions()).isEmpty();
    }

    @Test
    void anEmptyRowIsNoRow() {
        HttpResponse<String> answer = tern.post(client.at("list/sales/row"), "line", "8949/description", "value", "  ");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("Fill in at least one field");
    }

    @Test
    void pastedRowsMayComeWithTheirHeadings() {
        paste(HEAD
                + "Lot 1\t2020-01-05\t2025-02-03\t1,500.00\t900\t\t\t\nLot 2\t2025-01-05\t2025-02-03\t80\t100\t\t\t");
        assertThat(descriptions()).containsExactly("Lot 1", "Lot 2");
        assertThat(client.amount("1120/D/15")).isEqualTo(600);
        assertThat(client.amount("1120/D/7")).isEqualTo(-20);
    }

    @Test
    void oneWrongCellAmongManyKeepsAllOut() {
        HttpResponse<String> answer = paste(HEAD + "Lot 1\t\t\t10\t5\t\tlong\t\nLot 2\t\t\tten\t5\t\tlong\t");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("ten").contains("Nothing was kept.");
        assertThat(descriptions()).isEmpty();
    }

    @Test
    void onlyTheFirstOfManyFaultsAreShown() {
        String rows = IntStream.range(0, 40)
                .mapToObj(i -> "Lot " + i + "\t\t\tx" + i + "\t5\t\tlong\t")
                .collect(Collectors.joining("\n"));
        assertThat(paste(HEAD + rows).body()).contains("x0").containsPattern("And \\d+ more\\.");
    }

    @Test
    void rowsTakeThePlaceOfThoseBeforeWhereThatIsAskedFor() {
        paste(HEAD + "Old\t\t\t10\t5\t\tlong\t");
        tern.post(client.at("list/sales/paste"), "pasted", HEAD + "New\t\t\t70\t5\t\tlong\t");
        keep("replace", "true");
        assertThat(descriptions()).containsExactly("New");
        assertThat(client.amount("1120/D/18")).isEqualTo(65);
    }

    @Test
    void aRemovedRowTakesItsFiguresAlong() {
        paste(HEAD + "Lot 1\t\t\t10\t5\t\tlong\t\nLot 2\t\t\t30\t5\t\tlong\t");
        tern.post(client.at("list/sales/remove"), "row", "00001");
        assertThat(descriptions()).containsExactly("Lot 2");
        assertThat(client.amount("1120/D/18")).isEqualTo(25);
        long revision = client.revision();
        tern.post(client.at("list/sales/remove"), "row", "00001");
        assertThat(client.revision()).isEqualTo(revision);
    }

    @Test
    void aListThatTheReturnDoesNotHaveIsNamed() {
        for (String post : List.of("paste", "row", "remove")) {
            HttpResponse<String> answer =
                    tern.post(client.at("list/nothing/" + post), "pasted", "x", "line", "x", "value", "x", "row", "x");
            assertThat(answer.statusCode()).as(post).isEqualTo(404);
            assertThat(answer.body()).as(post).contains("has no list");
        }
        assertThat(tern.get(client.at("list/nothing.csv")).statusCode()).isEqualTo(404);
    }

    @Test
    void whatIsSavedAsCsvReadsBackTheSame() {
        paste(HEAD + "Lot, with a comma\t2020-01-05\t2025-02-03\t1500\t900\t25\t\tD");
        String saved = tern.get(client.at("list/sales.csv")).body();
        assertThat(saved)
                .contains("Description,Acquired,Sold,Proceeds,Cost or other basis,Adjustment,Term,Box,Gain or loss,")
                .contains("Total,,,1500,900,25,,,625,");
        tern.post(client.at("list/sales/remove"), "row", "00001");
        tern.upload(client.at("list/sales/file"), "sales.csv", saved);
        keep();
        assertThat(descriptions()).containsExactly("Lot, with a comma");
        assertThat(client.amount("1120/D/8b/h")).isEqualTo(625);
    }

    @Test
    void aListIsSavedAsAWorkbookToo() throws IOException {
        paste(HEAD + "Lot 1\t\t\t10\t5\t\tlong\t");
        byte[] bytes = tern.download(client.at("list/sales.xlsx")).body();
        try (ReadableWorkbook workbook = new ReadableWorkbook(new ByteArrayInputStream(bytes))) {
            List<Row> rows = workbook.getFirstSheet().read();
            assertThat(rows).hasSize(5);
            assertThat(rows.get(3).getCellText(0)).isEqualTo("Lot 1");
            assertThat(rows.get(4).getCellText(0)).isEqualTo("Total");
        }
    }

    @Test
    void thousandsOfRowsShowAPageAtATimeWithTheirTotal() {
        String rows = IntStream.rangeClosed(1, 1200)
                .mapToObj(i -> "Lot " + i + "\t\t\t100\t40\t\tlong\t")
                .collect(Collectors.joining("\n"));
        paste(HEAD + rows);
        assertThat(client.amount("1120/D/10/h")).isEqualTo(72_000);
        String page = tern.get(client.at("return?sheet=8949")).body();
        assertThat(page).contains("1,200 rows").contains("120,000").contains("72,000");
        assertThat(page.split("id=\"row-", -1)).hasSizeLessThan(200);
        String found = tern.get(client.at("return?sheet=8949&q=Lot+1199")).body();
        assertThat(found).contains("Lot 1199").doesNotContain("Lot 1198");
    }

    @Test
    void aFileThatIsNoTableIsRefusedAndNothingIsLost() {
        paste(HEAD + "Lot 1\t\t\t10\t5\t\tlong\t");
        HttpResponse<String> answer = tern.upload(
                client.at("list/sales/file"), "picture.xlsx", "\u0089PNG not a workbook", "replace", "true");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(descriptions()).containsExactly("Lot 1");
        assertThat(new String(tern.download(client.at("list/sales.csv")).body(), StandardCharsets.UTF_8))
                .contains("Lot 1");
    }
}
