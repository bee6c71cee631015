package undersaw.web.file;

import java.security.Principal;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import undersaw.calc.LineValue;
import undersaw.check.Severity;
import undersaw.engagement.Station;
import undersaw.filing.DispatchState;
import undersaw.filing.Fault;
import undersaw.filing.FilingContent;
import undersaw.form.Line;
import undersaw.line.LineKey;
import undersaw.store.Filings;
import undersaw.store.Filings.Kept;
import undersaw.web.desk.Dispatcher;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Answers;
import undersaw.web.frame.Figure;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;

/** Station File: review what will be sent, seal it, send it, read what comes back. */
@Controller
class FileController {
    private final Workspace workspace;
    private final StationPage page;
    private final Signature signature;
    private final Filings filings;
    private final Sealing sealing;
    private final Dispatcher dispatcher;
    private final Clock clock;

    FileController(StationPage page, Signature signature, Filings filings, Desk desk) {
        this.page = page;
        this.signature = signature;
        this.filings = filings;
        workspace = desk.workspace();
        sealing = desk.sealing();
        dispatcher = desk.dispatcher();
        clock = desk.clock();
    }

    /** What this station works with. */
    @Component
    record Desk(Workspace workspace, Sealing sealing, Dispatcher dispatcher, Clock clock) {}

    /** A sealed filing with what the authority says against it. */
    public record Sent(Kept filing, DispatchState state, List<Fault> faults) {}

    /** A line that will be sent. */
    public record Going(String part, String number, String caption, Figure figure) {}

    @GetMapping("/e/{id}/file")
    String file(@PathVariable long id, Model model, Principal principal) {
        OpenEngagement open = page.open(id, Station.FILE, model);
        FilingContent content = sealing.content(open, signature.name(principal));
        List<Sent> sent = filings.of(id).stream()
                .map(each -> new Sent(each, each.dispatchState(), filings.faults(each.id())))
                .toList();
        model.addAttribute("going", going(open, content));
        model.addAttribute("statements", content.statements().size());
        model.addAttribute("content", content);
        model.addAttribute("filings", sent);
        model.addAttribute("stops", open.review().open(Severity.STOP).size());
        model.addAttribute("queries", open.review().open(Severity.QUERY).size());
        model.addAttribute("authority", dispatcher.address());
        model.addAttribute(
                "waiting", sent.stream().anyMatch(each -> each.state().isUnderWay()));
        boolean amends = open.kind().isAmended(open.calculation());
        model.addAttribute(
                "standing",
                sent.stream()
                        .anyMatch(
                                each -> !each.state().isEnded() || each.state() == DispatchState.ACCEPTED && !amends));
        return "file/file";
    }

    private static List<Going> going(OpenEngagement open, FilingContent content) {
        List<Going> going = new ArrayList<>();
        for (LineValue value : content.lines()) {
            LineKey key = value.key();
            Line line = open.calculation().plan().line(key.line()).orElseThrow();
            going.add(new Going(
                    line.part().title(), key.toString(), line.caption(), Figure.of(line, key, Optional.of(value))));
        }
        return going;
    }

    @PostMapping("/e/{id}/file/seal")
    ModelAndView seal(@PathVariable long id, @RequestParam long revision, Principal principal, Answers answers) {
        OpenEngagement open = workspace.open(id);
        if (open.revision() != revision) {
            return answers.refuse(
                    HttpStatus.CONFLICT,
                    "The return changed while you reviewed it. Load the page, review it again, then seal.");
        }
        Sealing.Sealed sealed = sealing.seal(open, signature.name(principal));
        return sealed.problem().isEmpty()
                ? new ModelAndView("redirect:/e/" + id + "/file")
                : answers.refuse(HttpStatus.CONFLICT, sealed.problem());
    }

    @PostMapping("/e/{id}/file/send")
    String send(@PathVariable long id, @RequestParam long filing, Principal principal) {
        mine(id, filing).ifPresent(each -> dispatcher.send(each, signature.name(principal)));
        return "redirect:/e/" + id + "/file";
    }

    /** A sealed filing opened again on purpose, before it was sent. */
    @PostMapping("/e/{id}/file/reopen")
    String reopen(@PathVariable long id, @RequestParam long filing, Principal principal, RedirectAttributes flash) {
        mine(id, filing)
                .filter(each -> each.dispatchState() == DispatchState.SEALED)
                .filter(each -> filings.move(
                        each, Filings.Step.to(DispatchState.WITHDRAWN), signature.name(principal), clock.instant()))
                .ifPresent(
                        each -> flash.addFlashAttribute("said", "The filing was opened again and will not be sent."));
        return "redirect:/e/" + id + "/file";
    }

    private Optional<Kept> mine(long engagement, long filing) {
        return filings.find(filing).filter(each -> each.engagement() == engagement);
    }
}
