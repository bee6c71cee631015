package undersaw.web.docket;

import java.security.Principal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import undersaw.registry.Returns;
import undersaw.store.Notes;
import undersaw.web.desk.Progress;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Signature;

/** The docket: every engagement of the firm by due date, and how a new one is begun. */
@Controller
class DocketController {
    private final Workspace workspace;
    private final Progress.Teller progress;
    private final NewEngagement newEngagement;
    private final Signature signature;
    private final Notes notes;

    DocketController(
            Workspace workspace,
            Progress.Teller progress,
            NewEngagement newEngagement,
            Signature signature,
            Notes notes) {
        this.notes = notes;
        this.workspace = workspace;
        this.progress = progress;
        this.newEngagement = newEngagement;
        this.signature = signature;
    }

    @GetMapping("/")
    String docket(Model model) {
        Map<Long, Notes.Asked> asked = notes.asked();
        List<DocketRow> rows = workspace.all().stream()
                .map(open -> DocketRow.of(
                        open, progress.of(open), Optional.ofNullable(asked.get(open.id())), workspace.today()))
                .sorted()
                .toList();
        model.addAttribute("rows", rows);
        model.addAttribute("band", YearBand.of(rows, workspace.today()));
        model.addAttribute(
                "states",
                rows.stream().map(DocketRow::state).distinct().sorted().toList());
        return "docket/docket";
    }

    @GetMapping("/engagements/new")
    String blank(Model model) {
        model.addAttribute("form", NewEngagementForm.blank());
        model.addAttribute("kinds", Returns.all());
        return "docket/new";
    }

    @PostMapping("/engagements")
    String begin(
            @ModelAttribute("form") NewEngagementForm form, BindingResult problems, Principal principal, Model model) {
        model.addAttribute("kinds", Returns.all());
        NewEngagement.Checked checked = newEngagement.check(form);
        checked.problems().forEach((field, message) -> problems.rejectValue(field, "", message));
        if (checked.heading() == null) {
            return "docket/new";
        }
        try {
            return "redirect:/e/" + workspace.begin(checked.heading(), signature.name(principal)) + "/books";
        } catch (DuplicateKeyException twice) {
            problems.rejectValue("year", "", "This engagement was begun a moment ago; it stands on the docket.");
            return "docket/new";
        }
    }
}
