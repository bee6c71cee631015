package undersaw.web.file;

import java.security.Principal;
import java.util.Locale;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import undersaw.files.folder.EngagementFolder;
import undersaw.files.pdf.PrintMark;
import undersaw.files.pdf.ReturnPdf;
import undersaw.files.sheet.ReturnWorkbook;
import undersaw.store.Filings;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Signature;

/** Documents to take along: readable return, workbook, engagement folder, sealed filings. */
@Controller
class DocumentsController {
    private static final MediaType XLSX =
            MediaType.parseMediaType("application/vnd.openxmlformats-officedocument.spreadsheetml.sheet");

    private final Workspace workspace;
    private final Filings filings;
    private final Sealing sealing;
    private final Signature signature;

    DocumentsController(Workspace workspace, Filings filings, Sealing sealing, Signature signature) {
        this.workspace = workspace;
        this.filings = filings;
        this.sealing = sealing;
        this.signature = signature;
    }

    @GetMapping("/e/{id}/return.pdf")
    ResponseEntity<byte[]> draft(@PathVariable long id, Principal principal) {
        OpenEngagement open = workspace.open(id);
        byte[] pdf = ReturnPdf.write(
                sealing.content(open, signature.name(principal)),
                open.calculation().plan(),
                PrintMark.draft(open.snapshot().carried().values().stream()
                        .filter(mark -> mark.isOpen())
                        .count()));
        return answer(pdf, MediaType.APPLICATION_PDF, name(open) + "-draft.pdf");
    }

    @GetMapping("/e/{id}/return.xlsx")
    ResponseEntity<byte[]> workbook(@PathVariable long id) {
        OpenEngagement open = workspace.open(id);
        return answer(ReturnWorkbook.write(open.calculation()), XLSX, name(open) + ".xlsx");
    }

    @GetMapping("/e/{id}/folder.zip")
    ResponseEntity<byte[]> folder(@PathVariable long id) {
        OpenEngagement open = workspace.open(id);
        return answer(
                EngagementFolder.writeZip(open.snapshot()), MediaType.APPLICATION_OCTET_STREAM, name(open) + ".zip");
    }

    @GetMapping("/e/{id}/file/{filing}/return.pdf")
    ResponseEntity<byte[]> sealedPdf(@PathVariable long id, @PathVariable long filing) {
        return document(id, filing, Filings.Document.PDF);
    }

    @GetMapping("/e/{id}/file/{filing}/filing.xml")
    ResponseEntity<byte[]> sealedXml(@PathVariable long id, @PathVariable long filing) {
        return document(id, filing, Filings.Document.XML);
    }

    private ResponseEntity<byte[]> document(long id, long filing, Filings.Document document) {
        boolean mine =
                filings.find(filing).filter(each -> each.engagement() == id).isPresent();
        if (!mine) {
            return ResponseEntity.notFound().build();
        }
        boolean pdf = document == Filings.Document.PDF;
        return answer(
                filings.document(filing, document),
                pdf ? MediaType.APPLICATION_PDF : MediaType.APPLICATION_XML,
                pdf ? "return.pdf" : "filing.xml");
    }

    private static String name(OpenEngagement open) {
        String client = open.heading().client().name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return client.replaceAll("^-|-$", "") + "-" + open.heading().form() + "-"
                + open.heading().period().lawYear();
    }

    private static ResponseEntity<byte[]> answer(byte[] bytes, MediaType type, String name) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(bytes);
    }
}
