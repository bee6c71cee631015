package undersaw.web.map;

import java.security.Principal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import undersaw.engagement.Change;
import undersaw.engagement.Station;
import undersaw.form.MapTarget;
import undersaw.ledger.Account;
import undersaw.ledger.Mapping;
import undersaw.ledger.Treatment;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Refused;
import undersaw.web.desk.Workspace;
import undersaw.web.desk.Workspace.Outcome;
import undersaw.web.frame.Answers;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;
import undersaw.web.learn.Suggester;

/** Station Map: where each account goes, and how tax law treats it. */
@Controller
class MapController {
    private final Workspace workspace;
    private final StationPage page;
    private final Signature signature;
    private final Suggester suggester;

    MapController(Workspace workspace, StationPage page, Signature signature, Suggester suggester) {
        this.suggester = suggester;
        this.workspace = workspace;
        this.page = page;
        this.signature = signature;
    }

    @GetMapping("/e/{id}/map")
    String map(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(name = "page", defaultValue = "1") int at,
            Model model) {
        model.addAttribute("map", MapView.of(page.open(id, Station.MAP, model), q, at));
        model.addAttribute("lastYear", workspace.lastYear(id).isPresent());
        return "map/map";
    }

    /** Lines that a number, a caption or plain words speak for. */
    @GetMapping("/e/{id}/map/lines")
    String lines(@PathVariable long id, @RequestParam String q, @RequestParam boolean income, Model model) {
        model.addAttribute("found", FoundLine.find(workspace.open(id), suggester, q, income));
        return "map/lines :: lines";
    }

    /** Unconfirmed accounts to the places they had last year. */
    @PostMapping("/e/{id}/map/as-last-year")
    ModelAndView asLastYear(@PathVariable long id, Principal principal, Answers answers) {
        Map<String, Mapping> before = workspace
                .lastYear(id)
                .<Map<String, Mapping>>map(year -> year.snapshot().mappings())
                .orElse(Map.of());
        Outcome outcome = workspace.change(id, signature.name(principal), now -> {
            Map<String, @Nullable Mapping> mappings = new TreeMap<>();
            now.snapshot().accounts().keySet().forEach(number -> {
                Mapping old = before.get(number);
                boolean open = now.snapshot()
                        .mapping(number)
                        .map(mapping -> !mapping.confirmed())
                        .orElse(true);
                if (open && old != null && now.calculation().plan().isTarget(old)) {
                    // what nobody confirmed last year is a guess this year too
                    mappings.put(
                            number,
                            old.confirmed()
                                    ? old.confirmedBecause("as last year, by " + signature.of(principal))
                                    : old.suggestedBecause(0, "as last year, where nobody confirmed it"));
                }
            });
            return mappings.isEmpty() ? null : new Change.MappingsSet(mappings);
        });
        return answer(outcome, answers);
    }

    /** One account, or several at once, to one line. */
    @PostMapping("/e/{id}/map")
    ModelAndView set(
            @PathVariable long id,
            @RequestParam List<String> account,
            @RequestParam String line,
            @RequestParam(required = false) @Nullable String treatment,
            @RequestParam(required = false) @Nullable String was,
            Principal principal,
            Answers answers) {
        OpenEngagement open = workspace.open(id);
        MeantLine meant = MeantLine.of(open, suggester, account, line);
        Optional<MapTarget> target = meant.target();
        Optional<String> problem =
                target.isEmpty() ? Optional.of(meant.problem()) : unfit(open, account, target.get(), treatment);
        if (problem.isPresent()) {
            return answers.refuse(HttpStatus.UNPROCESSABLE_CONTENT, problem.get());
        }
        Mapping wish = new Mapping(
                target.get().id().in(meant.member()),
                treatment == null ? "" : treatment.strip(),
                true,
                "confirmed by " + signature.of(principal));
        Outcome outcome = workspace.change(id, signature.name(principal), now -> {
            if (account.size() == 1) {
                stale(now, account.get(0), was).ifPresent(words -> {
                    throw new Refused(HttpStatus.CONFLICT, words);
                });
            }
            Map<String, @Nullable Mapping> mappings = new TreeMap<>();
            account.forEach(number -> Optional.ofNullable(
                            now.snapshot().accounts().get(number))
                    .ifPresent(each -> mappings.put(number, mapping(now, each, wish))));
            return mappings.isEmpty() ? null : new Change.MappingsSet(mappings);
        });
        return answer(outcome, answers);
    }

    /** Treatments that begin alike; a few usual ones where none does. */
    private static String near(OpenEngagement open, String typed) {
        String head = typed.strip().substring(0, Math.min(3, typed.strip().length()));
        List<String> alike = open.kind().treatments().stream()
                .map(Treatment::id)
                .filter(id -> !head.isEmpty() && id.startsWith(head))
                .limit(4)
                .toList();
        return alike.isEmpty() ? "full, meals-half or fines-none" : String.join(", ", alike);
    }

