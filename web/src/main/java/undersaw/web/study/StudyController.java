package undersaw.web.study;

import java.security.Principal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.Heading;
import undersaw.engagement.NumbersShown;
import undersaw.engagement.Snapshot;
import undersaw.engagement.Station;
import undersaw.files.pdf.StudyPdf;
import undersaw.law.Law;
import undersaw.law.calendar.Period;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.registry.Returns;
import undersaw.returns.ReturnKind;
import undersaw.study.EntityComparison;
import undersaw.study.Kind;
import undersaw.study.Translation;
import undersaw.study.Unplaced;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Refused;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Download;
import undersaw.web.frame.Exports;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;

/** Kinds of entity compared, and copies of an engagement as another kind, under another year's law, or to change. */
@Controller
class StudyController {
    private static final int LONGEST_NAME = 60;

    private final Workspace workspace;
    private final StationPage page;
    private final Signature signature;
    private final Exports exports;

    StudyController(Workspace workspace, StationPage page, Signature signature, Exports exports) {
        this.workspace = workspace;
        this.page = page;
        this.signature = signature;
        this.exports = exports;
    }

    @GetMapping("/e/{id}/study")
    String study(@PathVariable long id, Model model) {
        OpenEngagement open = page.open(id, Station.RETURN, model);
        if (Kind.of(open.heading().form()).isEmpty()) {
            return "redirect:/e/" + id + "/return";
        }
        model.addAttribute("view", StudyView.of(open));
        model.addAttribute("kinds", Kind.values());
        model.addAttribute("years", years(open));
        model.addAttribute("studies", workspace.studies(id));
        open.kept()
                .studyOf()
                .ifPresent(original -> model.addAttribute(
                        "unplaced",
                        Unplaced.of(open.calculation(), workspace.open(original).calculation())));
        return "study/study";
    }

    private static List<Integer> years(OpenEngagement open) {
        int own = open.heading().period().lawYear();
        return IntStream.rangeClosed(Law.FIRST_YEAR, Law.LAST_YEAR)
                .filter(year -> year == own || open.kind().years().contains(year))
                .boxed()
                .toList();
    }

    /** The rates with which a comparison begins. */
    @PostMapping("/e/{id}/study/rates")
    String rates(
            @PathVariable long id,
            @RequestParam String r,
            @RequestParam String rd,
            Principal principal,
            RedirectAttributes flash) {
        Map<LineKey, @Nullable Fact> typed = new TreeMap<>();
        for (Map.Entry<String, String> each :
                Map.of("r", r.strip(), "rd", rd.strip()).entrySet()) {
            if (!each.getValue().isEmpty() && !each.getValue().matches("\\d{1,2}(\\.\\d{1,4})?")) {
                flash.addFlashAttribute(
                        "said", "Found \"" + each.getValue() + "\", expected a rate in percent such as 24 or 23.8.");
                return "redirect:/e/" + id + "/study";
            }
            typed.put(
                    LineId.of(EntityComparison.CODE + "/" + each.getKey()).alone(),
                    each.getValue().isEmpty() ? null : new Fact(each.getValue(), "", signature.name(principal)));
        }
        workspace.change(id, signature.name(principal), open -> new Change.FactsSet(typed));
        return "redirect:/e/" + id + "/study";
    }

    /** Begins a study: the engagement as it stands, as a kind of entity, under a year's law. */
    @PostMapping("/e/{id}/study/begin")
    String begin(
            @PathVariable long id,
            @RequestParam String form,
            @RequestParam int year,
            @RequestParam(defaultValue = "") String name,
            Principal principal,
            RedirectAttributes flash) {
        OpenEngagement open = original(workspace.open(id));
        Kind kind = Kind.of(form)
                .orElseThrow(() -> new Refused(HttpStatus.UNPROCESSABLE_CONTENT, "No kind of entity was chosen."));
        ReturnKind target = Returns.find(kind.form()).orElseThrow();
        Period period = moved(open.heading().period(), year);
        if (!Law.holds(year) || !target.years().contains(year)) {
            flash.addFlashAttribute("said", "The law of " + year + " is not held for " + kind.words() + ".");
            return "redirect:/e/" + id + "/study";
        }
        Heading own = open.heading();
        Heading heading = new Heading(form, own.client(), period, own.method(), own.flags());
        Snapshot other = Translation.of(open.calculation(), target, heading);
        String called = name.isBlank() ? "As a " + kind.words() + ", " + year : name.strip();
        long begun = workspace.study(
                open.id(),
                called.substring(0, Math.min(LONGEST_NAME, called.length())),
                other,
                signature.name(principal));
        flash.addFlashAttribute(
                "said", "The study is begun. The engagement itself does not move, whatever is done here.");
        return "redirect:/e/" + begun + "/study/beside";
    }

