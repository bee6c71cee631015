package undersaw.files.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import undersaw.calc.Calculation;
import undersaw.files.DemoEngagement;
import undersaw.filing.FilingContent;
import undersaw.line.LineId;

class ReturnPdfTest {
    private static final Calculation RETURN = DemoEngagement.calculation();

    private static void eachPage(PrintMark mark, String expected) throws IOException {
        byte[] pdf = ReturnPdf.write(FilingContent.of(RETURN, "R. Tern", "Pell & Orrin"), RETURN.plan(), mark);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isGreaterThan(3);
            for (int page = 1; page <= document.getNumberOfPages(); page++) {
                PDFTextStripper stripper = new PDFTextStripper();
                stripper.setStartPage(page);
                stripper.setEndPage(page);
                assertThat(stripper.getText(document)).as("page %d", page).contains(expected);
            }
        }
    }

    @Test
    void everyPageOfADraftSaysThatItIsNotFiled() throws IOException {
        eachPage(PrintMark.draft(), "Draft, not filed");
    }

    @Test
    void everyPageOfAnAcceptedReturnSaysWhenAndUnderWhichNumber() throws IOException {
        eachPage(
                PrintMark.accepted("2026-03-09", "SIM-20260309-ABCD"),
                "Accepted 2026-03-09, confirmation SIM-20260309-ABCD");
    }

    @Test
    void printsTheFiguresOfTheReturn() throws IOException {
        byte[] pdf =
                ReturnPdf.write(FilingContent.of(RETURN, "R. Tern", "Pell & Orrin"), RETURN.plan(), PrintMark.draft());
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("Gannet Row Cannery, Inc.")
                    .contains("Gross receipts or sales "
                            + RETURN.amount(LineId.of("1120/1a")).printed())
                    .contains("Statement for line 1120/26");
        }
    }
}
