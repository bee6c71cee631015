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
import undersaw.store.Standings;
import undersaw.store.Standings.Entry;
import undersaw.web.desk.Refreshing;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Signature;

/** The docket: every engagement of the firm by due date, and how a new one is begun. */
@Controller
class DocketController {
    private static final int AT_ONCE = 12;

    private final Workspace workspace;
    private final Standings standings;
    private final Refreshing refreshing;
    private final NewEngagement newEngagement;
    private final Signature signature;
    private final Notes notes;

    DocketController(
            Workspace workspace,
            Standings standings,
            Refreshing refreshing,
            NewEngagement newEngagement,
            Signature signature,
            Notes notes) {
        this.notes = notes;
        this.workspace = workspace;
        this.standings = standings;
        this.refreshing = refreshing;
        this.newEngagement = newEngagement;
        this.signature = signature;
    }

    @GetMapping("/")
    String docket(Model model) {
        Map<Long, Notes.Asked> asked = notes.asked();
        List<DocketRow> rows = standing().stream()
                .map(entry -> DocketRow.of(entry, Optional.ofNullable(asked.get(entry.id())), workspace.today()))
                .sorted()
                .toList();
        model.addAttribute("old", rows.stream().filter(DocketRow::old).count());
        model.addAttribute("rows", rows);
        model.addAttribute("band", YearBand.of(rows, workspace.today()));
        model.addAttribute(
                "states",
                rows.stream().map(DocketRow::state).distinct().sorted().toList());
        return "docket/docket";
    }

    /** A few that are old are looked at on the spot; many are shown as they stood, and looked at beside the work. */
    private List<Entry> standing() {
        List<Entry> entries = standings.all(workspace.today());
        List<Entry> old = entries.stream().filter(entry -> !entry.fresh()).toList();
        List<Entry> now = old.size() <= AT_ONCE
                ? old
                : old.stream().filter(entry -> entry.standing().isEmpty()).toList();
        now.forEach(entry -> workspace.stand(entry.id()));
        if (now.size() < old.size()) {
            refreshing.begin();
        }
        return now.isEmpty() ? entries : standings.all(workspace.today());
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