    private static Optional<String> stale(OpenEngagement open, String number, @Nullable String was) {
        Account account = open.snapshot().accounts().get(number);
        if (account == null) {
            return Optional.of("There is no account " + number + ". Load the page again.");
        }
        MapView.Row now = MapView.row(open, account);
        return was == null || was.equals(now.was())
                ? Optional.empty()
                : Optional.of("Account " + number + " was moved to " + now.line() + ", " + now.treatment()
                        + ", while you looked. Yours was not saved. Load the page to see theirs, then choose again.");
    }

    /** Why a treatment cannot be given with a line; absent where none is given or it can. */
    private static Optional<String> unfit(
            OpenEngagement open, List<String> accounts, MapTarget target, @Nullable String treatment) {
        if (treatment == null) {
            return Optional.empty();
        }
        if (open.kind().treatment(treatment.strip()).isEmpty()) {
            return Optional.of("\"" + treatment + "\" is no treatment. Type one such as " + near(open, treatment)
                    + ", and choose.");
        }
        return accounts.size() == 1 ? refusal(open, accounts.get(0), target, treatment.strip()) : Optional.empty();
    }

    /** A treatment that is chosen must fit; one that was there before the line moved goes, and that is said. */
    private static Optional<String> refusal(OpenEngagement open, String number, MapTarget target, String treatment) {
        boolean wasThere = open.snapshot()
                .mapping(number)
                .filter(before ->
                        before.treatment().equals(treatment) && !before.line().equals(target.id()))
                .isPresent();
        return wasThere
                ? Optional.empty()
                : Optional.ofNullable(open.snapshot().accounts().get(number))
                        .flatMap(account -> open.kind().treatment(treatment))
                        .flatMap(target::refusal)
                        .map(why -> why + " Nothing was changed: choose another treatment, or another line first.");
    }

    private static Mapping mapping(OpenEngagement open, Account account, Mapping wish) {
        String id = wish.treatment().isEmpty()
                ? open.snapshot()
                        .mapping(account.number())
                        .map(Mapping::treatment)
                        .orElse("full")
                : wish.treatment();
        // a treatment that the line cannot have goes
        String known = open.kind()
                .treatment(id)
                .filter(each -> open.calculation()
                        .plan()
                        .target(wish.line())
                        .flatMap(target -> target.refusal(each))
                        .isEmpty())
                .map(Treatment::id)
                .orElse("full");
        String treatment = account.onIncomeStatement() || !known.equals("full") ? known : "";
        boolean gone = account.onIncomeStatement()
                && open.kind()
                        .treatment(id)
                        .filter(each -> !each.id().equals(known))
                        .isPresent();
        String reason =
                wish.reason() + (gone ? "; \"" + id + "\" cannot serve " + wish.line() + " and was taken off" : "");
        return open.snapshot()
                .mapping(account.number())
                .map(before -> before.movedTo(wish.place(), treatment, reason))
                .orElse(new Mapping(wish.place(), treatment, true, reason));
    }

    /** Suggestions confirmed: the accounts named, or all that are sure; the others wait for a look at each. */
    @PostMapping("/e/{id}/map/accept")
    ModelAndView accept(
            @PathVariable long id,
            @RequestParam(required = false) @Nullable List<String> account,
            Principal principal,
            Answers answers) {
        Outcome outcome = workspace.change(id, signature.name(principal), now -> {
            Map<String, @Nullable Mapping> confirmed = new TreeMap<>();
            now.snapshot().mappings().forEach((number, mapping) -> {
                boolean wanted = account == null ? mapping.isSure() : account.contains(number);
                if (!mapping.confirmed() && wanted) {
                    confirmed.put(number, mapping.confirmedBecause("confirmed by " + signature.of(principal)));
                }
            });
            return confirmed.isEmpty() ? null : new Change.MappingsSet(confirmed);
        });
        return answer(outcome, answers);
    }

    /** The accounts that stand elsewhere than before. */
    private static Set<String> moved(Outcome outcome) {
        Map<String, Mapping> before = outcome.before().snapshot().mappings();
        return outcome.after().snapshot().mappings().entrySet().stream()
                .filter(each -> !each.getValue().equals(before.get(each.getKey())))
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    private ModelAndView answer(Outcome outcome, Answers answers) {
        if (!answers.isPartial()) {
            return new ModelAndView("redirect:/e/" + outcome.after().id() + "/map");
        }
        page.changed(outcome, Station.MAP, answers.model());
        answers.model()
                .addAttribute(
                        "lastYear", workspace.lastYear(outcome.after().id()).isPresent());
        answers.model().addAttribute("map", MapView.only(outcome.after(), moved(outcome)));
        answers.model().addAttribute("effect", Effect.of(outcome));
        return answers.view("map/map :: changes");
    }
}
