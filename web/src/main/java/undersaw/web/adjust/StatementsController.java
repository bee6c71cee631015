package undersaw.web.adjust;

import java.security.Principal;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import undersaw.books.FinancialStatements;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.Station;
import undersaw.files.pdf.StatementsPdf;
import undersaw.files.statements.StatementSet;
import undersaw.files.statements.StatementsDocument;
import undersaw.files.statements.StatementsWorkbook;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Download;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;

/** Station Adjust: financial statements, a draft until somebody marks them final. */
@Controller
class StatementsController {
    private static final LineKey FINAL = LineId.of("BOOKS/statements-final").alone();

    private final Workspace workspace;
    private final StationPage page;
    private final Signature signature;

    StatementsController(Workspace workspace, StationPage page, Signature signature) {
        this.workspace = workspace;
        this.page = page;
        this.signature = signature;
    }

    @GetMapping("/e/{id}/adjust/statements")
    String statements(@PathVariable long id, Model model) {
        OpenEngagement open = page.open(id, Station.ADJUST, model);
        model.addAttribute("set", set(open));
        model.addAttribute("finalBy", open.snapshot().fact(FINAL).map(Fact::by).orElse(""));
        return "adjust/statements";
    }

    private StatementSet set(OpenEngagement open) {
        FinancialStatements statements = new FinancialStatements(
                open.calculation(), workspace.lastYear(open.id()).map(OpenEngagement::calculation));
        boolean isFinal = open.snapshot()
                .fact(FINAL)
                .filter(fact -> fact.value().equals(fingerprint(open)))
                .isPresent();
        return StatementSet.of(
                open.heading().client().name(), open.heading().period().end().getYear(), isFinal, statements.all());
    }

    /** A change of any balance makes statements that were final a draft again. */
    private static String fingerprint(OpenEngagement open) {
        long print = 17;
        for (var account : new TreeMap<>(open.snapshot().accounts()).values()) {
            print = print * 31 + open.calculation().adjusted(account).cents();
        }
        return Long.toHexString(print);
    }

    /** Marks the statements final as they stand, or a draft again. */
    @PostMapping("/e/{id}/adjust/statements/final")
    String mark(@PathVariable long id, Principal principal) {
        workspace.change(id, signature.name(principal), open -> {
            boolean isFinal = set(open).isFinal();
            Map<LineKey, @Nullable Fact> fact = new TreeMap<>();
            fact.put(FINAL, isFinal ? null : new Fact(fingerprint(open), "", signature.of(principal)));
            return new Change.FactsSet(fact);
        });
        return "redirect:/e/" + id + "/adjust/statements";
    }

    @GetMapping("/e/{id}/adjust/statements.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable long id) {
        OpenEngagement open = workspace.open(id);
        return Download.of(open.heading(), "statements", "pdf", StatementsPdf.write(set(open)));
    }

    @GetMapping("/e/{id}/adjust/statements.xlsx")
    ResponseEntity<byte[]> workbook(@PathVariable long id) {
        OpenEngagement open = workspace.open(id);
        return Download.of(open.heading(), "statements", "xlsx", StatementsWorkbook.write(set(open)));
    }

    @GetMapping("/e/{id}/adjust/statements.docx")
    ResponseEntity<byte[]> document(@PathVariable long id) {
        OpenEngagement open = workspace.open(id);
        return Download.of(open.heading(), "statements", "docx", StatementsDocument.write(set(open)));
    }
}
