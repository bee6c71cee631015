package undersaw.web.adjust;

import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import undersaw.books.BalanceGap;
import undersaw.books.BookTieOuts;
import undersaw.books.Bridge;
import undersaw.books.RetainedRoll;
import undersaw.books.WorkingBalance;
import undersaw.calc.Calculation;
import undersaw.engagement.Station;
import undersaw.files.sheet.TableFile;
import undersaw.money.Money;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Download;
import undersaw.web.frame.Figure;
import undersaw.web.frame.Slice;
import undersaw.web.frame.StationPage;
import undersaw.web.frame.TieBars;

/** Station Adjust: the adjusted trial balance, the bridge, the balance sheet and its tie-outs. */
@Controller
class AdjustedController {
    private static final List<String> COLUMNS =
            List.of("Account", "Name", "Last year", "Unadjusted", "Entries", "Adjusted", "Tax entries", "Tax basis");

    private final Workspace workspace;
    private final StationPage page;

    AdjustedController(Workspace workspace, StationPage page) {
        this.workspace = workspace;
        this.page = page;
    }

    /** A row of the adjusted trial balance as the page shows it. */
    public record Row(
            String number,
            String name,
            String lastYear,
            String unadjusted,
            String entries,
            String adjusted,
            String taxEntries,
            String taxBasis) {}

    private Optional<Calculation> lastYear(long id) {
        return workspace.lastYear(id).map(OpenEngagement::calculation);
    }

    @GetMapping("/e/{id}/adjust/trial-balance")
    String trialBalance(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(name = "page", defaultValue = "1") int at,
            Model model) {
        OpenEngagement open = page.open(id, Station.ADJUST, model);
        List<WorkingBalance> balances = WorkingBalance.of(open.calculation(), lastYear(id));
        model.addAttribute(
                "slice",
                Slice.of(
                                balances,
                                q,
                                at,
                                each -> each.account().number() + " "
                                        + each.account().name())
                        .map(AdjustedController::row));
        model.addAttribute("totals", sums(balances).map(Figure::balance).toList());
        model.addAttribute("netIncome", Figure.balance(WorkingBalance.netIncome(open.calculation())));
        return "adjust/trial-balance";
    }

    private static Row row(WorkingBalance each) {
        return new Row(
                each.account().number(),
                each.account().name(),
                each.lastYear().map(Figure::balance).orElse(""),
                Figure.balance(each.unadjusted()),
                Figure.balance(each.entries()),
                Figure.balance(each.adjusted()),
                Figure.balance(each.taxEntries()),
                Figure.balance(each.taxBasis()));
    }

    /** What each column of amounts comes to, from last year's to the tax basis. */
    private static Stream<Money> sums(List<WorkingBalance> balances) {
        return Stream.of(
                Money.sum(balances.stream()
                        .flatMap(each -> each.lastYear().stream())
                        .toList()),
                sum(balances, WorkingBalance::unadjusted),
                sum(balances, WorkingBalance::entries),
                sum(balances, WorkingBalance::adjusted),
                sum(balances, WorkingBalance::taxEntries),
                sum(balances, WorkingBalance::taxBasis));
    }

    private static Money sum(List<WorkingBalance> balances, Function<WorkingBalance, Money> column) {
        return Money.sum(balances.stream().map(column).toList());
    }

    @GetMapping({"/e/{id}/adjust/trial-balance.csv", "/e/{id}/adjust/trial-balance.xlsx"})
    ResponseEntity<byte[]> table(@PathVariable long id, HttpServletRequest request) {
        OpenEngagement open = workspace.open(id);
        List<List<Object>> rows = new ArrayList<>();
        List<WorkingBalance> balances = WorkingBalance.of(open.calculation(), lastYear(id));
        for (WorkingBalance each : balances) {
            rows.add(List.of(
                    each.account().number(),
                    each.account().name(),
                    each.lastYear().<Object>map(amount -> amount).orElse(""),
                    each.unadjusted(),
                    each.entries(),
                    each.adjusted(),
                    each.taxEntries(),
                    each.taxBasis()));
        }
        List<Object> foot =
                Stream.<Object>concat(Stream.of("Total", ""), sums(balances)).toList();
        TableFile table = new TableFile("Adjusted trial balance", COLUMNS, rows, foot);
        String address = request.getRequestURI();
        return Download.of(
                open.heading(), "adjusted-trial-balance", address.substring(address.lastIndexOf('.') + 1), table);
    }

    @GetMapping("/e/{id}/adjust/bridge")
    String bridge(@PathVariable long id, Model model) {
        OpenEngagement open = page.open(id, Station.ADJUST, model);
        Bridge bridge = Bridge.of(open.calculation(), open.kind());
        model.addAttribute("bridge", BridgeView.of(open, bridge));
        model.addAttribute("permanent", Figure.text(bridge.total(true)));
        model.addAttribute("timing", Figure.text(bridge.total(false)));
        return "adjust/bridge";
    }

    @GetMapping("/e/{id}/adjust/balance")
    String balance(@PathVariable long id, Model model) {
        OpenEngagement open = page.open(id, Station.ADJUST, model);
        model.addAttribute(
                "gaps", List.of(BalanceGap.of(open.calculation(), true), BalanceGap.of(open.calculation(), false)));
        model.addAttribute("roll", RetainedRoll.of(open.calculation(), open.kind()));
        model.addAttribute(
                "ties",
                TieBars.of(id, open.calculation(), BookTieOuts.of(open.calculation(), lastYear(id), open.kind())));
        model.addAttribute("pairs", pairs(open));
        return "adjust/balance";
    }

    /** A cost and what is written off it. */
    public record Pair(String asset, String contra, String cost, String off, String net) {}

    private static List<Pair> pairs(OpenEngagement open) {
        List<Pair> pairs = new ArrayList<>();
        new TreeMap<>(open.snapshot().mappings()).forEach((number, mapping) -> {
            var contra = open.snapshot().accounts().get(number);
            var asset = open.snapshot().accounts().get(mapping.partner());
            if (contra != null && asset != null && !contra.onIncomeStatement()) {
                Money cost = open.calculation().adjusted(asset);
                Money off = open.calculation().adjusted(contra);
                pairs.add(new Pair(
                        asset.number() + " " + asset.name(),
                        number + " " + contra.name(),
                        Figure.balance(cost),
                        Figure.balance(off),
                        Figure.balance(cost.plus(off))));
            }
        });
        return pairs;
    }
}
