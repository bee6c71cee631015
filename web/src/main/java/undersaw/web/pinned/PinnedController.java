package undersaw.web.pinned;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.security.Principal;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;
import undersaw.engagement.Station;
import undersaw.store.Attachments;
import undersaw.store.Attachments.Attachment;
import undersaw.store.Notes;
import undersaw.store.Vault;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Answers;
import undersaw.web.frame.Download;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;

/** Notes and files of an engagement: pinned, settled, attached, handed out, taken off. */
@Controller
class PinnedController {
    private static final int LONGEST_NOTE = 2000;
    private static final long LARGEST = 20_000_000;
    private static final int HEAD = 4000;

    private final Kept kept;
    private final Workspace workspace;
    private final StationPage page;
    private final Signature signature;

    PinnedController(Kept kept, Workspace workspace, StationPage page, Signature signature) {
        this.kept = kept;
        this.workspace = workspace;
        this.page = page;
        this.signature = signature;
    }

    /** Where notes and files are kept. */
    @Component
    record Kept(Notes notes, Attachments attachments, Vault vault, Pinned pinned) {}

    @GetMapping("/e/{id}/books/notes")
    String all(@PathVariable long id, Model model) {
        page.open(id, Station.BOOKS, model);
        model.addAttribute("notes", kept.notes().of(id));
        model.addAttribute("files", kept.attachments().of(id));
        kept.pinned().show(id, "engagement", model);
        return "books/notes";
    }

    /** The notes and files of one place on a page of their own. */
    @GetMapping("/e/{id}/pinned")
    ModelAndView at(@PathVariable long id, @RequestParam String place, Answers answers) {
        if (answers.isPartial()) {
            return answer(id, place, null, answers);
        }
        page.open(id, Station.BOOKS, answers.model());
        kept.pinned().show(id, place, answers.model());
        return answers.view("pinned/page");
    }

    @PostMapping("/e/{id}/notes")
    ModelAndView pin(
            @PathVariable long id,
            @RequestParam String place,
            @RequestParam String words,
            @RequestParam(defaultValue = "false") boolean asks,
            @RequestParam(required = false) @Nullable String back,
            Principal principal,
            Answers answers) {
        workspace.open(id);
        if (words.isBlank() || words.length() > LONGEST_NOTE) {
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT, "A note has one to " + LONGEST_NOTE + " characters.");
        }
        if (asks) {
            kept.notes().ask(id, new Notes.Request(place, words.strip(), signature.of(principal)), workspace.today());
        } else {
            kept.notes().pin(id, place, words.strip(), signature.of(principal));
        }
        return answer(id, place, back, answers);
    }

    @PostMapping("/e/{id}/notes/settle")
    ModelAndView settle(
            @PathVariable long id,
            @RequestParam long note,
            @RequestParam String place,
            @RequestParam(defaultValue = "false") boolean reopen,
            @RequestParam(required = false) @Nullable String back,
            Principal principal,
            Answers answers) {
        kept.notes().settle(id, note, reopen ? "" : signature.of(principal));
        return answer(id, place, back, answers);
    }

    @PostMapping("/e/{id}/files")
    ModelAndView attach(
            @PathVariable long id,
            @RequestParam String place,
            @RequestParam MultipartFile file,
            @RequestParam(required = false) @Nullable String back,
            Principal principal,
            Answers answers)
            throws IOException {
        workspace.open(id);
        String given = file.getOriginalFilename() == null ? "" : file.getOriginalFilename();
        String name = given.substring(given.replace('\\', '/').lastIndexOf('/') + 1);
        if (file.isEmpty() || file.getSize() > LARGEST) {
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "\"" + name + "\" is " + (file.isEmpty() ? "empty" : "larger than 20 million bytes")
                            + ". Choose another file.");
        }
        try (InputStream bytes = new BufferedInputStream(file.getInputStream(), HEAD * 2)) {
            bytes.mark(HEAD);
            Optional<String> type = FileType.of(name, bytes.readNBytes(HEAD));
            if (type.isEmpty()) {
                return answers.refuse(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "\"" + name + "\" is not of a kind that is kept here: PDF, PNG, JPEG, XLSX, DOCX, ODS, "
                                + "CSV, TXT or XML, by its content and not only by its name.");
            }
            bytes.reset();
            String digest = kept.vault().keep(bytes);
            kept.attachments()
                    .add(
                            id,
                            new Attachment(
                                    0, place, name, type.get(), file.getSize(), digest, signature.of(principal)));
        }
        return answer(id, place, back, answers);
    }

    @GetMapping("/e/{id}/files/{file}")
    ResponseEntity<byte[]> hand(@PathVariable long id, @PathVariable long file) throws IOException {
        Optional<Attachment> found = kept.attachments().find(id, file);
        if (found.isEmpty()) {
            return ResponseEntity.notFound().build();
        }
        byte[] bytes = Files.readAllBytes(kept.vault().path(found.get().digest()));
        return Download.named(found.get().file(), found.get().type(), bytes);
    }

    @PostMapping("/e/{id}/files/remove")
    ModelAndView remove(
            @PathVariable long id,
            @RequestParam long file,
            @RequestParam String place,
            @RequestParam(required = false) @Nullable String back,
            Answers answers) {
        kept.attachments().remove(id, file);
        return answer(id, place, back, answers);
    }

    /** Back to the page it came from, or only the pinned part where script asked. */
    private ModelAndView answer(long id, String place, @Nullable String back, Answers answers) {
        if (answers.isPartial()) {
            answers.model().addAttribute("open", workspace.open(id));
            kept.pinned().show(id, place, answers.model());
            return answers.view("pinned/pinned :: pinned");
        }
        boolean own = back != null && back.startsWith("/e/" + id + "/") && !back.contains("//");
        return new ModelAndView("redirect:"
                + (own ? back : "/e/" + id + "/pinned?place=" + URLEncoder.encode(place, StandardCharsets.UTF_8)));
    }
}
