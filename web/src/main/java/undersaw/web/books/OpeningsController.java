package undersaw.web.books;

import java.security.Principal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
import undersaw.books.Openings;
import undersaw.books.Openings.Difference;
import undersaw.engagement.Change;
import undersaw.engagement.Station;
import undersaw.ledger.Account;
import undersaw.ledger.StatementKind;
import undersaw.money.Money;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Refused;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Answers;
import undersaw.web.frame.Figure;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;
import undersaw.web.frame.TypedArithmetic;

/** Station Books: opening balances, typed for a client new to the firm, and held against last year's closing ones. */
@Controller
class OpeningsController {
    private final Workspace workspace;
    private final StationPage page;
    private final Signature signature;

    OpeningsController(Workspace workspace, StationPage page, Signature signature) {
        this.workspace = workspace;
        this.page = page;
        this.signature = signature;
    }

    /** An account's opening balance beside last year's closing one. */
    public record Row(String number, String name, String lastYear, String opening, String plain, String difference) {}

    @GetMapping("/e/{id}/books/openings")
    String openings(@PathVariable long id, Model model) {
        OpenEngagement open = page.open(id, Station.BOOKS, model);
        Optional<OpenEngagement> lastYear = workspace.lastYear(id);
        List<Difference> differences = differences(open, lastYear);
        model.addAttribute("known", lastYear.isPresent());
        model.addAttribute("differences", differences.size());
        model.addAttribute("rows", rows(open, lastYear, differences));
        model.addAttribute("total", total(open));
        return "books/openings";
    }

    /** What all accounts open with: nothing, where debits and credits agree. */
    private static String total(OpenEngagement open) {
        return Figure.balance(Money.sum(open.snapshot().accounts().values().stream()
                .map(Account::opening)
                .toList()));
    }

    /** One opening balance typed where it stands; the next one follows. */
    @PostMapping("/e/{id}/books/openings")
    ModelAndView type(
            @PathVariable long id,
            @RequestParam String number,
            @RequestParam String opening,
            @RequestParam String was,
            Principal principal,
            Answers answers) {
        Optional<Money> typed = opening.isBlank()
                ? Optional.of(Money.ZERO)
                : TypedArithmetic.read(opening).filter(Money::isPlain).map(Money::parse);
        if (typed.isEmpty()) {
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Opening balance of " + number + ": found \"" + opening
                            + "\", expected an amount such as 1250.00, credits with a minus.");
        }
        Workspace.Outcome outcome = workspace.change(
                id,
                signature.name(principal),
                open -> opened(open.snapshot().accounts().get(number), was, typed.get()));
        if (!answers.isPartial()) {
            return new ModelAndView("redirect:/e/" + id + "/books/openings");
        }
        page.changed(outcome, Station.BOOKS, answers.model());
        Optional<OpenEngagement> lastYear = workspace.lastYear(id);
        answers.model().addAttribute("known", lastYear.isPresent());
        answers.model()
                .addAttribute(
                        "rows",
                        rows(outcome.after(), lastYear, differences(outcome.after(), lastYear)).stream()
                                .filter(row -> row.number().equals(number))
                                .toList());
        answers.model().addAttribute("total", total(outcome.after()));
        return answers.view("books/openings :: changed");
    }

    private static List<Difference> differences(OpenEngagement open, Optional<OpenEngagement> lastYear) {
        return lastYear.map(year -> Openings.differences(open.calculation(), year.calculation(), open.kind()))
                .orElse(List.of());
    }

    private static List<Row> rows(
            OpenEngagement open, Optional<OpenEngagement> lastYear, List<Difference> differences) {
        List<Row> rows = new ArrayList<>();
        differences.forEach(each -> rows.add(new Row(
                each.number(),
                each.name(),
                Figure.balance(each.lastYear()),
                Figure.balance(each.opening()),
                each.opening().toString(),
                Figure.balance(each.amount()))));
        List<String> shown = differences.stream().map(Difference::number).toList();
        open.snapshot().accounts().values().stream()
                .filter(account -> !account.onIncomeStatement() && !shown.contains(account.number()))
                .sorted(Account.byNumber())
                .forEach(account -> rows.add(new Row(
                        account.number(),
                        account.name(),
                        lastYear.isPresent() ? Figure.balance(open.calculation().opening(account)) : "",
                        Figure.balance(open.calculation().opening(account)),
                        account.opening().toString(),
                        "")));
        return rows;
    }

    /** Every opening balance as last year closed, or that of one account. */
    @PostMapping("/e/{id}/books/openings/take")
    String take(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String number,
            Principal principal,
            RedirectAttributes flash) {
        workspace.change(id, signature.name(principal), open -> {
            List<Change> changes = new ArrayList<>();
            for (Difference each : differences(open, workspace.lastYear(id))) {
                if (number.isEmpty() || number.equals(each.number())) {
                    changes.add(new Change.AccountSet(opened(open, each)));
                }
            }
            return changes.isEmpty() ? null : new Change.Several(changes);
        });
        flash.addFlashAttribute("said", "Opening balances are as last year closed.");
        return "redirect:/e/" + id + "/books/openings";
    }

    /** The account with another opening balance; null where it is the same. */
    private static @Nullable Change opened(@Nullable Account now, String was, Money typed) {
        if (now == null || now.onIncomeStatement()) {
            throw new Refused(HttpStatus.NOT_FOUND, "There is no such account that opens with a balance.");
        }
        if (now.opening().equals(typed)) {
            return null;
        }
        if (!now.opening().toString().equals(was)) {
            throw new Refused(
                    HttpStatus.CONFLICT,
                    "Account " + now.number() + " now opens with "
                            + now.opening().printedWithCents() + ". Yours, "
                            + typed.printedWithCents()
                            + ", was not saved. Load the page, and save yours over it.");
        }
        return new Change.AccountSet(new Account(now.number(), now.name(), now.statement(), typed, now.closing()));
    }

    private static Account opened(OpenEngagement open, Difference each) {
        Account known = open.snapshot().accounts().get(each.number());
        return known == null
                ? new Account(each.number(), each.name(), StatementKind.BALANCE_SHEET, each.lastYear(), Money.ZERO)
                : new Account(known.number(), known.name(), known.statement(), each.lastYear(), known.closing());
    }
}
