package undersaw.web.docket;

import java.io.IOException;
import java.security.Principal;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import undersaw.engagement.ChangeWords;
import undersaw.engagement.Client;
import undersaw.engagement.Heading;
import undersaw.engagement.Snapshot;
import undersaw.engagement.WholeSnapshot;
import undersaw.files.FileFault;
import undersaw.files.folder.EngagementFolder;
import undersaw.files.folder.ReadFolder;
import undersaw.store.AuditTrail;
import undersaw.store.Engagements;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Signature;

/** An engagement that was made elsewhere comes in as a zip of its folder, whole or not at all. */
@Controller
class FolderController {
    private static final long LARGEST = 50_000_000;

    private final Workspace workspace;
    private final Engagements engagements;
    private final Trail trail;
    private final Signature signature;

    FolderController(Workspace workspace, Engagements engagements, AuditTrail lines, Clock clock, Signature signature) {
        this.workspace = workspace;
        this.engagements = engagements;
        this.signature = signature;
        trail = new Trail(lines, clock);
    }

    /** Where it is written down what came in, by whom and when. */
    private record Trail(AuditTrail lines, Clock clock) {
        void came(long id, String person, String file) {
            lines.note(
                    new AuditTrail.Origin(id, 2, person, clock.instant()),
                    new ChangeWords("Folder taken in", "", file));
        }
    }

    @PostMapping("/engagements/folder")
    ModelAndView bring(@RequestParam MultipartFile file, Principal principal, Model model, RedirectAttributes flash)
            throws IOException {
        String name = file.getOriginalFilename() == null ? "the file" : file.getOriginalFilename();
        if (file.isEmpty() || file.getSize() > LARGEST) {
            return refused(model, name, List.of("Choose the zip of an engagement folder, up to 50 million bytes."));
        }
        ReadFolder read = EngagementFolder.readZip(file.getBytes());
        if (read.engagement().isEmpty()) {
            return refused(
                    model, name, read.faults().stream().map(FileFault::toString).toList());
        }
        Snapshot snapshot = read.engagement().get();
        Heading heading = snapshot.heading();
        Optional<String> stands = standing(heading);
        if (stands.isPresent()) {
            return refused(model, name, List.of(stands.get()));
        }
        Optional<Client> known = engagements.client(heading.client().number().digits());
        Heading ours = known.map(client ->
                        new Heading(heading.form(), client, heading.period(), heading.method(), heading.flags()))
                .orElse(heading);
        String person = signature.name(principal);
        long id;
        try {
            id = workspace.begin(ours, person, fresh -> WholeSnapshot.put(snapshot.withHeading(ours)));
        } catch (DuplicateKeyException twice) {
            return refused(model, name, List.of("This engagement was begun a moment ago; it stands on the docket."));
        }
        trail.came(id, person, name);
        flash.addFlashAttribute(
                "said",
                "The folder is taken in: " + snapshot.accounts().size() + " accounts, "
                        + snapshot.facts().size() + " typed figures."
                        + (known.isPresent() ? " The client's facts are those that the firm has." : ""));
        return new ModelAndView("redirect:/e/" + id + "/books");
    }

    /** Why the engagement cannot be begun; absent where it can. */
    private Optional<String> standing(Heading heading) {
        Client client = heading.client();
        Optional<Client> known = engagements.client(client.number().digits());
        if (known.isPresent() && !known.get().name().equals(client.name())) {
            return Optional.of("The folder's number " + client.number().masked() + " belongs to "
                    + known.get().name() + " here, and the folder names " + client.name()
                    + ". Check number and name in engagement.json.");
        }
        return engagements
                .overlapping(
                        client.number().digits(),
                        heading.form(),
                        heading.period().start(),
                        heading.period().end())
                .map(id -> "There is an engagement for " + client.name() + ", Form " + heading.form()
                        + " and this period already. Nothing was changed; open it from the docket.");
    }

    private static ModelAndView refused(Model model, String name, List<String> faults) {
        model.addAttribute("name", name);
        model.addAttribute("faults", faults);
        ModelAndView page = new ModelAndView("docket/folder", model.asMap());
        page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        return page;
    }
}
