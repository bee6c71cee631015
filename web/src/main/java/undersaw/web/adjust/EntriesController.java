package undersaw.web.adjust;

import java.security.Principal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
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
import undersaw.books.BalanceGap;
import undersaw.books.Openings;
import undersaw.engagement.Change;
import undersaw.engagement.Station;
import undersaw.ledger.Account;
import undersaw.ledger.Entry;
import undersaw.ledger.EntryKind;
import undersaw.ledger.EntryPosting;
import undersaw.ledger.Repeats;
import undersaw.money.Money;
import undersaw.web.books.NewAccounts;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Refused;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Answers;
import undersaw.web.frame.Figure;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;

/** Station Adjust: entries, each with its effect before it is kept. */
@Controller
class EntriesController {
    private static final int BLANK_ROWS = 4;
    private static final int MOST_LISTED = 500;
    private static final int MOST_FOUND = 30;

    private final Workspace workspace;
    private final StationPage page;
    private final Signature signature;
    private final NewAccounts accounts;

    EntriesController(Workspace workspace, StationPage page, Signature signature, NewAccounts accounts) {
        this.accounts = accounts;
        this.workspace = workspace;
        this.page = page;
        this.signature = signature;
    }

    /** A row of an entry as the page shows it. */
    public record Row(String account, String name, String debit, String credit) {}

    /** An entry as the page shows it. */
    public record Shown(
            String number, String kind, String date, String memo, String repeats, List<Row> rows, boolean balancing) {}

    @GetMapping("/e/{id}/adjust")
    String entries(@PathVariable long id, @RequestParam(required = false) @Nullable String entry, Model model) {
        OpenEngagement open = page.open(id, Station.ADJUST, model);
        List<Entry> entries = open.snapshot().lists().entries();
        model.addAttribute(
                "entries", entries.stream().map(each -> shown(open, each, true)).toList());
        Optional<Entry> edited =
                entries.stream().filter(each -> each.number().equals(entry)).findFirst();
        model.addAttribute(
                "edited", edited.map(each -> shown(open, each, false)).orElseGet(() -> blank(open)));
        model.addAttribute("was", edited.map(Entry::number).orElse(""));
        model.addAttribute("seen", edited.map(Refused::seen).orElse(""));
        model.addAttribute("accounts", open.snapshot().accounts().size() > MOST_LISTED ? List.of() : found(open, ""));
        model.addAttribute("kinds", List.of(EntryKind.ADJUSTING, EntryKind.RECLASSIFYING, EntryKind.TAX));
        model.addAttribute("repeats", Repeats.values());
        return "adjust/entries";
    }

    /** Accounts whose number or name holds what was typed; for books too long to list on the page. */
    @GetMapping("/e/{id}/adjust/accounts")
    String accounts(@PathVariable long id, @RequestParam String q, Model model) {
        model.addAttribute("accounts", found(workspace.open(id), q));
        return "adjust/accounts :: accounts";
    }

    private static List<Account> found(OpenEngagement open, String query) {
        String plain = query.strip().toLowerCase(Locale.ROOT);
        return open.snapshot().accounts().values().stream()
                .filter(account -> account.number().startsWith(plain)
                        || account.name().toLowerCase(Locale.ROOT).contains(plain))
                .sorted(Account.byNumber())
                .limit(query.isEmpty() ? MOST_LISTED : MOST_FOUND)
                .toList();
    }

    private static Shown shown(OpenEngagement open, Entry entry, boolean printed) {
        List<Row> rows = new ArrayList<>();
        for (EntryPosting posting : entry.postings()) {
            Account account = open.snapshot().accounts().get(posting.account());
            Money amount = posting.amount();
            Money side = amount.abs();
            String text = printed ? Figure.balance(side) : side.toString();
            rows.add(new Row(
                    posting.account(),
                    account == null ? "not in the trial balance" : account.name(),
                    amount.isNegative() ? "" : text,
                    amount.isNegative() ? text : ""));
        }
        while (!printed && rows.size() < BLANK_ROWS) {
            rows.add(new Row("", "", "", ""));
        }
        return new Shown(
                entry.number(),
                entry.kind().word(),
                entry.date().toString(),
                entry.memo(),
                printed ? entry.repeats().caption() : entry.repeats().word(),
                rows,
                entry.kind() == EntryKind.BALANCING);
    }

