package undersaw.web.sheets;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import undersaw.calc.Calculation;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.line.LineKey;
import undersaw.returns.PartNeed;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Answers;
import undersaw.web.frame.Signature;

/** A form is added to the return, or taken off while nothing feeds it. */
@Controller
class FormsController {
    private final Workspace workspace;
    private final Signature signature;

    FormsController(Workspace workspace, Signature signature) {
        this.workspace = workspace;
        this.signature = signature;
    }

    @PostMapping("/e/{id}/return/form")
    ModelAndView change(
            @PathVariable long id,
            @RequestParam String part,
            @RequestParam boolean on,
            Principal principal,
            Answers answers) {
        Calculation calculation = workspace.open(id).calculation();
        Optional<PartNeed> need = PartNeed.of(calculation).stream()
                .filter(each ->
                        each.part().code().equals(part) && each.part().added().isPresent())
                .findFirst();
        if (need.isEmpty()) {
            return answers.refuse(HttpStatus.NOT_FOUND, "No form \"" + part + "\" can be added to this return.");
        }
        if (!on && !need.get().isRemovable()) {
            return answers.refuse(
                    HttpStatus.CONFLICT,
                    need.get().part().title() + " is fed by "
                            + need.get().feeds().stream()
                                    .map(PartNeed.Feed::words)
                                    .findFirst()
                                    .orElse("nothing you added")
                            + ". Take that away first.");
        }
        LineKey box = need.get().part().added().orElseThrow().id().alone();
        Map<LineKey, @Nullable Fact> facts = new HashMap<>();
        facts.put(box, on ? new Fact("yes", "", signature.of(principal)) : null);
        workspace.change(id, signature.name(principal), open -> new Change.FactsSet(facts));
        return new ModelAndView("redirect:/e/" + id + "/return"
                + (on ? "?sheet=" + URLEncoder.encode(part, StandardCharsets.UTF_8) : ""));
    }

    /** Rows of the return's own lists, taken from a register that holds them. */
    @PostMapping("/e/{id}/return/from-registers")
    ModelAndView fromRegisters(@PathVariable long id, @RequestParam String sheet, Principal principal) {
        workspace.change(
                id,
                signature.name(principal),
                open -> open.kind().fromRegisters(open.calculation()).orElse(null));
        return new ModelAndView(
                "redirect:/e/" + id + "/return?sheet=" + URLEncoder.encode(sheet, StandardCharsets.UTF_8));
    }
}
