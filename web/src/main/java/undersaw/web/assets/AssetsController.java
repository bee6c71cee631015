package undersaw.web.assets;

import java.security.Principal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
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
import undersaw.assets.AssetLaw;
import undersaw.assets.AssetRegister;
import undersaw.assets.WrittenOff;
import undersaw.calc.Calculation;
import undersaw.calc.Lineage;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.NumbersShown;
import undersaw.engagement.Station;
import undersaw.form.Line;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Refused;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Download;
import undersaw.web.frame.Exports;
import undersaw.web.frame.Figure;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;

/** What tax finds of the register: the schedule of the year, one asset over its life, and elections divided by hand. */
@Controller
class AssetsController {
    private static final int AHEAD = 10;

    private final Workspace workspace;
    private final StationPage page;
    private final Signature signature;
    private final Exports exports;

    AssetsController(Workspace workspace, StationPage page, Signature signature, Exports exports) {
        this.workspace = workspace;
        this.page = page;
        this.signature = signature;
        this.exports = exports;
    }

    /** A year of one asset, as a row. */
    public record Year(int year, String elected, String special, String regular, String total, String left) {
        static Year of(WrittenOff row) {
            return new Year(
                    row.year(),
                    Figure.text(row.elected()),
                    Figure.text(row.special()),
                    Figure.text(row.regular()),
                    Figure.text(row.total()),
                    Figure.text(row.basis()));
        }
    }

    /** What can be chosen otherwise: its line, its caption, what stands and what is tried. */
    public record Choosable(String line, String caption, String expected, String stands, String tried) {}

    @GetMapping("/e/{id}/assets/tax")
    String schedule(@PathVariable long id, Model model) {
        OpenEngagement open = page.open(id, Station.ASSETS, model);
        Optional<AssetLaw> law = open.kind().assetLaw();
        if (law.isEmpty()) {
            return "redirect:/e/" + id + "/assets";
        }
        model.addAttribute("schedule", ScheduleView.of(open.calculation(), law.get()));
        model.addAttribute("ahead", LifeStrip.of(law.get().ahead(open.calculation(), AHEAD), false));
        return "assets/schedule";
    }

    /** The schedule as a table of its own. */
    @GetMapping("/e/{id}/assets/schedule.{ending:csv|xlsx}")
    ResponseEntity<byte[]> save(@PathVariable long id, @PathVariable String ending, Principal principal) {
        OpenEngagement open = workspace.open(id);
        Optional<AssetLaw> law = open.kind().assetLaw();
        if (law.isEmpty()) {
            return ResponseEntity.notFound().build();
        }
        exports.taken(
                open, "Schedule of depreciation as " + ending.toUpperCase(Locale.ROOT), NumbersShown.MASKED, principal);
        return Download.of(open.heading(), "depreciation", ending, ScheduleTable.of(open.calculation(), law.get()));
    }

    @GetMapping("/e/{id}/assets/a/{asset}")
    String asset(
            @PathVariable long id, @PathVariable String asset, @RequestParam Map<String, String> asked, Model model) {
        OpenEngagement open = page.open(id, Station.ASSETS, model);
        Calculation year = open.calculation();
        Optional<AssetLaw> law = open.kind().assetLaw();
        if (law.isEmpty() || !year.members(AssetRegister.ASSETS).contains(asset)) {
            return "redirect:/e/" + id + "/assets";
        }
        List<Choosable> choices = choices(year, law.get(), asset, asked);
        Map<LineKey, String> tried = new TreeMap<>();
        choices.stream()
                .filter(each -> !each.tried().equals(each.stands()))
                .forEach(each -> tried.put(LineKey.parse(each.line() + "@" + asset), each.tried()));
        List<WrittenOff> life = law.get().life(year, asset);
        model.addAttribute("name", asset);
        model.addAttribute("words", ScheduleView.words(year, asset));
        model.addAttribute("choices", choices);
        List<WrittenOff> other = tried.isEmpty() ? List.of() : law.get().life(Tried.with(year, tried), asset);
        Money most = LifeStrip.most(life).max(LifeStrip.most(other));
        model.addAttribute("strip", LifeStrip.of(life, true, most));
        model.addAttribute("years", life.stream().map(Year::of).toList());
        model.addAttribute(
                "steps",
                Lineage.of(year, law.get().found().in(asset))
                        .map(Lineage::steps)
                        .orElse(List.of()));
        if (!tried.isEmpty()) {
            model.addAttribute("otherStrip", LifeStrip.of(other, true, most));
            model.addAttribute("otherYears", other.stream().map(Year::of).toList());
        }
        return "assets/asset";
    }

