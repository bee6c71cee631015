package undersaw.web.books;

import java.io.IOException;
import java.security.Principal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import undersaw.engagement.Change;
import undersaw.engagement.Heading;
import undersaw.engagement.Snapshot;
import undersaw.engagement.Station;
import undersaw.files.sheet.StagedBooks;
import undersaw.files.sheet.TrialBalanceReader;
import undersaw.ledger.Account;
import undersaw.ledger.Mapping;
import undersaw.money.Money;
import undersaw.returns.ActivityCodes;
import undersaw.store.StagedImports;
import undersaw.store.StagedImports.Staged;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Figure;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;

/** Station Books: the client's facts, and the trial balance with its staged import. */
@Controller
class BooksController {
    private final Workspace workspace;
    private final StagedImports staged;
    private final StationPage page;
    private final Signature signature;

    BooksController(Workspace workspace, StagedImports staged, StationPage page, Signature signature) {
        this.workspace = workspace;
        this.staged = staged;
        this.page = page;
        this.signature = signature;
    }

    @GetMapping("/e/{id}/books")
    String books(@PathVariable long id, Model model) {
        OpenEngagement open = page.open(id, Station.BOOKS, model);
        model.addAttribute("books", BooksView.of(open));
        model.addAttribute("waiting", staged.find(id).isPresent());
        return "books/books";
    }

    @GetMapping("/e/{id}/books/client")
    String client(@PathVariable long id, Model model) {
        OpenEngagement open = page.open(id, Station.BOOKS, model);
        model.addAttribute("form", ClientForm.of(open.heading()));
        model.addAttribute("was", open.heading().hashCode());
        return "books/client";
    }

    @PostMapping("/e/{id}/books/client")
    String save(
            @PathVariable long id,
            @ModelAttribute("form") ClientForm form,
            BindingResult problems,
            @RequestParam int was,
            Model model,
            Principal principal,
            RedirectAttributes flash) {
        form.problems().forEach((field, message) -> problems.rejectValue(field, "", message));
        Heading now = workspace.open(id).heading();
        if (!problems.hasErrors() && now.hashCode() != was) {
            problems.reject(
                    "",
                    "Somebody changed these facts while you were typing. What stands now is "
                            + now.client().name() + ", " + now.client().number().printed() + ", "
                            + now.client().address().line1()
                            + ". Yours was not saved: keep theirs by leaving this page, or "
                            + "save yours over it.");
        }
        if (problems.hasErrors()) {
            page.open(id, Station.BOOKS, model);
            model.addAttribute("was", now.hashCode());
            return "books/client";
        }
        workspace.change(
                id,
                signature.name(principal),
                open -> new Change.HeadingSet(form.heading(open.heading().form())));
        flash.addFlashAttribute("said", "The client's facts are saved.");
        return "redirect:/e/" + id + "/books/client";
    }

    @GetMapping("/activity-codes")
    @ResponseBody
    Map<String, String> codes(@RequestParam String q) {
        return q.isBlank() ? Map.of() : ActivityCodes.find(q);
    }

    @PostMapping("/e/{id}/books/import")
    String read(@PathVariable long id, @RequestParam MultipartFile file, Principal principal, RedirectAttributes flash)
            throws IOException {
        String name = file.getOriginalFilename() == null ? "the file" : file.getOriginalFilename();
        Map<String, Account> before = workspace.open(id).snapshot().accounts();
        StagedBooks read = TrialBalanceReader.read(name, file.getBytes(), before);
        if (!read.isSound()) {
            flash.addFlashAttribute("faults", read.faults());
            return "redirect:/e/" + id + "/books";
        }
        staged.put(id, new Staged(name, read.notes(), signature.of(principal), read.accounts()));
        return "redirect:/e/" + id + "/books/staged";
    }

    @GetMapping("/e/{id}/books/staged")
    String staged(@PathVariable long id, Model model) {
        OpenEngagement open = page.open(id, Station.BOOKS, model);
        return staged.find(id)
                .map(waiting -> {
                    model.addAttribute("staged", waiting);
                    model.addAttribute(
                            "differences", BooksView.differences(open.snapshot().accounts(), waiting.accounts()));
                    StagedBooks books = new StagedBooks(waiting.file(), waiting.accounts(), List.of(), List.of());
                    model.addAttribute("netIncome", Figure.balance(books.netIncome()));
                    model.addAttribute("debits", Figure.balance(debits(waiting)));
                    return "books/staged";
                })
                .orElse("redirect:/e/" + id + "/books");
    }

    private static Money debits(Staged waiting) {
        return Money.sum(waiting.accounts().stream()
                .map(account -> account.closing().notBelowZero())
                .toList());
    }

    @PostMapping("/e/{id}/books/staged/commit")
    String commit(@PathVariable long id, Principal principal, RedirectAttributes flash) {
        staged.find(id).ifPresent(waiting -> {
            workspace.change(id, signature.name(principal), open -> new Change.BooksReplaced(waiting.accounts()));
            workspace.change(id, signature.name(principal), open -> suggestions(open));
            staged.discard(id);
            flash.addFlashAttribute(
                    "said",
                    waiting.accounts().size() + " accounts of " + waiting.file()
                            + " are in place. Confirm at Map where they go.");
        });
        return "redirect:/e/" + id + "/books";
    }

    /** New accounts get a suggestion; what a person mapped stays. */
    private static @Nullable Change suggestions(OpenEngagement open) {
        Snapshot snapshot = open.snapshot();
        Map<String, @Nullable Mapping> found = new HashMap<>();
        for (Account account : snapshot.accounts().values()) {
            if (!snapshot.mappings().containsKey(account.number())) {
                open.kind()
                        .suggestions()
                        .suggest(account)
                        .ifPresent(suggestion -> found.put(account.number(), suggestion.unconfirmed()));
            }
        }
        return found.isEmpty() ? null : new Change.MappingsSet(found);
    }

    @PostMapping("/e/{id}/books/staged/discard")
    String discard(@PathVariable long id, RedirectAttributes flash) {
        staged.discard(id);
        flash.addFlashAttribute("said", "The import was discarded; the books are as they were.");
        return "redirect:/e/" + id + "/books";
    }
}
