package undersaw.web.books;

import java.math.BigDecimal;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import undersaw.engagement.Change;
import undersaw.engagement.Station;
import undersaw.form.MapTarget;
import undersaw.ledger.Account;
import undersaw.ledger.Mapping;
import undersaw.ledger.Split;
import undersaw.ledger.Treatment;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.money.Percent;
import undersaw.store.Ledgers;
import undersaw.web.books.AccountView.OfLedger;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Refused;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Answers;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;
import undersaw.web.frame.TypedArithmetic;
import undersaw.web.map.MeantMember;
import undersaw.web.pinned.Pinned;

/** One account: its balances, its parts, its transactions, what it brings to the return. */
@Controller
class AccountController {
    private static final int ON_A_PAGE = 200;

    private final Workspace workspace;
    private final StationPage page;
    private final Signature signature;
    private final Brought brought;

    AccountController(Workspace workspace, StationPage page, Signature signature, Brought brought) {
        this.workspace = workspace;
        this.page = page;
        this.signature = signature;
        this.brought = brought;
    }

    /** What was brought to an account besides its balance. */
    @Component
    record Brought(Ledgers ledgers, Pinned pinned) {}

    @GetMapping("/e/{id}/books/account")
    String account(
            @PathVariable long id,
            @RequestParam String number,
            @RequestParam(defaultValue = "1") int from,
            Model model) {
        OpenEngagement open = page.open(id, Station.BOOKS, model);
        Account account = open.snapshot().accounts().get(number);
        if (account == null) {
            return "redirect:/e/" + id + "/books";
        }
        long ledger = open.snapshot().source().ledger();
        int first = Math.max(1, from);
        OfLedger ofLedger = ledger == 0
                ? new OfLedger(List.of(), 0)
                : new OfLedger(
                        brought.ledgers().of(ledger, number, first - 1, ON_A_PAGE),
                        brought.ledgers().count(ledger, number));
        model.addAttribute("view", AccountView.of(open, account, ofLedger));
        model.addAttribute("choices", open.calculation().plan().targets());
        model.addAttribute("treatments", open.kind().treatments());
        model.addAttribute("from", first);
        model.addAttribute("seen", Refused.seen(account));
        model.addAttribute("next", first + ON_A_PAGE <= ofLedger.count() ? first + ON_A_PAGE : 0);
        brought.pinned().show(id, "account-" + number, model);
        return "books/account";
    }