    /** What stands in a column, and what was asked for in its place where the column can hold it. */
    private static List<Choosable> choices(Calculation year, AssetLaw law, String asset, Map<String, String> asked) {
        List<Choosable> choices = new ArrayList<>();
        law.toTry().stream().flatMap(id -> year.plan().line(id).stream()).forEach(line -> {
            String stands = plain(year, line, asset);
            String wanted = asked.getOrDefault(line.id().within(), stands).strip();
            String tried = wanted.isEmpty() ? "" : line.read(wanted).orElse(stands);
            choices.add(new Choosable(line.id().text(), line.caption(), line.expected(), stands, tried));
        });
        return choices;
    }

    private static String plain(Calculation year, Line line, String asset) {
        return year.value(line.id().in(asset))
                .map(value -> value.value().plain())
                .orElse("");
    }

    @GetMapping("/e/{id}/assets/division")
    String division(
            @PathVariable long id,
            @RequestParam(defaultValue = "false") boolean slowest,
            @RequestParam(required = false) @Nullable List<String> asset,
            @RequestParam(required = false) @Nullable List<String> amount,
            Model model) {
        OpenEngagement open = page.open(id, Station.ASSETS, model);
        Optional<AssetLaw> law = open.kind().assetLaw();
        Optional<AssetLaw.Choice> choice = law.flatMap(each -> each.choice(open.calculation()));
        if (choice.isEmpty()) {
            return "redirect:/e/" + id + "/assets/tax";
        }
        Map<String, Money> division = slowest ? AssetLaw.slowestFirst(choice.get()) : division(asset, amount);
        model.addAttribute("view", DivisionView.of(open.calculation(), law.orElseThrow(), choice.get(), division));
        return "assets/division";
    }

    /** Keeps a division; above the limit it is kept too, and Check refuses the return until it is lowered. */
    @PostMapping("/e/{id}/assets/division")
    String keep(
            @PathVariable long id,
            @RequestParam List<String> asset,
            @RequestParam List<String> amount,
            Principal principal,
            RedirectAttributes flash) {
        Map<String, Money> division = division(asset, amount);
        if (division.size() != asset.size()) {
            throw new Refused(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "An amount could not be read; expected plain amounts such as 12500. Nothing was kept.");
        }
        String by = signature.of(principal);
        workspace.change(id, signature.name(principal), open -> {
            AssetLaw.Choice choice = open.kind()
                    .assetLaw()
                    .flatMap(law -> law.choice(open.calculation()))
                    .orElseThrow(() -> new Refused(HttpStatus.CONFLICT, "There is nothing to divide any more."));
            Map<LineKey, @Nullable Fact> facts = new TreeMap<>();
            choice.assets().stream()
                    .filter(each -> division.containsKey(each.asset()))
                    .filter(each -> !division.get(each.asset()).equals(each.elected()))
                    .forEach(each -> facts.put(
                            choice.column().in(each.asset()),
                            division.get(each.asset()).isZero()
                                    ? null
                                    : new Fact(division.get(each.asset()).toString(), "", by)));
            return facts.isEmpty() ? null : new Change.FactsSet(facts);
        });
        flash.addFlashAttribute("said", "The division is kept.");
        return "redirect:/e/" + id + "/assets/division";
    }

    /** Amounts beside their assets; those that cannot be read are left out. */
    private static Map<String, Money> division(@Nullable List<String> assets, @Nullable List<String> amounts) {
        Map<String, Money> division = new LinkedHashMap<>();
        if (assets != null && amounts != null) {
            for (int at = 0; at < Math.min(assets.size(), amounts.size()); at++) {
                String text = amounts.get(at).strip().replace(",", "");
                if (text.isEmpty() || Money.isPlain(text) && !text.startsWith("-")) {
                    division.put(assets.get(at), text.isEmpty() ? Money.ZERO : Money.parse(text));
                }
            }
        }
        return division;
    }
}
