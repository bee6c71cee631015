package undersaw.web.asked;

import java.security.Principal;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import undersaw.engagement.Station;
import undersaw.files.sheet.TableFile;
import undersaw.store.Notes;
import undersaw.store.Notes.Note;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Answers;
import undersaw.web.frame.Download;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;

/** Station Books: the client is asked for something, it comes, or it is asked for again; a list to print or send. */
@Controller
class AskedController {
    private static final int LONGEST = 2000;

    private final Workspace workspace;
    private final Notes notes;
    private final StationPage page;
    private final Signature signature;

    AskedController(Workspace workspace, Notes notes, StationPage page, Signature signature) {
        this.workspace = workspace;
        this.notes = notes;
        this.page = page;
        this.signature = signature;
    }

    @GetMapping("/e/{id}/books/asked")
    String asked(@PathVariable long id, Model model, Principal principal) {
        OpenEngagement open = page.open(id, Station.BOOKS, model);
        List<Note> all = all(id);
        model.addAttribute("awaited", all.stream().filter(Note::isAwaited).toList());
        model.addAttribute(
                "come", all.stream().filter(note -> !note.isAwaited()).toList());
        model.addAttribute("letter", AskedLetter.of(open, all, signature.name(principal)));
        return "asked/asked";
    }

    private List<Note> all(long id) {
        return notes.of(id).stream().filter(Note::asks).toList();
    }

    @PostMapping("/e/{id}/books/asked")
    ModelAndView ask(
            @PathVariable long id,
            @RequestParam String words,
            @RequestParam(defaultValue = "engagement") String place,
            Principal principal,
            Answers answers) {
        workspace.open(id);
        if (words.isBlank() || words.length() > LONGEST) {
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Say in up to " + LONGEST + " characters what the client is to give.");
        }
        notes.ask(id, new Notes.Request(place, words.strip(), signature.of(principal)), workspace.today());
        return new ModelAndView("redirect:/e/" + id + "/books/asked");
    }

    @PostMapping("/e/{id}/books/asked/came")
    String came(@PathVariable long id, @RequestParam long note, RedirectAttributes flash) {
        notes.came(id, note, workspace.today());
        flash.addFlashAttribute("said", "Written down: it came today.");
        return "redirect:/e/" + id + "/books/asked";
    }

    @PostMapping("/e/{id}/books/asked/again")
    String again(@PathVariable long id, @RequestParam long note, RedirectAttributes flash) {
        notes.askAgain(id, note, workspace.today());
        flash.addFlashAttribute("said", "Written down: asked for again today.");
        return "redirect:/e/" + id + "/books/asked";
    }

    /** The list as a table, to be sent along. */
    @GetMapping("/e/{id}/books/asked.{ending:csv|xlsx}")
    ResponseEntity<byte[]> save(@PathVariable long id, @PathVariable String ending) {
        OpenEngagement open = workspace.open(id);
        List<List<Object>> rows = all(id).stream()
                .map(note -> List.<Object>of(note.words(), note.askedOn(), note.cameOn()))
                .toList();
        return Download.of(
                open.heading(),
                "asked-of-the-client",
                ending,
                new TableFile("Asked of the client", List.of("What", "Asked on", "Came on"), rows, List.of()));
    }
}