    private static Shown blank(OpenEngagement open) {
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < BLANK_ROWS; i++) {
            rows.add(new Row("", "", "", ""));
        }
        return new Shown(
                EntryForm.nextNumber(open.snapshot()),
                EntryKind.ADJUSTING.word(),
                open.heading().period().end().toString(),
                "",
                Repeats.ONCE.word(),
                rows,
                false);
    }

    /** What the entry would do; nothing is kept. */
    @PostMapping("/e/{id}/adjust/preview")
    ModelAndView preview(@PathVariable long id, EntryForm form, Answers answers) {
        OpenEngagement open = workspace.open(id);
        EntryForm.Read read = form.read(open.snapshot());
        answers.model().addAttribute("open", open);
        answers.model().addAttribute("problems", read.problems());
        answers.model()
                .addAttribute(
                        "effects",
                        read.entry() == null ? List.of() : EntryEffect.of(open, change(open, form.was(), read)));
        return answers.view("adjust/entries :: effect");
    }

    /** The entry in its place, after the account that is new with it. */
    private Change change(OpenEngagement open, @Nullable String was, EntryForm.Read read) {
        Change entries = new Change.EntriesSet(with(open, was, Objects.requireNonNull(read.entry())));
        if (read.added() == null) {
            return entries;
        }
        List<Change> all = new ArrayList<>(accounts.adding(open, read.added()));
        all.add(entries);
        return new Change.Several(all);
    }

    private static List<Entry> with(OpenEngagement open, @Nullable String was, Entry entry) {
        List<Entry> entries = new ArrayList<>(open.snapshot().lists().entries());
        int place = -1;
        for (int i = 0; i < entries.size(); i++) {
            place = entries.get(i).number().equals(was) ? i : place;
        }
        if (place < 0) {
            entries.add(entry);
        } else {
            entries.set(place, entry);
        }
        return entries;
    }

    @PostMapping("/e/{id}/adjust")
    ModelAndView keep(
            @PathVariable long id,
            EntryForm form,
            @RequestParam(required = false) @Nullable String seen,
            Principal principal) {
        workspace.change(id, signature.name(principal), open -> {
            EntryForm.Read read = form.read(open.snapshot());
            if (read.entry() == null) {
                throw new Refused(
                        HttpStatus.UNPROCESSABLE_CONTENT, String.join(" ", read.problems()) + " Nothing was kept.");
            }
            Optional<Entry> now = open.snapshot().lists().entries().stream()
                    .filter(each -> each.number().equals(form.was()))
                    .findFirst();
            boolean edits = form.was() != null && !form.was().isEmpty();
            Refused.unlessSeen(
                    edits ? seen : null,
                    now.<Object>map(each -> each).orElse(""),
                    now.map(each -> "Entry " + each.number() + " was changed while you typed; it now says \""
                                            + each.memo() + "\", "
                                            + each.postings().size() + " postings, "
                                            + Figure.balance(Money.sum(each.postings().stream()
                                                    .map(posting ->
                                                            posting.amount().notBelowZero())
                                                    .toList()))
                                            + ". ")
                                    .orElse("The entry was removed while you typed. ")
                            + "Yours was not saved. Load the page, and save yours over it.");
            return change(open, form.was(), read);
        });
        return new ModelAndView("redirect:/e/" + id + "/adjust");
    }

    @PostMapping("/e/{id}/adjust/remove")
    String remove(@PathVariable long id, @RequestParam String number, Principal principal) {
        workspace.change(id, signature.name(principal), open -> {
            List<Entry> entries = new ArrayList<>(open.snapshot().lists().entries());
            return entries.removeIf(each -> each.number().equals(number)) ? new Change.EntriesSet(entries) : null;
        });
        return "redirect:/e/" + id + "/adjust";
    }

    /** Puts what the books are out by to retained earnings: a person's explicit, signed order. */
    @PostMapping("/e/{id}/adjust/balance/order")
    ModelAndView order(
            @PathVariable long id,
            @RequestParam boolean opening,
            @RequestParam String reason,
            Principal principal,
            Answers answers) {
        if (reason.isBlank()) {
            return answers.refuse(HttpStatus.UNPROCESSABLE_CONTENT, "Give a reason; it stands with the entry.");
        }
        String signed = reason.strip() + " (ordered by " + signature.of(principal) + ")";
        workspace.change(id, signature.name(principal), now -> ordered(now, opening, signed));
        return new ModelAndView("redirect:/e/" + id + "/adjust/balance");
    }

    /** The balancing entry out of the books as they stand, so that a second order finds nothing left to balance. */
    private static Change ordered(OpenEngagement now, boolean opening, String reason) {
        Optional<Account> retained = Openings.retainedEarnings(now.calculation(), now.kind());
        BalanceGap gap = BalanceGap.of(now.calculation(), opening);
        if (retained.isEmpty()) {
            throw new Refused(HttpStatus.UNPROCESSABLE_CONTENT, "No account goes to retained earnings. Map one first.");
        }
        if (!gap.isOpen()) {
            throw new Refused(HttpStatus.UNPROCESSABLE_CONTENT, "The books balance already.");
        }
        List<Entry> entries = new ArrayList<>(now.snapshot().lists().entries());
        var period = now.heading().period();
        entries.add(new Entry(
                "B" + EntryForm.nextNumber(now.snapshot()),
                EntryKind.BALANCING,
                opening ? period.start().minusDays(1) : period.end(),
                reason,
                List.of(new EntryPosting(
                        retained.get().number(), gap.difference().negated()))));
        return new Change.EntriesSet(entries);
    }
}
