package undersaw.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import undersaw.files.DemoEngagement;
import undersaw.registry.Returns;

class ReadingAidsTest {
    @ParameterizedTest
    @CsvSource({
        "2025-03-04,2025-03-04",
        "20250304,2025-03-04",
        "2025-03-04T10:00:00,2025-03-04",
        "3/4/2025,2025-03-04",
        "3/4/25,2025-03-04",
        "04.03.2025,2025-03-04",
        "4-Mar-2025,2025-03-04",
        "4 March 2025,2025-03-04",
        "'March 4, 2025',2025-03-04",
        "'Mar. 4, 2025',2025-03-04",
        "'Sept 15, 2025',2025-09-15",
        "15 Sept. 2025,2025-09-15",
        "'Tuesday, March 4, 2025',2025-03-04",
        "'March 4th, 2025',2025-03-04",
        "2025/03/04,2025-03-04",
        "3-4-2025,2025-03-04",
        "3/4/49,2049-03-04",
        "3/4/50,1950-03-04"
    })
    void datesAreReadAsProgramsWriteThem(String text, LocalDate date) {
        assertThat(WrittenDate.read(text)).contains(date);
    }

    @ParameterizedTest
    @ValueSource(strings = {"2025-02-30", "31/12/2025", "soon", "", "2025", "4 Mai 2025"})
    void noOtherTextIsADate(String text) {
        assertThat(WrittenDate.read(text)).isEmpty();
    }

    /** Common practice, no source: two neighbouring digits changed about move an amount by a multiple of nine. */
    @ParameterizedTest
    @CsvSource({
        "5400,4500,true",
        "4700,7400,true",
        "470000,740000,true",
        "5000,5900,false",
        "-12,-21,true",
        "12,20,false"
    })
    void aTranspositionIsKnown(long cents, long wanted, boolean known) {
        assertThat(ImbalanceClues.mended(cents, wanted).isPresent()).isEqualTo(known);
    }

    @ParameterizedTest
    @CsvSource({"0,5,A5", "25,1,Z1", "26,7,AA7", "701,2,ZZ2"})
    void cellsAreNamedAsSpreadsheetsNameThem(int column, long row, String address) {
        assertThat(CellText.address(column, row)).isEqualTo(address);
    }

    @Test
    void theDayComesFirstWhereADateOfTheColumnShowsIt() {
        List<String> said = new ArrayList<>();
        assertThat(DayOrder.isDayFirst(List.of("03/04/2025", "31/12/2025"), said))
                .isTrue();
        assertThat(DayOrder.isDayFirst(List.of("03/04/2025", "12/31/2025"), said))
                .isFalse();
        assertThat(said).hasSize(1);
        assertThat(WrittenDate.read("3/4/2025", true)).contains(LocalDate.of(2025, 4, 3));
    }

    @Test
    void binaryDustIsWipedOffNumbers() {
        assertThat(CellText.of(new BigDecimal("0.30000000000000004"))).isEqualTo("0.30");
        assertThat(CellText.of(new BigDecimal("1010.0000000001"))).isEqualTo("1010");
        assertThat(CellText.of(new BigDecimal("12.345"))).isEqualTo("12.35");
    }

    /** The workbook to fill in, filled in by a library that knows nothing of ours, and imported again. */
    @Test
    void theWorkbookToFillInComesBack() throws IOException {
        byte[] blank = BooksTemplate.write(Returns.calculate(DemoEngagement.snapshot()));
        ByteArrayOutputStream filled = new ByteArrayOutputStream();
        double outOfBalance;
        double netIncome;
        try (XSSFWorkbook book = new XSSFWorkbook(new ByteArrayInputStream(blank))) {
            XSSFSheet sheet = book.getSheetAt(0);
            for (Row row : sheet) {
                String number = row.getRowNum() > 4 && row.getCell(0) != null
                        ? row.getCell(0).toString()
                        : "";
                if (number.equals("1010")) {
                    row.createCell(4).setCellValue(70.25);
                } else if (number.equals("4010")) {
                    row.createCell(5).setCellValue(100.25);
                } else if (number.equals("6310")) {
                    row.createCell(4).setCellValue(30);
                }
            }
            book.getCreationHelper().createFormulaEvaluator().evaluateAll();
            outOfBalance = sheet.getRow(2).getCell(3).getNumericCellValue();
            netIncome = sheet.getRow(2).getCell(5).getNumericCellValue();
            book.write(filled);
        }
        assertThat(outOfBalance).isZero();
        assertThat(netIncome).isEqualTo(70.25);
        StagedBooks staged = Books.read(filled.toByteArray());
        assertThat(Books.closing(staged, "1010")).isEqualTo("70.25");
        assertThat(Books.account(staged, "6310").onIncomeStatement()).isTrue();
        assertThat(staged.accounts()).hasSize(60);
    }
}