    /** A study is made of an engagement proper, so that each is held against what is filed. */
    private static OpenEngagement original(OpenEngagement open) {
        if (open.isStudy()) {
            throw new Refused(
                    HttpStatus.CONFLICT, "This is a study already. Begin another from the engagement that it studies.");
        }
        return open;
    }

    private static Period moved(Period period, int year) {
        int years = year - period.lawYear();
        return new Period(
                period.start().plusYears(years),
                period.end().plusDays(1).plusYears(years).minusDays(1));
    }

    @GetMapping("/e/{id}/study/beside")
    String beside(@PathVariable long id, @RequestParam(defaultValue = "false") boolean all, Model model) {
        OpenEngagement study = page.open(id, Station.RETURN, model);
        if (!study.isStudy()) {
            return "redirect:/e/" + id + "/study";
        }
        OpenEngagement original = workspace.open(study.kept().studyOf().orElseThrow());
        model.addAttribute("original", original);
        model.addAttribute("all", all);
        model.addAttribute("rows", BesideView.rows(original.calculation(), study.calculation(), !all));
        model.addAttribute("unplaced", Unplaced.of(study.calculation(), original.calculation()));
        model.addAttribute(
                "unmapped",
                study.snapshot().accounts().keySet().stream()
                        .filter(account -> study.snapshot().mapping(account).isEmpty())
                        .sorted()
                        .toList());
        return "study/beside";
    }

    /** Leaves out what the other kind of return has no line for, or types it on a line that it has. */
    @PostMapping("/e/{id}/study/place")
    String place(
            @PathVariable long id,
            @RequestParam String key,
            @RequestParam(defaultValue = "") String line,
            Principal principal,
            RedirectAttributes flash) {
        String who = signature.name(principal);
        Optional<LineKey> from = key(key);
        if (from.isEmpty()) {
            throw new Refused(HttpStatus.UNPROCESSABLE_CONTENT, "No line was named that could be left out or moved.");
        }
        workspace.change(id, who, open -> {
            Fact fact = open.snapshot().facts().get(from.get());
            if (!open.isStudy() || fact == null) {
                return null;
            }
            Map<LineKey, @Nullable Fact> moved = new TreeMap<>();
            moved.put(from.get(), null);
            if (!line.isBlank()) {
                Optional<LineKey> to = key(line.strip()).filter(place -> takes(open, place, fact.value()));
                if (to.isEmpty()) {
                    flash.addFlashAttribute(
                            "said", "Line " + line.strip() + " takes no \"" + fact.value() + "\". Nothing was moved.");
                    return null;
                }
                moved.put(to.get(), new Fact(fact.value(), "from " + key, who));
            }
            return new Change.FactsSet(moved);
        });
        return "redirect:/e/" + id + "/study/beside";
    }

    private static boolean takes(OpenEngagement open, LineKey place, String value) {
        return open.calculation()
                .plan()
                .line(place.line())
                .flatMap(line -> line.read(value))
                .isPresent();
    }

    private static Optional<LineKey> key(String text) {
        String[] parts = text.split("@", 2);
        boolean shaped = LineId.isShaped(parts[0]) && (parts.length == 1 || LineKey.isInstance(parts[1]));
        return shaped ? Optional.of(LineKey.parse(text)) : Optional.empty();
    }

    /** Takes a study away. */
    @PostMapping("/e/{id}/study/remove")
    String remove(@PathVariable long id, RedirectAttributes flash) {
        OpenEngagement study = workspace.open(id);
        long original = study.kept()
                .studyOf()
                .orElseThrow(() -> new Refused(HttpStatus.CONFLICT, "This is no study; it is never removed."));
        workspace.removeStudy(id);
        flash.addFlashAttribute("said", "The study is gone.");
        return "redirect:/e/" + original + "/study";
    }

    /** The comparison on one page, for the client. */
    @GetMapping("/e/{id}/study.pdf")
    ResponseEntity<byte[]> paper(@PathVariable long id, Principal principal) {
        OpenEngagement open = workspace.open(id);
        if (open.calculation().value(EntityComparison.RATE).isEmpty()) {
            return ResponseEntity.notFound().build();
        }
        exports.taken(open, "comparison of kinds of entity", NumbersShown.MASKED, principal);
        return Download.of(open.heading(), "study", "pdf", StudyPdf.write(open.calculation()));
    }
}
