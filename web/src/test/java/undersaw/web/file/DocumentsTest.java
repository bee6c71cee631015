package undersaw.web.file;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import undersaw.files.folder.EngagementFolder;
import undersaw.files.folder.ReadFolder;
import undersaw.registry.Returns;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;

/** What can be taken along: the draft, the workbook and the engagement folder. */
@ExtendWith(Office.class)
class DocumentsTest {
    private FreshClient client;
    private Visitor tern;

    @BeforeEach
    void begin(Office.Running office) {
        client = FreshClient.begin(office, "Documents, Inc. " + System.nanoTime());
        tern = Visitor.as(office, "tern");
    }

    private static String disposition(HttpResponse<byte[]> answer) {
        return answer.headers().firstValue("Content-Disposition").orElseThrow();
    }

    @Test
    void theWorkbookHasASheetAFormAndOpens() throws IOException {
        HttpResponse<byte[]> answer = tern.download(client.at("return.xlsx"));
        assertThat(disposition(answer)).contains("documents-inc-").contains("-1120-2025.xlsx");
        try (ReadableWorkbook workbook = new ReadableWorkbook(new ByteArrayInputStream(answer.body()))) {
            assertThat(workbook.getSheets().map(sheet -> sheet.getName()))
                    .contains("Schedule K", "Accounts", "Law")
                    .hasSizeGreaterThan(20);
        }
    }

    @Test
    void theDraftSaysItIsOneAndHoldsTheFigures() throws IOException {
        HttpResponse<byte[]> answer = tern.download(client.at("return.pdf"));
        try (PDDocument pdf = Loader.loadPDF(answer.body())) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text).containsIgnoringCase("draft").contains("400,000").contains("52,500");
        }
    }

    @Test
    void noPageThatIsReadShowsTheWholeNumber() {
        String number =
                client.calculation().snapshot().heading().client().number().printed();
        for (String place : new String[] {"file", "return", "check"}) {
            assertThat(tern.get(client.at(place)).body()).as(place).doesNotContain(number);
        }
        assertThat(tern.get(client.at("file")).body()).contains("••-•••" + number.substring(6));
    }

    @Test
    void theFolderComputesToTheSameReturn() {
        client.fact("1120/J/5c", "12").fact("8949/proceeds@00001", "90");
        ReadFolder read =
                EngagementFolder.readZip(tern.download(client.at("folder.zip")).body());
        assertThat(read.faults()).isEmpty();
        assertThat(Returns.calculate(read.engagement().orElseThrow()).differences(client.calculation()))
                .isEmpty();
    }

    @Test
    void documentsOfAnEngagementThatIsNotThereAreNotFound() {
        assertThat(tern.download("/e/99999/return.xlsx").statusCode()).isEqualTo(404);
        assertThat(tern.download(client.at("file/1/return.pdf")).statusCode()).isEqualTo(404);
        assertThat(tern.download(client.at("file/99999/filing.xml")).statusCode())
                .isEqualTo(404);
    }

    @Test
    void aSealedFilingKeepsItsDocuments() {
        HttpResponse<byte[]> xml = tern.download("/e/1/file/1/filing.xml");
        assertThat(xml.statusCode()).isEqualTo(200);
        assertThat(new String(xml.body(), java.nio.charset.StandardCharsets.UTF_8))
                .contains("1120/31");
        assertThat(tern.download("/e/1/file/1/return.pdf").statusCode()).isEqualTo(200);
    }
}
