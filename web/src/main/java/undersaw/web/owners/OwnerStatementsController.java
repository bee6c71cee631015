package undersaw.web.owners;

import java.io.IOException;
import java.security.Principal;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import undersaw.calc.Calculation;
import undersaw.engagement.NumbersShown;
import undersaw.engagement.Station;
import undersaw.files.pdf.LockedPdf;
import undersaw.files.pdf.OwnerPaper;
import undersaw.files.pdf.OwnerStatementsPdf;
import undersaw.files.pdf.PrintMark;
import undersaw.filing.FiledOwner;
import undersaw.owners.OwnerStatements;
import undersaw.store.Filings;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.SealedReturns;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Download;
import undersaw.web.frame.Exports;
import undersaw.web.frame.StationPage;

/** The statements of owners: one on the page, one or all as paper. */
@Controller
class OwnerStatementsController {
    private static final int IN_ONE_FILE = 200;

    private final Workspace workspace;
    private final StationPage page;
    private final Exports exports;
    private final Filings filings;
    private final SealedReturns sealed;

    OwnerStatementsController(
            Workspace workspace, StationPage page, Exports exports, Filings filings, SealedReturns sealed) {
        this.workspace = workspace;
        this.page = page;
        this.exports = exports;
        this.filings = filings;
        this.sealed = sealed;
    }

    @GetMapping("/e/{id}/owners/statements")
    String statements(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String owner,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(name = "page", defaultValue = "1") int at,
            Model model) {
        OpenEngagement open = page.open(id, Station.OWNERS, model);
        Optional<String> code = open.kind().ownerStatement();
        if (code.isEmpty()) {
            return "redirect:/e/" + id + "/owners";
        }
        Optional<Calculation> before = filings.of(id).stream().findFirst().flatMap(each -> sealed.of(each.id()));
        model.addAttribute("view", StatementView.of(open, code.get(), new StatementView.Asked(owner, q, at), before));
        model.addAttribute("inOneFile", IN_ONE_FILE);
        return "owners/statements";
    }

    /** One owner's statement as paper; whole numbers only where they are asked for. */
    @GetMapping("/e/{id}/owners/statement.pdf")
    ResponseEntity<byte[]> one(
            @PathVariable long id,
            @RequestParam String owner,
            @RequestParam(defaultValue = "MASKED") NumbersShown numbers,
            Principal principal) {
        OpenEngagement open = workspace.open(id);
        Optional<String> code = open.kind().ownerStatement();
        if (code.isEmpty() || !OwnerStatements.owners(open.calculation()).contains(owner)) {
            return ResponseEntity.notFound().build();
        }
        exports.taken(open, "Schedule " + code.get() + " of " + owner, numbers, principal);
        return Download.of(
                open.heading(),
                code.get().toLowerCase(Locale.ROOT) + "-" + owner,
                "pdf",
                pdf(open, code.get(), List.of(owner), numbers));
    }

    /** All statements in one file, each on pages of its own. */
    @GetMapping("/e/{id}/owners/statements.pdf")
    ResponseEntity<byte[]> all(
            @PathVariable long id, @RequestParam(defaultValue = "MASKED") NumbersShown numbers, Principal principal) {
        OpenEngagement open = workspace.open(id);
        Optional<String> code = open.kind().ownerStatement();
        List<String> owners = OwnerStatements.owners(open.calculation());
        if (code.isEmpty() || owners.isEmpty() || owners.size() > IN_ONE_FILE) {
            return ResponseEntity.notFound().build();
        }
        exports.taken(open, "all Schedules " + code.get(), numbers, principal);
        return Download.of(
                open.heading(), code.get().toLowerCase(Locale.ROOT), "pdf", pdf(open, code.get(), owners, numbers));
    }

    /** A file for each owner, sent as they are made. */
    @GetMapping("/e/{id}/owners/statements.zip")
    ResponseEntity<StreamingResponseBody> each(
            @PathVariable long id,
            @RequestParam(defaultValue = "MASKED") NumbersShown numbers,
            @RequestParam(defaultValue = "false") boolean locked,
            Principal principal) {
        OpenEngagement open = workspace.open(id);
        Optional<String> code = open.kind().ownerStatement();
        if (code.isEmpty()) {
            return ResponseEntity.notFound().build();
        }
        exports.taken(
                open, "Schedules " + code.get() + ", a file each" + (locked ? ", locked" : ""), numbers, principal);
        Paper paper = new Paper(open, code.get(), numbers, locked);
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("schedules-" + code.get() + ".zip")
                                .build()
                                .toString())
                .contentType(MediaType.parseMediaType("application/zip"))
                .body(stream -> zip(paper, new ZipOutputStream(stream)));
    }

    /**
     * How statements go to paper.
     *
     * @param open the engagement
     * @param code of the statement
     * @param numbers whether taxpayer numbers stand whole
     * @param locked whether each opens with its owner's own number only
     */
    private record Paper(OpenEngagement open, String code, NumbersShown numbers, boolean locked) {
        byte[] of(String owner) {
            byte[] plain = pdf(open, code, List.of(owner), numbers);
            String number = FiledOwner.of(open.calculation(), owner).number();
            return locked && !number.isEmpty() ? LockedPdf.lock(plain, number) : plain;
        }

        /** A statement that nobody's number locks says so in its name. */
        String name(String owner) {
            boolean open = locked
                    && FiledOwner.of(this.open.calculation(), owner).number().isEmpty();
            return code + "-" + owner.replaceAll("[^A-Za-z0-9._-]", "_") + (open ? "-not-locked" : "") + ".pdf";
        }
    }

    private static void zip(Paper paper, ZipOutputStream zip) throws IOException {
        for (String owner : OwnerStatements.owners(paper.open().calculation())) {
            zip.putNextEntry(new ZipEntry(paper.name(owner)));
            zip.write(paper.of(owner));
            zip.closeEntry();
            zip.flush();
        }
        zip.finish();
    }

    private static byte[] pdf(OpenEngagement open, String code, List<String> owners, NumbersShown numbers) {
        List<OwnerPaper> papers = owners.stream()
                .map(owner -> FiledOwner.of(open.calculation(), owner))
                .map(owner -> numbers == NumbersShown.FULL ? owner : owner.masked())
                .map(owner -> OwnerStatementsPdf.paper(open.calculation(), code, owner))
                .toList();
        return OwnerStatementsPdf.write(open.heading(), code, papers, PrintMark.draft());
    }
}
