package undersaw.web.books;

import java.security.Principal;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import undersaw.engagement.Change;
import undersaw.engagement.Heading;
import undersaw.engagement.Station;
import undersaw.returns.ActivityCodes;
import undersaw.returns.PostalCodes;
import undersaw.store.StagedFiles;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Refused;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;

/** Station Books: the client's facts, and the trial balance with its staged import. */
@Controller
class BooksController {
    private final Workspace workspace;
    private final StagedFiles staged;
    private final StationPage station;
    private final Signature signature;

    BooksController(Workspace workspace, StagedFiles staged, StationPage station, Signature signature) {
        this.workspace = workspace;
        this.staged = staged;
        this.station = station;
        this.signature = signature;
    }

    @GetMapping("/e/{id}/books")
    String books(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "1") int page,
            Model model) {
        OpenEngagement open = station.open(id, Station.BOOKS, model);
        model.addAttribute("books", BooksView.of(open, q, page));
        model.addAttribute("missing", Missing.of(open));
        model.addAttribute("waiting", staged.find(id, StagedFiles.BOOKS).isPresent());
        return "books/books";
    }

    @GetMapping("/e/{id}/books/client")
    String client(@PathVariable long id, Model model) {
        OpenEngagement open = station.open(id, Station.BOOKS, model);
        model.addAttribute("form", ClientForm.of(open.heading()));
        model.addAttribute("was", Refused.seen(open.heading()));
        return "books/client";
    }

    @PostMapping("/e/{id}/books/client")
    String save(
            @PathVariable long id,
            @ModelAttribute("form") ClientForm form,
            BindingResult problems,
            @RequestParam(defaultValue = "") String was,
            Model model,
            Principal principal,
            RedirectAttributes flash) {
        form.problems(workspace.open(id).heading().client().address().country())
                .forEach((field, message) -> problems.rejectValue(field, "", message));
        if (!problems.hasErrors()) {
            try {
                workspace.change(id, signature.name(principal), open -> {
                    Heading now = open.heading();
                    Refused.unlessSeen(
                            was,
                            now,
                            "Somebody changed these facts while you were typing. What stands now is "
                                    + now.client().name() + ", "
                                    + now.client().number().printed() + ", "
                                    + now.client().address().line1()
                                    + ". Yours was not saved: keep theirs by leaving this page, or "
                                    + "save yours over it.");
                    return new Change.HeadingSet(form.heading(now));
                });
            } catch (Refused refused) {
                problems.reject("", refused.words());
            }
        }
        if (problems.hasErrors()) {
            station.open(id, Station.BOOKS, model);
            model.addAttribute("was", Refused.seen(workspace.open(id).heading()));
            return "books/client";
        }
        flash.addFlashAttribute("said", "The client's facts are saved.");
        return "redirect:/e/" + id + "/books/client";
    }

    /** The town and state of a ZIP code; nothing for one that is not listed. */
    @GetMapping("/postal-codes")
    @ResponseBody
    Map<String, String> place(@RequestParam String zip) {
        return PostalCodes.place(zip)
                .map(place -> Map.of("town", place.town(), "state", place.state()))
                .orElse(Map.of());
    }

    @GetMapping("/activity-codes")
    @ResponseBody
    Map<String, String> codes(@RequestParam String q) {
        return q.isBlank() ? Map.of() : ActivityCodes.find(q);
    }
}
