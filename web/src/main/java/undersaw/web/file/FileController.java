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
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.check.Severity;
import undersaw.engagement.Station;
import undersaw.engagement.TaxpayerNumber;
import undersaw.filing.DispatchState;
import undersaw.filing.Fault;
import undersaw.filing.FilingContent;
import undersaw.form.Line;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.store.Filings;
import undersaw.store.Filings.Kept;
import undersaw.web.desk.Dispatcher;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.SealedReturns;
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
    private final SealedReturns sealedReturns;
    private final Dispatcher dispatcher;
    private final Clock clock;

    FileController(StationPage page, Signature signature, Filings filings, Desk desk) {
        this.page = page;
        this.signature = signature;
        this.filings = filings;
        workspace = desk.workspace();
        sealing = desk.sealing();
        sealedReturns = desk.sealedReturns();
        dispatcher = desk.dispatcher();
        clock = desk.clock();
    }

    /** What this station works with. */
    @Component
    record Desk(
            Workspace workspace, Sealing sealing, SealedReturns sealedReturns, Dispatcher dispatcher, Clock clock) {}

    /** A sealed filing with what the authority says against it, and answers of its that were not believed. */
    public record Sent(Kept filing, DispatchState state, List<Fault> faults, List<String> unbelieved) {}

    /** A figure that stands otherwise now than it was sealed. */
    public record Moved(String line, String caption, String then, String now) {}

    /** A line that will be sent. */
    public record Going(String part, String number, String caption, Figure figure) {}

    @GetMapping("/e/{id}/file")
    String file(@PathVariable long id, Model model, Principal principal) {
        OpenEngagement open = page.open(id, Station.FILE, model);
        FilingContent content = sealing.content(open, signature.name(principal));
        List<Sent> sent = filings.of(id).stream()
                .map(each ->
                        new Sent(each, each.dispatchState(), filings.faults(each.id()), filings.unbelieved(each.id())))
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
        model.addAttribute("amendedBox", open.kind().amendedBox().orElse(null));
        model.addAttribute(
                "moved",
                sent.stream()
                        .filter(each -> each.state().isUnderWay()
                                || each.state() == DispatchState.SEALED
                                || each.state() == DispatchState.ACCEPTED)
                        .findFirst()
                        .map(each -> moved(open, each.filing()))
                        .orElse(List.of()));
        return "file/file";
    }

    private List<Moved> moved(OpenEngagement open, Kept filing) {
        return sealedReturns.moved(filing, open).stream()
                .map(each -> new Moved(
                        each.key().toString(),
                        open.calculation()
                                .plan()
                                .line(each.key().line())
                                .map(Line::caption)
                                .orElse(""),
                        shown(open, each.key(), each.before()),
                        shown(open, each.key(), each.after())))
                .toList();
    }

    private static String shown(OpenEngagement open, LineKey key, String plain) {
        Line line = open.calculation().plan().line(key.line()).orElseThrow();
        if (plain.isEmpty()) {
            return "–";
        }
        if (line.holdsTaxpayerNumber()) {
            return TaxpayerNumber.masked(plain);
        }
        return line.kind().isNumber() ? Figure.text(Money.parse(plain)) : plain;
    }

    /** Every figure as it was sealed, to be looked at beside what stands now. */
    @GetMapping("/e/{id}/file/{filing}/figures")
    ModelAndView figures(@PathVariable long id, @PathVariable long filing, Answers answers) {
        OpenEngagement open = page.open(id, Station.FILE, answers.model());
        Optional<Kept> kept = mine(id, filing);
        Optional<Calculation> sealed = kept.flatMap(each -> sealedReturns.of(each.id()));
        if (sealed.isEmpty()) {
            return answers.refuse(HttpStatus.NOT_FOUND, "There is no such filing of this engagement.");
        }
        List<Moved> all = new ArrayList<>();
        for (LineValue value : sealed.get().printed()) {
            Line line = sealed.get().plan().line(value.key().line()).orElseThrow();
            if (!line.part().isWorksheet()
                    && open.calculation().plan().line(value.key().line()).isPresent()) {
                String now = open.calculation()
                        .value(value.key())
                        .map(each -> each.value().plain())
                        .orElse("");
                all.add(new Moved(
                        value.key().toString(),
                        line.caption(),
                        shown(open, value.key(), value.value().plain()),
                        shown(open, value.key(), now)));
            }
        }
        answers.model().addAttribute("filing", kept.get());
        answers.model().addAttribute("figures", all);
        return answers.view("file/figures");
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
