package undersaw.web.sheets;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import undersaw.calc.Calculation;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.Station;
import undersaw.line.LineKey;
import undersaw.returns.OpenQuestion;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;

/** Station Return: the open questions of a part answered with no at once, after showing which they are. */
@Controller
class QuestionsController {
    private final Workspace workspace;
    private final StationPage page;
    private final Signature signature;

    QuestionsController(Workspace workspace, StationPage page, Signature signature) {
        this.workspace = workspace;
        this.page = page;
        this.signature = signature;
    }

    /** A question as the page shows it. */
    public record Asked(String number, String words, String keptOpen) {
        static Asked of(OpenQuestion question) {
            return new Asked(question.line().id().within(), question.line().caption(), question.keptOpen());
        }
    }

    private static List<OpenQuestion> open(Calculation year, String sheet) {
        return year.plan().parts().stream()
                .filter(part -> part.code().equals(sheet))
                .flatMap(part -> OpenQuestion.of(year, part).stream())
                .toList();
    }

    @GetMapping("/e/{id}/return/rest-no")
    String show(@PathVariable long id, @RequestParam String sheet, Model model) {
        OpenEngagement open = page.open(id, Station.RETURN, model);
        List<Asked> all =
                open(open.calculation(), sheet).stream().map(Asked::of).toList();
        model.addAttribute("sheet", sheet);
        model.addAttribute(
                "answered",
                all.stream().filter(each -> each.keptOpen().isEmpty()).toList());
        model.addAttribute(
                "kept", all.stream().filter(each -> !each.keptOpen().isEmpty()).toList());
        return "sheets/rest-no";
    }

    @PostMapping("/e/{id}/return/rest-no")
    String answer(@PathVariable long id, @RequestParam String sheet, Principal principal, RedirectAttributes flash) {
        workspace.change(id, signature.name(principal), now -> {
            Map<LineKey, @Nullable Fact> facts = new TreeMap<>();
            open(now.calculation(), sheet).stream()
                    .filter(question -> question.keptOpen().isEmpty())
                    .forEach(question -> facts.put(
                            question.line().id().alone(),
                            new Fact("no", "", signature.of(principal) + ", with the rest")));
            flash.addFlashAttribute("said", facts.size() + " questions answered with no.");
            return facts.isEmpty() ? null : new Change.FactsSet(facts);
        });
        return "redirect:/e/" + id + "/return?sheet=" + URLEncoder.encode(sheet, StandardCharsets.UTF_8);
    }
}
