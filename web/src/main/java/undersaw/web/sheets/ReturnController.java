package undersaw.web.sheets;

import jakarta.servlet.http.HttpSession;
import java.security.Principal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import undersaw.calc.Calculation;
import undersaw.calc.Lineage;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.Station;
import undersaw.form.Line;
import undersaw.form.Part;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.returns.OpenQuestion;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Refused;
import undersaw.web.desk.Workspace;
import undersaw.web.desk.Workspace.Outcome;
import undersaw.web.frame.Answers;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;
import undersaw.web.lists.ListPage;
import undersaw.web.lists.ListView;

/** Station Return: the sheets, typed figures, and the lineage of every figure. */
@Controller
class ReturnController {
    private static final int USUAL_THRESHOLD = 25;

    private final Workspace workspace;
    private final StationPage page;
    private final Signature signature;
    private final TypedFigure typed;
    private final ListPage lists;

    ReturnController(Workspace workspace, StationPage page, Signature signature, TypedFigure typed, ListPage lists) {
        this.workspace = workspace;
        this.page = page;
        this.signature = signature;
        this.typed = typed;
        this.lists = lists;
    }

    @GetMapping("/e/{id}/return")
    String sheet(
            @PathVariable long id,
            @RequestParam(required = false) @Nullable String sheet,
            @RequestParam(required = false) @Nullable String line,
            @RequestParam(required = false) @Nullable Integer threshold,
            ListView.Look look,
            HttpSession session,
            Model model) {
        OpenEngagement open = page.open(id, Station.RETURN, model);
        Calculation calculation = open.calculation();
        if (threshold != null) {
            session.setAttribute("threshold", Math.max(0, Math.min(100, threshold)));
        }
        Object kept = session.getAttribute("threshold");
        int percent = kept instanceof Integer number ? number : USUAL_THRESHOLD;
        Part part = part(calculation, sheet, line);
        unknown(calculation, sheet, line).ifPresent(words -> model.addAttribute("said", words));
        if (part.isMembersAcross()) {
            MembersSheet.of(calculation, part, look).ifPresent(across -> {
                model.addAttribute("across", across);
                part.roll()
                        .ifPresent(roll -> model.addAttribute(
                                "roll",
                                RollBars.of(calculation, roll, across.members().rows())));
            });
        } else {
            lists.show(open, part, look, model);
        }
        model.addAttribute("questions", OpenQuestion.of(calculation, part).size());
        part.drawn().ifPresent(drawing -> model.addAttribute("years", YearBars.of(calculation, drawing)));
        model.addAttribute("threshold", percent);
        model.addAttribute("sheet", Sheet.of(calculation, part, new Sheet.Threshold(percent), look.isWide()));
        FormsPage.show(calculation, part, model);
        model.addAttribute("inRegisters", isInRegisters(open, part));
        model.addAttribute(
                "origins",
                open.kind().carryoverYears(calculation).stream()
                        .filter(each -> each.worksheet().part().equals(part.code()))
                        .toList());
        key(line)
                .flatMap(key -> Lineage.of(calculation, key).map(each -> LineageView.of(each, key)))
                .ifPresent(view -> model.addAttribute("lineage", view));
        return "sheets/sheet";
    }

    /** Whether a register holds rows that this part's list lacks. */
    private static boolean isInRegisters(OpenEngagement open, Part part) {
        Calculation calculation = open.calculation();
        return open.kind().fromRegisters(calculation).stream()
                .flatMap(change -> change.byKey().keySet().stream())
                .flatMap(key -> calculation.plan().line(key.line()).stream())
                .anyMatch(line -> line.part() == part);
    }

    /** What an address names and the return does not have; absent where it has everything. */
    private static Optional<String> unknown(Calculation calculation, @Nullable String sheet, @Nullable String line) {
        if (line != null
                && key(line).flatMap(key -> calculation.plan().line(key.line())).isEmpty()) {
            return Optional.of("There is no line \"" + line + "\" on this return.");
        }
        boolean known = sheet == null
                || calculation.plan().parts().stream()
                        .anyMatch(part -> part.code().equals(sheet));
        return known ? Optional.empty() : Optional.of("There is no sheet \"" + sheet + "\" on this return.");
    }

    private static Part part(Calculation calculation, @Nullable String sheet, @Nullable String line) {
        Optional<Part> ofLine =
                key(line).flatMap(key -> calculation.plan().line(key.line())).map(Line::part);
        List<Part> parts = calculation.plan().parts();
        return parts.stream()
                .filter(part -> part.code().equals(sheet))
                .findFirst()
                .or(() -> ofLine)
                .orElseGet(() -> parts.stream()
                        .filter(part -> part.code().equals("1"))
                        .findFirst()
                        .orElse(parts.get(0)));
    }

