package undersaw.files.statements;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.apache.poi.xwpf.extractor.XWPFWordExtractor;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.junit.jupiter.api.Test;
import undersaw.books.FinancialStatements;
import undersaw.calc.Calculation;
import undersaw.engagement.Heading;
import undersaw.files.DemoEngagement;
import undersaw.files.pdf.StatementsPdf;
import undersaw.files.sheet.TableFile;
import undersaw.files.sheet.TableFile.PercentCell;
import undersaw.money.Money;
import undersaw.registry.Returns;

/** The same statements in three formats, read back by libraries that know nothing of ours. */
class StatementsTest {
    private static final Calculation YEAR = Returns.calculate(DemoEngagement.snapshot());
    private static final StatementSet DRAFT = StatementSet.of(
            "Gannet Row Cannery, Inc.", 2025, false, new FinancialStatements(YEAR, Optional.of(YEAR)).all());

    private static String totalAssets() {
        return DRAFT.pages().get(1).rows().stream()
                .filter(row -> row.caption().equals("Total assets"))
                .findFirst()
                .orElseThrow()
                .amount();
    }

    @Test
    void thePdfHoldsThemWithTheirMark() throws IOException {
        try (var document = Loader.loadPDF(StatementsPdf.write(DRAFT))) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text)
                    .contains("Draft. Not final.")
                    .contains("Income statement")
                    .contains("Total assets")
                    .contains(totalAssets());
        }
    }

    @Test
    void theDocumentHoldsThem() throws IOException {
        StatementSet done = new StatementSet(DRAFT.client(), 2025, true, true, DRAFT.pages());
        try (XWPFWordExtractor words =
                new XWPFWordExtractor(new XWPFDocument(new ByteArrayInputStream(StatementsDocument.write(done))))) {
            assertThat(words.getText())
                    .contains("Statement of cash flows")
                    .contains("Final.")
                    .contains(totalAssets());
        }
    }

    @Test
    void theWorkbookHoldsNumbers() throws IOException {
        try (XSSFWorkbook book = new XSSFWorkbook(new ByteArrayInputStream(StatementsWorkbook.write(DRAFT)))) {
            assertThat(book.getNumberOfSheets()).isEqualTo(3);
            double sum = 0;
            for (var row : book.getSheet("Balance sheet")) {
                if (row.getCell(0) != null
                        && row.getCell(0).getStringCellValue().equals("Total assets")) {
                    sum = row.getCell(1).getNumericCellValue();
                }
            }
            assertThat(Money.ofDollars((long) sum).printed()).isEqualTo(totalAssets());
        }
    }

    @Test
    void aTableIsSavedAsTextAndAsAWorkbook() throws IOException {
        Heading heading = DemoEngagement.snapshot().heading();
        TableFile table = new TableFile(
                "T",
                List.of("Account", "Amount", "Part"),
                List.of(
                        List.of("=1+1", Money.parse("-5.10"), new PercentCell(new BigDecimal("12.50"))),
                        List.of("1010, cash", Money.ZERO, "")),
                List.of("Total", Money.parse("-5.10"), ""));
        assertThat(new String(table.csv(heading), StandardCharsets.UTF_8))
                .isEqualTo("\"Gannet Row Cannery, Inc., Form 1120, 2025-01-01 to 2025-12-31\",,\r\nT,,\r\n"
                        + "Account,Amount,Part\r\n'=1+1,-5.10,12.5\r\n\"1010, cash\",0,\r\nTotal,-5.10,\r\n");
        try (XSSFWorkbook book = new XSSFWorkbook(new ByteArrayInputStream(table.xlsx(heading)))) {
            assertThat(book.getSheetAt(0).getRow(3).getCell(1).getNumericCellValue())
                    .isEqualTo(-5.1);
            assertThat(book.getSheetAt(0).getRow(3).getCell(2).getNumericCellValue())
                    .isEqualTo(0.125);
            assertThat(book.getSheetAt(0).getRow(5).getCell(1).getNumericCellValue())
                    .isEqualTo(-5.1);
        }
    }
}
