package undersaw.web.lists;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import undersaw.books.RegisterTies;
import undersaw.engagement.Station;
import undersaw.form.RowList;
import undersaw.owners.OwnerRegister;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.frame.Figure;
import undersaw.web.frame.StationPage;
import undersaw.web.frame.TieBars;

/** Stations Assets and Owners: a register each, with what it must agree with. */
@Controller
class RegisterController {
    private final StationPage page;
    private final ListPage lists;

    RegisterController(StationPage page, ListPage lists) {
        this.page = page;
        this.lists = lists;
    }

    /** One account of property beside the assets that name it. */
    public record ByAccount(
            String number, String name, String books, String register, String difference, boolean agrees) {
        static ByAccount of(RegisterTies.ByAccount row) {
            return new ByAccount(
                    row.number(),
                    row.name(),
                    Figure.balance(row.books()),
                    Figure.balance(row.register()),
                    Figure.balance(row.difference()),
                    row.difference().isZero());
        }
    }

    @GetMapping("/e/{id}/assets")
    String assets(@PathVariable long id, ListView.Look look, Model model) {
        OpenEngagement open = register(id, Station.ASSETS, look, model);
        model.addAttribute("ties", TieBars.of(id, open.calculation(), RegisterTies.of(open.calculation())));
        model.addAttribute(
                "accounts",
                RegisterTies.byAccount(open.calculation()).stream()
                        .map(ByAccount::of)
                        .toList());
        model.addAttribute(
                "strips",
                list(open, Station.ASSETS)
                        .map(list -> AssetStrips.of(open.calculation(), list))
                        .orElse(List.of()));
        model.addAttribute("written", open.kind().assetLaw().isPresent());
        return "lists/assets";
    }

    @GetMapping("/e/{id}/owners")
    String owners(@PathVariable long id, ListView.Look look, Model model) {
        OpenEngagement open = register(id, Station.OWNERS, look, model);
        model.addAttribute("shares", ShareBar.of(open.calculation()));
        model.addAttribute("held", HeldBands.of(open.calculation()).orElse(null));
        model.addAttribute(
                "further",
                lists(open, Station.OWNERS)
                        .skip(1)
                        .map(list -> ListView.of(open.calculation(), list, ListView.home(id, list), ListView.Look.NONE))
                        .toList());
        model.addAttribute("statement", open.kind().ownerStatement().orElse(null));
        return "lists/owners";
    }

    /** The lists of a station, its register first. */
    private static Stream<RowList> lists(OpenEngagement open, Station station) {
        return open.calculation().plan().lists().stream()
                .filter(each -> each.station() == station)
                .sorted(Comparator.comparing(each -> !each.members().equals(OwnerRegister.ROWS)));
    }

    private static Optional<RowList> list(OpenEngagement open, Station station) {
        return lists(open, station).findFirst();
    }

    private OpenEngagement register(long id, Station station, ListView.Look look, Model model) {
        OpenEngagement open = page.open(id, station, model);
        list(open, station).ifPresent(list -> lists.show(open, list.part(), look, model));
        return open;
    }
}