    /** Another opening balance, or another closing one. */
    @PostMapping("/e/{id}/books/account/balance")
    ModelAndView balance(
            @PathVariable long id,
            @RequestParam String number,
            @RequestParam(required = false) @Nullable String opening,
            @RequestParam(required = false) @Nullable String closing,
            @RequestParam(required = false) @Nullable String seen,
            Principal principal,
            Answers answers) {
        Account account = workspace.open(id).snapshot().accounts().get(number);
        Optional<Money> start = typed(opening, account == null ? Money.ZERO : account.opening());
        Optional<Money> end = typed(closing, account == null ? Money.ZERO : account.closing());
        if (account == null || start.isEmpty() || end.isEmpty()) {
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Found \"" + (start.isEmpty() ? opening : closing)
                            + "\", expected an amount such as 1250.00, credits with a minus.");
        }
        workspace.change(id, signature.name(principal), open -> {
            Account now = open.snapshot().accounts().getOrDefault(number, account);
            Refused.unlessSeen(
                    seen,
                    now,
                    "Account " + number + " now opens with " + now.opening().printedWithCents()
                            + " and closes with " + now.closing().printedWithCents()
                            + ". Yours was not saved. Load the page, and save yours over it.");
            return new Change.AccountSet(new Account(
                    number,
                    now.name(),
                    now.statement(),
                    opening == null ? now.opening() : start.get(),
                    closing == null ? now.closing() : end.get()));
        });
        return back(id, number);
    }

    private static Optional<Money> typed(@Nullable String text, Money otherwise) {
        if (text == null) {
            return Optional.of(otherwise);
        }
        return text.isBlank()
                ? Optional.of(Money.ZERO)
                : TypedArithmetic.read(text).filter(Money::isPlain).map(Money::parse);
    }

    /** The parts that go elsewhere, all at once; blank rows are none. */
    @PostMapping("/e/{id}/books/account/split")
    ModelAndView split(
            @PathVariable long id,
            @RequestParam String number,
            @RequestParam List<String> line,
            @RequestParam List<String> treatment,
            @RequestParam List<String> measure,
            Principal principal,
            Answers answers,
            RedirectAttributes flash) {
        OpenEngagement open = workspace.open(id);
        Mapping mapping = open.snapshot().mappings().get(number);
        if (mapping == null) {
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Account " + number + " has no line yet. Map it first; the rest of a split goes there.");
        }
        List<Split> splits = new ArrayList<>();
        for (int i = 0; i < Math.min(line.size(), measure.size()); i++) {
            if (!line.get(i).isBlank() || !measure.get(i).isBlank()) {
                String wanted = i < treatment.size() ? treatment.get(i).strip() : "";
                PartOrProblem part = part(open, number, new Typed(line.get(i), wanted, measure.get(i)));
                if (part.split() == null) {
                    return answers.refuse(HttpStatus.UNPROCESSABLE_CONTENT, part.problem());
                }
                splits.add(part.split());
            }
        }
        Optional<String> beyond = beyond(open, number, splits);
        if (beyond.isPresent()) {
            return answers.refuse(HttpStatus.UNPROCESSABLE_CONTENT, beyond.get());
        }
        set(id, number, mapping.withSplits(splits), principal);
        flash.addFlashAttribute("said", SplitWords.of(open, number, splits));
        return back(id, number);
    }

    /** Parts beyond the whole; absent where they leave something or nothing. */
    private static Optional<String> beyond(OpenEngagement open, String number, List<Split> splits) {
        Money whole = SplitWords.whole(open, number);
        Money parts = Money.sum(splits.stream().map(split -> split.of(whole)).toList());
        boolean more =
                parts.abs().compareTo(whole.abs()) > 0 || !parts.isZero() && parts.isNegative() != whole.isNegative();
        return more
                ? Optional.of("The parts come to " + parts.abs().printed() + ", and account " + number + " holds "
                        + whole.abs().printed() + ". Nothing was kept: make a part smaller, or take one away.")
                : Optional.empty();
    }

    private record Typed(String line, String treatment, String measure) {}

    private record PartOrProblem(@Nullable Split split, String problem) {}

    private static PartOrProblem part(OpenEngagement open, String number, Typed typed) {
        String address = MeantMember.line(typed.line());
        Optional<MapTarget> target =
                LineId.isShaped(address) ? open.calculation().plan().target(LineId.of(address)) : Optional.empty();
        Account account = open.snapshot().accounts().get(number);
        if (target.isEmpty() || account == null || target.get().statement() != account.statement()) {
            return new PartOrProblem(
                    null, "\"" + typed.line() + "\" is no line that this account can feed. Type a line and choose it.");
        }
        Optional<Treatment> treatment = open.kind().treatment(typed.treatment());
        if (treatment.isEmpty()) {
            return new PartOrProblem(null, "\"" + typed.treatment() + "\" is no treatment. Type one and choose it.");
        }
        Optional<String> refused = target.get().refusal(treatment.get());
        if (refused.isPresent()) {
            return new PartOrProblem(null, refused.get());
        }
        boolean plain = !account.onIncomeStatement() && !target.get().takes(treatment.get());
        String id = plain ? "" : treatment.get().id();
        MeantMember member = MeantMember.of(open, target.get(), typed.line());
        if (!member.problem().isEmpty()) {
            return new PartOrProblem(null, member.problem());
        }
        String measure = typed.measure().strip();
        if (measure.matches("\\d{1,3}(\\.\\d{1,6})?\\s*%")) {
            Percent percent = Percent.of(measure.replace("%", "").strip());
            return percent.value().compareTo(BigDecimal.valueOf(100)) > 0
                    ? new PartOrProblem(null, measure + " is more than the whole account.")
                    : new PartOrProblem(new Split(target.get().id(), member.instance(), id, percent, null), "");
        }
        return TypedArithmetic.read(measure)
                .filter(Money::isPlain)
                .map(Money::parse)
                .map(amount -> amountOf(open, account, amount))
                .map(amount -> new PartOrProblem(new Split(target.get().id(), member.instance(), id, null, amount), ""))
                .orElse(new PartOrProblem(
                        null, "Found \"" + measure + "\", expected a part such as 40% or an amount such as 1200."));
    }

    /** Amounts are typed without a sign and take that of the account. */
    private static Money amountOf(OpenEngagement open, Account account, Money typed) {
        return open.calculation().adjusted(account).isNegative() && typed.isPositive() ? typed.negated() : typed;
    }

    /** The account that this one is read together with; blank for none. */
    @PostMapping("/e/{id}/books/account/partner")
    ModelAndView partner(
            @PathVariable long id,
            @RequestParam String number,
            @RequestParam String partner,
            Principal principal,
            Answers answers) {
        OpenEngagement open = workspace.open(id);
        Mapping mapping = open.snapshot().mappings().get(number);
        String chosen = partner.strip().split("\\s", -1)[0];
        boolean known = chosen.isEmpty() || open.snapshot().accounts().containsKey(chosen) && !chosen.equals(number);
        if (mapping == null || !known) {
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "\"" + partner
                            + "\" is no other account of this trial balance. Choose one from the list, or none.");
        }
        set(id, number, mapping.withPartner(chosen), principal);
        return back(id, number);
    }

    private void set(long id, String number, Mapping mapping, Principal principal) {
        workspace.change(id, signature.name(principal), open -> {
            Map<String, @Nullable Mapping> one = new TreeMap<>();
            one.put(number, mapping.confirmedBecause("confirmed by " + signature.of(principal)));
            return new Change.MappingsSet(one);
        });
    }

    private static ModelAndView back(long id, String number) {
        return new ModelAndView(
                "redirect:/e/" + id + "/books/account?number=" + URLEncoder.encode(number, StandardCharsets.UTF_8));
    }
}