    private static Optional<LineKey> key(@Nullable String text) {
        if (text == null) {
            return Optional.empty();
        }
        int at = text.indexOf('@');
        return LineId.isShaped(at < 0 ? text : text.substring(0, at))
                ? Optional.of(LineKey.parse(text))
                : Optional.empty();
    }

    @GetMapping("/e/{id}/lineage")
    ModelAndView lineage(@PathVariable long id, @RequestParam String line, Answers answers) {
        OpenEngagement open = page.open(id, Station.RETURN, answers.model());
        Optional<LineageView> view =
                key(line).flatMap(key -> Lineage.of(open.calculation(), key).map(each -> LineageView.of(each, key)));
        if (view.isEmpty()) {
            return answers.refuse(HttpStatus.NOT_FOUND, "There is no line \"" + line + "\" on this return.");
        }
        answers.model().addAttribute("lineage", view.get());
        return answers.view("sheets/lineage :: drawer");
    }

    /** A figure typed, changed or taken away. */
    @PostMapping("/e/{id}/return/line")
    ModelAndView type(@PathVariable long id, TypedFigure.Typing typing, Principal principal, Answers answers) {
        AtomicReference<LineKey> typedAt = new AtomicReference<>();
        Outcome outcome = workspace.change(id, signature.name(principal), open -> {
            TypedFigure.Checked checked = typed.check(open, typing);
            if (!checked.problem().isEmpty()) {
                throw new Refused(checked.status(), checked.problem());
            }
            typedAt.set(checked.key());
            Map<LineKey, @Nullable Fact> facts = new HashMap<>();
            facts.put(checked.key(), checked.fact(signature.of(principal)));
            boolean same = open.snapshot()
                    .fact(checked.key())
                    .map(Fact::value)
                    .orElse("")
                    .equals(checked.value());
            return same && typing.reason() == null ? null : new Change.FactsSet(facts);
        });
        return answer(outcome, typedAt.get(), answers);
    }

    /** Takes back the last change and says which it was; another person's only where that is asked for. */
    @PostMapping("/e/{id}/undo")
    ModelAndView undo(
            @PathVariable long id,
            @RequestParam(defaultValue = "false") boolean others,
            Principal principal,
            Answers answers,
            RedirectAttributes flash) {
        Optional<Workspace.Undone> undone = workspace.undo(id, signature.name(principal), others);
        return undone.isEmpty()
                ? answers.refuse(HttpStatus.CONFLICT, "There is no change of this session to take back.")
                : said("Taken back: " + words(undone.get(), principal), id, answers, flash);
    }

    /** Makes the change again that was taken back last. */
    @PostMapping("/e/{id}/redo")
    ModelAndView redo(@PathVariable long id, Principal principal, Answers answers, RedirectAttributes flash) {
        Optional<Workspace.Undone> redone = workspace.redo(id, signature.name(principal));
        return redone.isEmpty()
                ? answers.refuse(
                        HttpStatus.CONFLICT,
                        "There is nothing to make again: nothing was taken back, or something was changed since.")
                : said("Made again: " + words(redone.get(), principal), id, answers, flash);
    }

    private String words(Workspace.Undone change, Principal principal) {
        boolean own = change.person().equals(signature.name(principal));
        return change.what() + (own ? "." : ", which was " + change.person() + "'s.");
    }

    private static ModelAndView said(String words, long id, Answers answers, RedirectAttributes flash) {
        if (answers.isPartial()) {
            answers.model().addAttribute("message", words);
            return answers.view("fragments/refusal :: refusal");
        }
        flash.addFlashAttribute("said", words);
        return new ModelAndView("redirect:/e/" + id + "/return");
    }

    private static Station station(Outcome outcome, LineKey key) {
        return outcome.after()
                .calculation()
                .plan()
                .line(key.line())
                .map(line -> line.part().station())
                .orElse(Station.RETURN);
    }

    private ModelAndView answer(Outcome outcome, LineKey key, Answers answers) {
        if (!answers.isPartial()) {
            String engagement = "/e/" + outcome.after().id();
            String from = answers.request().getHeader("Referer");
            boolean atCheck = from != null && from.endsWith(engagement + "/check");
            return new ModelAndView("redirect:" + engagement + (atCheck ? "/check" : "/return?line=" + key));
        }
        page.changed(outcome, station(outcome, key), answers.model());
        Lineage.of(outcome.after().calculation(), key)
                .map(each -> LineageView.of(each, key))
                .ifPresent(view -> answers.model().addAttribute("lineage", view));
        answers.model()
                .addAttribute("edited", StationPage.figure(outcome.after().calculation(), key));
        lists.foot(outcome.after(), key, answers.model());
        return answers.view("sheets/changes :: changes");
    }
}
