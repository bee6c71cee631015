package undersaw.web.carried;

import java.security.Principal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import undersaw.engagement.Carried;
import undersaw.engagement.Change;
import undersaw.engagement.Heading;
import undersaw.engagement.Station;
import undersaw.engagement.TaxpayerNumber;
import undersaw.law.Law;
import undersaw.rollforward.Gift;
import undersaw.rollforward.RollForward;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;

/** Begins the next year, shows what came from last year, and asks about what last year would give differently. */
@Controller
class CarriedController {
    private final Workspace workspace;
    private final StationPage page;
    private final Signature signature;

    CarriedController(Workspace workspace, StationPage page, Signature signature) {
        this.workspace = workspace;
        this.page = page;
        this.signature = signature;
    }

    /** Something that came from last year, as the page shows it. */
    public record Row(String place, String words, String confirmed) {
        public boolean isOpen() {
            return confirmed.isEmpty();
        }
    }

    /** What came from last year to one station. */
    public record Group(String station, List<Row> rows, long open) {}

    @GetMapping("/e/{id}/carried")
    String carried(@PathVariable long id, Model model) {
        OpenEngagement open = page.open(id, Station.BOOKS, model);
        Optional<RollForward> today = today(id, open);
        model.addAttribute("groups", groups(open, today));
        model.addAttribute(
                "differences",
                today.map(each -> each.differences(open.snapshot())).orElse(List.of()).stream()
                        .map(CarriedController::masked)
                        .toList());
        model.addAttribute("lastYear", workspace.lastYear(id).isPresent());
        model.addAttribute("nextYear", workspace.nextYear(id).orElse(null));
        model.addAttribute("next", RollForward.next(open.heading()).period());
        return "carried/carried";
    }

    private Optional<RollForward> today(long id, OpenEngagement open) {
        return workspace.lastYear(id).map(year -> RollForward.from(year.calculation(), open.kind()));
    }

    private static RollForward.Difference masked(RollForward.Difference plain) {
        return new RollForward.Difference(
                plain.place(),
                TaxpayerNumber.hide(plain.words()),
                TaxpayerNumber.hide(plain.was()),
                TaxpayerNumber.hide(plain.now()));
    }

    private static List<Group> groups(OpenEngagement open, Optional<RollForward> today) {
        Map<Station, List<Row>> rows = new TreeMap<>();
        new TreeMap<>(open.snapshot().carried())
                .forEach((place, mark) -> rows.computeIfAbsent(
                                RollForward.stationOf(place), unused -> new ArrayList<>())
                        .add(new Row(
                                place,
                                TaxpayerNumber.hide(today.flatMap(each -> each.gift(place))
                                        .map(Gift::words)
                                        .orElse(place + ": " + mark.value())),
                                mark.confirmed())));
        List<Group> groups = new ArrayList<>();
        rows.forEach((station, list) -> groups.add(new Group(
                station.caption(), list, list.stream().filter(Row::isOpen).count())));
        return groups;
    }

    /** One place confirmed, or all that are open at a station. */
    @PostMapping("/e/{id}/carried/confirm")
    String confirm(
            @PathVariable long id,
            @RequestParam(required = false) @Nullable String place,
            @RequestParam(required = false) @Nullable String station,
            Principal principal,
            RedirectAttributes flash) {
        workspace.change(id, signature.name(principal), open -> {
            Map<String, @Nullable Carried> confirmed = new TreeMap<>();
            open.snapshot().carried().forEach((each, mark) -> {
                boolean wanted =
                        place == null ? RollForward.stationOf(each).name().equals(station) : each.equals(place);
                if (wanted && mark.isOpen()) {
                    confirmed.put(each, mark.confirmedBy(signature.of(principal)));
                }
            });
            flash.addFlashAttribute(
                    "said", confirmed.size() == 1 ? "Confirmed." : confirmed.size() + " figures confirmed.");
            return confirmed.isEmpty()
                    ? null
                    : RollForward.confirm(open.calculation(), confirmed, signature.of(principal));
        });
        Optional<Station> back = place != null
                ? Optional.empty()
                : Arrays.stream(Station.values())
                        .filter(each -> each.name().equals(station))
                        .findFirst();
        return "redirect:/e/" + id + "/" + back.map(Station::path).orElse("carried");
    }

    /** Takes over what last year would give today, or leaves what stands and says that it was looked at. */
    @PostMapping("/e/{id}/carried/difference")
    String difference(
            @PathVariable long id,
            @RequestParam String place,
            @RequestParam String answer,
            Principal principal,
            RedirectAttributes flash) {
        workspace.change(id, signature.name(principal), open -> {
            Optional<Gift> gift = today(id, open).flatMap(each -> each.gift(place));
            if (answer.equals("take") && gift.isPresent()) {
                flash.addFlashAttribute("said", "Taken over; it waits to be confirmed.");
                return today(id, open).orElseThrow().put(open.snapshot(), List.of(gift.get()));
            }
            Map<String, @Nullable Carried> mark = new TreeMap<>();
            mark.put(
                    place,
                    gift.map(each -> new Carried(each.value(), "left as it was by " + signature.of(principal)))
                            .orElse(null));
            flash.addFlashAttribute("said", "Left as it was.");
            return new Change.CarriedSet(mark);
        });
        return "redirect:/e/" + id + "/carried";
    }

    /** Begins the year that follows this one. */
    @PostMapping("/e/{id}/roll-forward")
    String rollForward(@PathVariable long id, Principal principal, RedirectAttributes flash) {
        OpenEngagement open = workspace.open(id);
        if (open.isStudy()) {
            flash.addFlashAttribute("said", "A study begins no year. Begin it from the engagement that it studies.");
            return "redirect:/e/" + id + "/study";
        }
        Optional<Long> there = workspace.nextYear(id);
        if (there.isPresent()) {
            flash.addFlashAttribute("said", "The next year is begun already; here it is.");
            return "redirect:/e/" + there.get() + "/carried";
        }
        Heading next = RollForward.next(open.heading());
        if (!Law.holds(next.period().lawYear())) {
            flash.addFlashAttribute("said", "The law of " + next.period().lawYear() + " is not held yet.");
            return "redirect:/e/" + id + "/carried";
        }
        long begun = workspace.begin(
                next,
                signature.name(principal),
                fresh -> RollForward.from(open.calculation(), open.kind()).begin(fresh));
        flash.addFlashAttribute("said", "The next year is begun. Everything from this one waits to be confirmed.");
        return "redirect:/e/" + begun + "/carried";
    }
}
