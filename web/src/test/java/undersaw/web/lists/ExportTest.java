package undersaw.web.lists;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.ss.usermodel.Workbook;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;
import undersaw.web.desk.Workspace;

/** What leaves the house says whose it is, masks taxpayer numbers unless they are asked for, and is written down. */
@ExtendWith(Office.class)
class ExportTest {
    private static final String NUMBER = "900-12-3456";

    private Visitor tern;
    private FreshClient client;
    private String name;

    @BeforeEach
    void begin(Office.Running office) {
        tern = Visitor.as(office, "tern");
        name = "Export " + System.nanoTime();
        client = FreshClient.begin(office, name)
                .fact("OWNERS/name@wren", "A. Wren")
                .fact("OWNERS/tin@wren", NUMBER)
                .fact("OWNERS/capitalEnd@wren", "62.5")
                .fact("OWNERS/name@owl", "B. Owl")
                .fact("OWNERS/capitalEnd@owl", "37.5");
    }

    private String csv(String address) {
        return new String(tern.download(client.at(address)).body(), StandardCharsets.UTF_8);
    }

    @Test
    void aListHasClientPeriodCaptionsAndTotals() {
        assertThat(csv("list/owners.csv"))
                .startsWith("\"" + name + ", Form 1120, 2025-01-01 to 2025-12-31\"")
                .contains("Capital % at end")
                .contains("Total,")
                .contains(",100,")
                .contains("••-•••3456")
                .doesNotContain(NUMBER);
    }

    @Test
    void wholeNumbersAreGivenOnPurposeAndWrittenDown() {
        assertThat(csv("list/owners.csv?numbers=FULL")).contains(NUMBER);
        assertThat(tern.get(client.at("trail")).body()).contains("Owner register as CSV, with whole taxpayer numbers");
    }

    @Test
    void percentagesAreNumbers() throws IOException {
        byte[] file = tern.download(client.at("list/owners.xlsx")).body();
        try (Workbook workbook = new XSSFWorkbook(new ByteArrayInputStream(file))) {
            Sheet sheet = workbook.getSheetAt(0);
            int column = column(sheet.getRow(2), "Capital % at end");
            assertThat(sheet.getRow(3).getCell(column).getNumericCellValue()).isEqualTo(0.375);
            assertThat(sheet.getRow(5).getCell(column).getNumericCellValue()).isEqualTo(1.0);
        }
    }

    private static int column(Row header, String caption) {
        for (Cell cell : header) {
            if (cell.getStringCellValue().equals(caption)) {
                return cell.getColumnIndex();
            }
        }
        throw new AssertionError("no column " + caption);
    }

    @Test
    void theWorkbookShowsNoWholeNumberUnlessAsked() throws IOException {
        assertThat(texts("return.xlsx")).doesNotContain(NUMBER).contains("••-•••3456");
        assertThat(texts("return.xlsx?numbers=FULL")).contains(NUMBER);
    }

    private String texts(String address) throws IOException {
        StringBuilder texts = new StringBuilder();
        byte[] file = tern.download(client.at(address)).body();
        try (Workbook workbook = new XSSFWorkbook(new ByteArrayInputStream(file))) {
            for (Sheet sheet : workbook) {
                for (Row row : sheet) {
                    row.forEach(cell -> texts.append(cell).append('\n'));
                }
            }
        }
        return texts.toString();
    }

    @Test
    void theCarriedPageShowsNoWholeNumber(Office.Running office) {
        tern.post(client.at("roll-forward"));
        long next = office.bean(Workspace.class).nextYear(client.id()).orElseThrow();
        assertThat(tern.get("/e/" + next + "/carried").body())
                .contains("A. Wren")
                .doesNotContain(NUMBER);
    }
}
