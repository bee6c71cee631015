package undersaw.web.check;

import java.security.Principal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import undersaw.check.Diagnostic;
import undersaw.check.Review;
import undersaw.check.Severity;
import undersaw.engagement.Change;
import undersaw.engagement.SetAside;
import undersaw.engagement.Station;
import undersaw.store.Notes;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Answers;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;
import undersaw.web.frame.TieBars;

/** Station Check: diagnostics in three severities, and the tie-outs. */
@Controller
class CheckController {
    private static final int SHORTEST_REASON = 3;
    private static final int LONGEST_REASON = 400;

    private final Workspace workspace;
    private final StationPage page;
    private final Signature signature;
    private final Notes notes;

    CheckController(Workspace workspace, StationPage page, Signature signature, Notes notes) {
        this.notes = notes;
        this.workspace = workspace;
        this.page = page;
        this.signature = signature;
    }

    private static final int MOST_SHOWN = 40;

    /** Findings of one severity: the first of them, and how many there are. */
    public record Group(String severity, String title, List<Finding> shown, int count) {}

    @GetMapping("/e/{id}/check")
    String check(@PathVariable long id, Model model) {
        OpenEngagement open = page.open(id, Station.CHECK, model);
        model.addAttribute(
                "groups",
                List.of(
                        group(open, Severity.STOP, "Stops, which block filing"),
                        group(open, Severity.QUERY, "Queries, which need an answer"),
                        group(open, Severity.NOTE, "Notes, worth knowing")));
        model.addAttribute("setAside", Finding.of(open, open.review().setAside()));
        model.addAttribute(
                "asked", notes.of(id).stream().filter(Notes.Note::isAwaited).toList());
        model.addAttribute(
                "ties", TieBars.of(id, open.calculation(), open.review().tieOuts()));
        return "check/check";
    }

    private static Group group(OpenEngagement open, Severity severity, String title) {
        List<Diagnostic> found = open.review().open(severity);
        List<Diagnostic> first = found.subList(0, Math.min(MOST_SHOWN, found.size()));
        return new Group(severity.word(), title, Finding.of(open, first), found.size());
    }

    @PostMapping("/e/{id}/check/set-aside")
    ModelAndView setAside(
            @PathVariable long id,
            @RequestParam String key,
            @RequestParam String reason,
            Principal principal,
            Answers answers) {
        String why = reason.strip();
        Review review = workspace.open(id).review();
        Optional<Diagnostic> diagnostic = Stream.of(Severity.QUERY, Severity.STOP)
                .flatMap(severity -> review.open(severity).stream())
                .filter(each -> each.isAnswerable() && each.key().equals(key))
                .findFirst();
        if (diagnostic.isEmpty()) {
            return answers.refuse(
                    HttpStatus.CONFLICT,
                    "This is no open query any more. Only queries, and what the authority rejected, can be answered "
                            + "with a reason; other stops cannot.");
        }
        if (why.length() < SHORTEST_REASON || why.length() > LONGEST_REASON) {
            return answers.refuse(HttpStatus.UNPROCESSABLE_CONTENT, "Give a reason, up to 400 characters.");
        }
        SetAside aside =
                new SetAside(why, signature.of(principal), diagnostic.get().message());
        workspace.change(id, signature.name(principal), open -> new Change.QuerySetAside(key, aside));
        return new ModelAndView("redirect:/e/" + id + "/check");
    }

    @PostMapping("/e/{id}/check/reopen")
    String reopen(@PathVariable long id, @RequestParam String key, Principal principal) {
        workspace.change(id, signature.name(principal), open -> new Change.QuerySetAside(key, null));
        return "redirect:/e/" + id + "/check";
    }
}
