package undersaw.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import undersaw.files.sheet.ListReader.Read;
import undersaw.form.Line;
import undersaw.form.RowList;
import undersaw.registry.Returns;

/** Rows of a list as people paste and save them (common practice, no source). */
class ListReaderTest {
    private static final RowList SALES =
            Returns.find("1120").orElseThrow().plan(2025).list("sales").orElseThrow();
    private static final RowList ASSETS =
            Returns.find("1120").orElseThrow().plan(2025).list("assets").orElseThrow();

    private static Read read(RowList list, String text) {
        return ListReader.read(SourceFile.of("rows.csv", text.getBytes(StandardCharsets.UTF_8)), list);
    }

    private static String cell(ListReader.Row row, String column) {
        return row.cells().entrySet().stream()
                .filter(each -> each.getKey().column().equals(column))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse("");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "description,acquired,sold,proceeds,cost\nShares,2020-01-05,2025-02-01,9000.00,4000",
                "Description\tAcquired\tSold\tProceeds\tCost or other basis\n"
                        + "Shares\t1/5/2020\t2/1/2025\t$9,000.00\t4,000",
                "sold;cost;proceeds;description;acquired\n2025-02-01;4000;9000;Shares;2020-01-05",
                "Shares|5-Jan-2020|1-Feb-2025|9,000|4000",
                "Shares\t2020-01-05\t2025-02-01\t9000\t4000\t\t\n\n",
                "PROCEEDS,COST,SOLD,ACQUIRED,DESCRIPTION\n9000,4000,2025-02-01,2020-01-05,Shares\n,,,,",
            })
    void theSameRowInAnyShape(String text) {
        Read read = read(SALES, text);
        assertThat(read.problems()).isEmpty();
        assertThat(read.rows()).singleElement().satisfies(row -> {
            assertThat(cell(row, "description")).isEqualTo("Shares");
            assertThat(cell(row, "acquired")).isEqualTo("2020-01-05");
            assertThat(cell(row, "sold")).isEqualTo("2025-02-01");
            assertThat(cell(row, "proceeds")).startsWith("9000");
            assertThat(cell(row, "cost")).startsWith("4000");
        });
    }

    @ParameterizedTest
    @CsvSource({
        "proceeds,nine,Proceeds",
        "acquired,31.02.2020,Acquired",
        "term,middling,Term",
        "cost,1.2.3,Cost or other basis",
    })
    void aCellThatCannotBeReadIsNamed(String column, String text, String caption) {
        Read read = read(SALES, "description," + column + "\nfirst," + text + "\nsecond,");
        assertThat(read.problems())
                .singleElement()
                .satisfies(problem -> assertThat(problem)
                        .contains("row 2")
                        .contains(caption)
                        .contains("\"" + text + "\"")
                        .contains("expected"));
    }

    @Test
    void aNamedListTakesItsNamesFromTheFile() {
        Read read = read(ASSETS, "asset,description,cost\nno 4 press,Press,(1200.50)\n,Saw,7\n");
        assertThat(read.rows()).extracting(ListReader.Row::name).containsExactly("no-4-press", "");
        assertThat(cell(read.rows().get(0), "cost")).startsWith("-1200.5");
    }

    @Test
    void withoutHeadingsOnlyTheColumnsOnThePageCount() {
        Read read = read(ASSETS, "Press,1510,2020-05-06,1000,100,50\n");
        assertThat(read.problems()).isEmpty();
        assertThat(cell(read.rows().get(0), "placedInService")).isEqualTo("2020-05-06");
        assertThat(cell(read.rows().get(0), "book")).startsWith("50");
    }

    @Test
    void whatIsNoTableIsRefusedInASentence() {
        Read read = ListReader.read(
                SourceFile.of("x.zip", new byte[] {'P', 'K', 3, 4, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0}), SALES);
        assertThat(read.rows()).isEmpty();
        assertThat(read.problems()).hasSize(1);
    }

    @Test
    void theWordsOfAChoiceAreReadInAnyCase() {
        Line term = SALES.typed().stream()
                .filter(line -> line.column().equals("term"))
                .findFirst()
                .orElseThrow();
        assertThat(ListReader.cell(term, "Long")).contains("long");
        assertThat(term.expected()).isEqualTo("one of short, long");
        assertThat(List.of("LONG", "long", "Short"))
                .allMatch(text -> ListReader.cell(term, text).isPresent());
    }
}
