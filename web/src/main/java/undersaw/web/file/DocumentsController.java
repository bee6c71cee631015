package undersaw.web.file;

import java.security.Principal;
import java.util.Locale;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import undersaw.calc.Calculation;
import undersaw.calc.Plan;
import undersaw.engagement.NumbersShown;
import undersaw.engagement.Snapshot;
import undersaw.files.folder.EngagementFolder;
import undersaw.files.pdf.PrintMark;
import undersaw.files.pdf.ReturnPdf;
import undersaw.files.sheet.ReturnWorkbook;
import undersaw.filing.FilingContent;
import undersaw.registry.Returns;
import undersaw.store.Filings;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Exports;
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
    private final Exports exports;

    DocumentsController(Workspace workspace, Filings filings, Sealing sealing, Signature signature, Exports exports) {
        this.exports = exports;
        this.workspace = workspace;
        this.filings = filings;
        this.sealing = sealing;
        this.signature = signature;
    }

    /** The return as it stands; the client's copy of it hides all but the last four digits of every number. */
    @GetMapping("/e/{id}/return.pdf")
    ResponseEntity<byte[]> draft(
            @PathVariable long id, @RequestParam(defaultValue = "FULL") NumbersShown numbers, Principal principal) {
        OpenEngagement open = workspace.open(id);
        Plan plan = open.calculation().plan();
        FilingContent whole = sealing.content(open, signature.name(principal));
        exports.taken(open, "draft of the return as PDF", numbers, principal);
        byte[] pdf = ReturnPdf.write(
                numbers == NumbersShown.MASKED ? whole.masked(plan) : whole,
                plan,
                PrintMark.draft(open.snapshot().carried().values().stream()
                        .filter(mark -> mark.isOpen())
                        .count()));
        return answer(pdf, MediaType.APPLICATION_PDF, name(open) + "-draft.pdf");
    }

    /** The copy for the public, where the return has one. */
    @GetMapping("/e/{id}/public.pdf")
    ResponseEntity<byte[]> publicDraft(@PathVariable long id, Principal principal) {
        OpenEngagement open = workspace.open(id);
        Plan plan = open.calculation().plan();
        FilingContent content = sealing.content(open, signature.name(principal)).forThePublic(plan);
        return answer(
                ReturnPdf.write(content, plan, PrintMark.publicCopy()),
                MediaType.APPLICATION_PDF,
                name(open) + "-public.pdf");
    }

    /** The copy for the public of a sealed filing, from what was sealed. */
    @GetMapping("/e/{id}/file/{filing}/public.pdf")
    ResponseEntity<byte[]> sealedPublic(@PathVariable long id, @PathVariable long filing, Principal principal) {
        Optional<Snapshot> sealed = filings.find(filing)
                .filter(each -> each.engagement() == id)
                .flatMap(each -> EngagementFolder.readZip(filings.document(filing, Filings.Document.FOLDER))
                        .engagement());
        if (sealed.isEmpty()) {
            return ResponseEntity.notFound().build();
        }
        Calculation calculation = Returns.calculate(sealed.get());
        FilingContent content =
                FilingContent.of(calculation, signature.name(principal), "").forThePublic(calculation.plan());
        return answer(
                ReturnPdf.write(content, calculation.plan(), PrintMark.publicCopy()),
                MediaType.APPLICATION_PDF,
                "public.pdf");
    }

    @GetMapping("/e/{id}/return.xlsx")
    ResponseEntity<byte[]> workbook(
            @PathVariable long id, @RequestParam(defaultValue = "MASKED") NumbersShown numbers, Principal principal) {
        OpenEngagement open = workspace.open(id);
        exports.taken(open, "workbook of the return", numbers, principal);
        return answer(ReturnWorkbook.write(open.calculation(), numbers), XLSX, name(open) + ".xlsx");
    }

    @GetMapping("/e/{id}/folder.zip")
    ResponseEntity<byte[]> folder(@PathVariable long id, Principal principal) {
        OpenEngagement open = workspace.open(id);
        exports.taken(open, "engagement folder", NumbersShown.FULL, principal);
        return answer(
                EngagementFolder.writeZip(open.snapshot()), MediaType.APPLICATION_OCTET_STREAM, name(open) + ".zip");
    }

    @GetMapping("/e/{id}/file/{filing}/return.pdf")
    ResponseEntity<byte[]> sealedPdf(@PathVariable long id, @PathVariable long filing) {
        return document(id, filing, Filings.Document.PDF);
    }

    @GetMapping("/e/{id}/file/{filing}/sealed.pdf")
    ResponseEntity<byte[]> asSealed(@PathVariable long id, @PathVariable long filing) {
        return document(id, filing, Filings.Document.SEALED_PDF);
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
        boolean pdf = document != Filings.Document.XML;
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
