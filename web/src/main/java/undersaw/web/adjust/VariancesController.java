package undersaw.web.adjust;

import java.security.Principal;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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
import undersaw.books.Ratio;
import undersaw.books.Variance;
import undersaw.books.Variance.Thresholds;
import undersaw.calc.Calculation;
import undersaw.engagement.Station;
import undersaw.money.Money;
import undersaw.money.Percent;
import undersaw.store.Notes;
import undersaw.store.Preferences;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Answers;
import undersaw.web.frame.Figure;
import undersaw.web.frame.StationPage;

/** Station Adjust: this year against last, by account and by line, beyond a person's own thresholds. */
@Controller
class VariancesController {
    private static final String PREFERENCE = "variance-thresholds";

    private final Workspace workspace;
    private final StationPage page;
    private final Preferences preferences;
    private final Notes notes;

    VariancesController(Workspace workspace, StationPage page, Preferences preferences, Notes notes) {
        this.workspace = workspace;
        this.page = page;
        this.preferences = preferences;
        this.notes = notes;
    }

    /** A variance as the page shows it. */
    public record Row(
            String place,
            String pin,
            String caption,
            String now,
            String before,
            String change,
            String percent,
            boolean beyond,
            boolean noted) {}

    @GetMapping("/e/{id}/adjust/variances")
    String variances(
            @PathVariable long id,
            @RequestParam(defaultValue = "account") String by,
            Principal principal,
            Model model) {
        OpenEngagement open = page.open(id, Station.ADJUST, model);
        Thresholds thresholds = thresholds(principal.getName());
        Optional<Calculation> lastYear = workspace.lastYear(id).map(OpenEngagement::calculation);
        boolean byLine = by.equals("line");
        List<Variance> found = lastYear.map(year -> byLine
                        ? Variance.byLine(open.calculation(), year, thresholds)
                        : Variance.byAccount(open.calculation(), year, thresholds))
                .orElse(List.of());
        Set<String> noted = notes.of(id).stream().map(Notes.Note::place).collect(Collectors.toSet());
        model.addAttribute("by", byLine ? "line" : "account");
        model.addAttribute("known", lastYear.isPresent());
        model.addAttribute("beyond", found.stream().filter(Variance::beyond).count());
        model.addAttribute(
                "rows",
                found.stream().limit(400).map(each -> row(each, byLine, noted)).toList());
        model.addAttribute("ratios", Ratio.of(open.calculation(), lastYear));
        model.addAttribute("amount", thresholds.amount().toString());
        model.addAttribute("percent", thresholds.percent().value().toPlainString());
        return "adjust/variances";
    }

    private static Row row(Variance each, boolean byLine, Set<String> noted) {
        String pin = byLine ? each.place() : "account-" + each.place();
        return new Row(
                each.place(),
                pin,
                each.caption(),
                byLine ? Figure.text(each.amount()) : Figure.balance(each.amount()),
                byLine ? Figure.text(each.lastYear()) : Figure.balance(each.lastYear()),
                byLine ? Figure.text(each.change()) : Figure.balance(each.change()),
                each.changePercent(),
                each.beyond(),
                noted.contains(pin));
    }

    private Thresholds thresholds(String login) {
        return preferences
                .find(login, PREFERENCE)
                .flatMap(VariancesController::parse)
                .orElse(Thresholds.USUAL);
    }

    private static Optional<Thresholds> parse(@Nullable String kept) {
        String[] parts = kept == null ? new String[0] : kept.strip().split(" ", -1);
        boolean sound = parts.length == 2 && Money.isPlain(parts[0]) && parts[1].matches("\\d{1,3}(\\.\\d{1,2})?");
        return sound ? Optional.of(new Thresholds(Money.parse(parts[0]), Percent.of(parts[1]))) : Optional.empty();
    }

    @PostMapping("/e/{id}/adjust/variances")
    ModelAndView set(
            @PathVariable long id,
            @RequestParam String amount,
            @RequestParam String percent,
            @RequestParam String by,
            Principal principal,
            Answers answers) {
        String kept =
                amount.replace(",", "").strip() + " " + percent.replace("%", "").strip();
        if (parse(kept).isEmpty()) {
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Found \"" + amount + "\" and \"" + percent
                            + "\", expected an amount such as 5000 and a percentage such as 10.");
        }
        preferences.set(principal.getName(), PREFERENCE, kept);
        return new ModelAndView(
                "redirect:/e/" + id + "/adjust/variances?by=" + (by.equals("line") ? "line" : "account"));
    }
}
