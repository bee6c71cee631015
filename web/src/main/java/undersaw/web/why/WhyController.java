package undersaw.web.why;

import java.security.Principal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import undersaw.calc.Movement;
import undersaw.engagement.Station;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.returns.WhyMoved;
import undersaw.store.AuditTrail;
import undersaw.store.Movements;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.StationPage;

/** Why figures changed, since last year or since a revision, in order of cause. */
@Controller
class WhyController {
    private static final String LAST_YEAR = "year";
    private static final int REVISIONS = 60;

    private final Workspace workspace;
    private final StationPage page;
    private final Movements movements;
    private final AuditTrail trail;
    private final Marks marks;

    WhyController(Workspace workspace, StationPage page, Movements movements, AuditTrail trail, Marks marks) {
        this.marks = marks;
        this.workspace = workspace;
        this.page = page;
        this.movements = movements;
        this.trail = trail;
    }

    /** A time that the present can be compared with. */
    public record Since(String value, String words) {}

    @GetMapping("/e/{id}/why")
    String why(
            @PathVariable long id,
            @RequestParam(required = false) @Nullable String since,
            @RequestParam(required = false) @Nullable String line,
            Principal principal,
            Model model) {
        OpenEngagement open = page.open(id, Station.RETURN, model);
        Optional<OpenEngagement> lastYear = workspace.lastYear(id);
        List<AuditTrail.Line> changes = changes(id);
        Optional<LineId> target = Optional.ofNullable(line)
                .filter(LineId::isShaped)
                .map(LineId::of)
                .filter(each -> open.calculation().plan().line(each).isPresent());
        List<Since> shown = marks.of(open, changes, principal.getName());
        boolean wantsYear = since == null || since.equals(LAST_YEAR) || !since.matches("\\d{1,9}");
        String chosen = wantsYear && lastYear.isPresent()
                ? LAST_YEAR
                : wantsYear ? firstRevision(changes) : String.valueOf(since);
        model.addAttribute("marks", shown);
        model.addAttribute("choices", WhyView.choices(lastYear, changes));
        model.addAttribute("since", chosen);
        model.addAttribute("target", target.map(LineId::text).orElse(null));
        model.addAttribute(
                "targetWords",
                target.flatMap(open.calculation().plan()::line)
                        .map(each -> each.id() + ", " + each.caption())
                        .orElse(null));
        if (chosen.equals(LAST_YEAR)) {
            sinceLastYear(open, lastYear.orElseThrow(), target, model);
        } else {
            sinceRevision(open, Long.parseLong(chosen), target, changes, model);
        }
        return "why/why";
    }

    private static void sinceLastYear(
            OpenEngagement open, OpenEngagement lastYear, Optional<LineId> target, Model model) {
        List<WhyMoved> all = WhyMoved.between(lastYear.calculation(), open.calculation());
        model.addAttribute(
                "rows",
                WhyView.rows(target.map(each -> WhyMoved.behind(each, all)).orElse(all)));
    }

    private void sinceRevision(
            OpenEngagement open, long revision, Optional<LineId> target, List<AuditTrail.Line> changes, Model model) {
        List<Movement> net = movements.since(open.id(), revision);
        Set<LineKey> stayed = net.stream().map(Movement::key).collect(Collectors.toSet());
        model.addAttribute("net", WhyView.net(open, target, net));
        model.addAttribute(
                "steps",
                changes.stream()
                        .filter(each -> each.revision() > revision)
                        .map(each -> WhyView.step(
                                open,
                                target,
                                each,
                                // what ends where it began is no news, whatever it did on the way
                                movements.of(open.id(), each.revision()).stream()
                                        .filter(moved -> stayed.contains(moved.key()))
                                        .toList()))
                        .filter(each -> !each.moved().isEmpty())
                        .toList());
    }

    /** One line a revision: the change that made it, without what was sealed, filed or taken out of it later. */
    private List<AuditTrail.Line> changes(long id) {
        Map<Long, AuditTrail.Line> byRevision = new LinkedHashMap<>();
        trail.of(id).stream()
                .filter(each -> each.revision() > 1)
                .forEach(each -> byRevision.put(each.revision(), each));
        return byRevision.values().stream().limit(REVISIONS).toList();
    }

    private static String firstRevision(List<AuditTrail.Line> changes) {
        return changes.isEmpty()
                ? "0"
                : String.valueOf(changes.get(changes.size() - 1).revision() - 1);
    }
}
