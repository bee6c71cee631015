package undersaw.web.books;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import undersaw.engagement.Change;
import undersaw.engagement.Station;
import undersaw.files.sheet.BooksContext;
import undersaw.files.sheet.BooksReader;
import undersaw.files.sheet.BooksTemplate;
import undersaw.files.sheet.ColumnPlan;
import undersaw.files.sheet.SourceFile;
import undersaw.files.sheet.StagedBooks;
import undersaw.ledger.BooksSource;
import undersaw.ledger.Mapping;
import undersaw.ledger.StatementKind;
import undersaw.store.Ledgers;
import undersaw.store.StagedFiles;
import undersaw.store.StagedFiles.Staged;
import undersaw.store.Vault;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Refused;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Download;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;
import undersaw.web.learn.Suggester;

/** Station Books: a client's file on its way in, from the first look to the moment it replaces the books. */
@Controller
class ImportController {
    private static final int PREVIEWS = 8;

    private final Workspace workspace;
    private final Desk desk;
    private final StationPage page;
    private final Signature signature;

    /** A file as it was read in one way for one revision. */
    private record Reading(long engagement, long revision, String digest, String plan) {}

    /** A preview that is only looked at again is not read again. */
    private final Cache<Reading, StagedBooks> readings = Caffeine.newBuilder()
            .maximumSize(PREVIEWS)
            .expireAfterAccess(Duration.ofMinutes(10))
            .build();

    ImportController(Workspace workspace, Desk desk, StationPage page, Signature signature) {
        this.workspace = workspace;
        this.desk = desk;
        this.page = page;
        this.signature = signature;
    }

    /** What an import needs besides the engagement. */
    @Component
    record Desk(StagedFiles staged, Ledgers ledgers, Vault vault, Suggester suggester) {
        SourceFile source(Staged waiting) {
            return SourceFile.of(waiting.file(), vault.path(waiting.digest()));
        }
    }

    @PostMapping("/e/{id}/books/import")
    String read(@PathVariable long id, @RequestParam MultipartFile file, Principal principal, RedirectAttributes flash)
            throws IOException {
        String given = file.getOriginalFilename() == null ? "" : file.getOriginalFilename();
        String name = given.substring(given.replace('\\', '/').lastIndexOf('/') + 1);
        try (InputStream bytes = file.getInputStream()) {
            String digest = desk.vault().keep(bytes);
            Staged staged = new Staged(
                    StagedFiles.BOOKS, name.isBlank() ? "the file" : name, digest, "", signature.of(principal));
            return stage(id, staged, flash);
        }
    }

    @PostMapping("/e/{id}/books/paste")
    String paste(@PathVariable long id, @RequestParam String rows, Principal principal, RedirectAttributes flash) {
        String digest = desk.vault().keep(new ByteArrayInputStream(rows.getBytes(StandardCharsets.UTF_8)));
        return stage(id, new Staged(StagedFiles.BOOKS, "pasted rows", digest, "", signature.of(principal)), flash);
    }

    /** Looks at the file; how this client's files of the same headings were read before wins over the guess. */
    private String stage(long id, Staged staged, RedirectAttributes flash) {
        LocalDate end = workspace.open(id).heading().period().end();
        BooksReader.Look look = BooksReader.look(desk.source(staged), "", end);
        if (look.fault().isPresent()) {
            flash.addFlashAttribute("faults", List.of(look.fault().get()));
            return "redirect:/e/" + id + "/books";
        }
        Optional<ColumnPlan> remembered = look.headings().isEmpty()
                ? Optional.empty()
                : desk.staged()
                        .remembered(id, StagedFiles.BOOKS, look.headings())
                        .flatMap(ImportController::plan);
        ColumnPlan plan = remembered
                .filter(each -> look.sheets().isEmpty() || look.sheets().contains(each.sheet()))
                .orElse(look.plan());
        desk.staged().put(id, staged.readAs(plan.text()));
        return "redirect:/e/" + id + "/books/staged";
    }

    /** A plan as it was kept; nothing where it is of an older shape. */
    private static Optional<ColumnPlan> plan(String kept) {
        try {
            return Optional.of(ColumnPlan.parse(kept));
        } catch (IllegalArgumentException older) {
            return Optional.empty();
        }
    }

    @GetMapping("/e/{id}/books/staged")
    String staged(@PathVariable long id, Model model) {
        OpenEngagement open = page.open(id, Station.BOOKS, model);
        return desk.staged()
                .find(id, StagedFiles.BOOKS)
                .map(waiting -> {
                    SourceFile source = desk.source(waiting);
                    BooksReader.Look look = look(open, waiting);
                    ColumnPlan plan = plan(waiting.plan()).orElse(look.plan());
                    StagedBooks books = readings.get(
                            new Reading(open.id(), open.revision(), waiting.digest(), plan.text()),
                            unused -> BooksReader.read(source, plan, context(open), transaction -> {}));
                    model.addAttribute("staged", StagedView.of(waiting, look, plan, books));
                    model.addAttribute(
                            "held", books.isSound() ? HeldAgainst.of(open, books, workspace.lastYear(id)) : List.of());
                    model.addAttribute(
                            "differences",
                            books.isSound()
                                    ? BooksView.differences(open.snapshot().accounts(), books.accounts())
                                    : List.of());
                    return "books/staged";
                })
                .orElse("redirect:/e/" + id + "/books");
    }

    private BooksReader.Look look(OpenEngagement open, Staged waiting) {
        String sheet = plan(waiting.plan()).map(ColumnPlan::sheet).orElse("");
        return BooksReader.look(
                desk.source(waiting), sheet, open.heading().period().end());
    }

    private BooksContext context(OpenEngagement open) {
        return new BooksContext(
                open.heading().client().name(),
                open.heading().period().start(),
                open.heading().period().end(),
                open.snapshot().accounts(),
                name -> desk.suggester().statementOf(open.kind(), name));
    }

    /** The columns as a person says they are. */
    @PostMapping("/e/{id}/books/staged/columns")
    String columns(@PathVariable long id, ColumnForm form) {
        return again(id, (open, waiting) -> {
            ColumnPlan before =
                    plan(waiting.plan()).orElseGet(() -> look(open, waiting).plan());
            boolean otherSheet = form.sheet() != null && !form.sheet().equals(before.sheet());
            return otherSheet
                    ? BooksReader.look(
                                    desk.source(waiting),
                                    form.sheet(),
                                    open.heading().period().end())
                            .plan()
                    : form.plan(before);
        });
    }

    /** One of the ways in which the file can be read. */
    @PostMapping("/e/{id}/books/staged/reading")
    String reading(@PathVariable long id, @RequestParam String reading) {
        return again(id, (open, waiting) -> {
            // the question is of the file as it was first seen, whichever sheet is shown by now
            BooksReader.Look first = BooksReader.look(
                    desk.source(waiting), "", open.heading().period().end());
            ColumnPlan chosen = look(open, waiting).readings().get(reading);
            return chosen != null ? chosen : first.readings().get(reading);
        });
    }

    /** A row left out, or taken in, whatever it looks like. */
    @PostMapping("/e/{id}/books/staged/row")
    String row(
            @PathVariable long id,
            @RequestParam(required = false) Long leave,
            @RequestParam(required = false) Long take) {
        return again(
                id,
                (open, waiting) -> plan(waiting.plan())
                        .filter(plan -> leave != null || take != null)
                        .map(plan -> plan.saying(plan.byHand().row(take != null ? take : leave, take != null)))
                        .orElse(null));
    }

    /** The statement of an account of which the file leaves it open. */
    @PostMapping("/e/{id}/books/staged/statement")
    String statement(@PathVariable long id, @RequestParam String number, @RequestParam StatementKind to) {
        return again(
                id,
                (open, waiting) -> plan(waiting.plan())
                        .map(plan -> plan.saying(plan.byHand().statement(number, to)))
                        .orElse(null));
    }

    private String again(long id, BiFunction<OpenEngagement, Staged, @Nullable ColumnPlan> change) {
        OpenEngagement open = workspace.open(id);
        desk.staged().find(id, StagedFiles.BOOKS).ifPresent(waiting -> {
            ColumnPlan plan = change.apply(open, waiting);
            if (plan != null) {
                desk.staged().put(id, waiting.readAs(plan.text()));
            }
        });
        return "redirect:/e/" + id + "/books/staged";
    }

    /** Last year's closing balances as this year's opening ones. */
    @PostMapping("/e/{id}/books/staged/openings")
    String openings(@PathVariable long id, Principal principal, RedirectAttributes flash) {
        Optional<Staged> waiting = desk.staged().find(id, StagedFiles.BOOKS);
        if (waiting.isEmpty()) {
            return "redirect:/e/" + id + "/books";
        }
        SourceFile source = desk.source(waiting.get());
        ColumnPlan plan = ColumnPlan.parse(waiting.get().plan()).settled();
        ColumnPlan closing = plan.opensOnly() ? plan.closingTheYearBefore() : plan;
        StagedBooks books = BooksReader.read(source, closing, context(workspace.open(id)), transaction -> {});
        if (!books.isSound()) {
            flash.addFlashAttribute("faults", books.faults());
            return "redirect:/e/" + id + "/books/staged";
        }
        workspace.change(
                id,
                signature.name(principal),
                open -> OpeningsTaken.from(books, open.snapshot().accounts()));
        desk.staged().discard(id, StagedFiles.BOOKS);
        flash.addFlashAttribute(
                "said", "The closing balances of " + books.file() + " are this year's opening balances.");
        return "redirect:/e/" + id + "/books/openings";
    }

    @PostMapping("/e/{id}/books/staged/commit")
    String commit(@PathVariable long id, Principal principal, RedirectAttributes flash) {
        Optional<Staged> waiting = desk.staged().find(id, StagedFiles.BOOKS);
        if (waiting.isEmpty()) {
            return "redirect:/e/" + id + "/books";
        }
        StagedBooks placed = place(id, waiting.get(), principal);
        if (!placed.isSound()) {
            return "redirect:/e/" + id + "/books/staged";
        }
        flash.addFlashAttribute(
                "said",
                placed.accounts().size() + " accounts of " + placed.file()
                        + " are in place. Confirm at Map where they go.");
        return "redirect:/e/" + id + "/books";
    }

    /** Reads the file, its transactions beside the work of others, and puts books and suggestions in place together. */
    private StagedBooks place(long id, Staged waiting, Principal principal) {
        SourceFile source = desk.source(waiting);
        ColumnPlan plan = ColumnPlan.parse(waiting.plan());
        OpenEngagement seen = workspace.open(id);
        StagedBooks books;
        try (Ledgers.Arriving arriving = desk.ledgers().arriving(id, waiting.file())) {
            books = BooksReader.read(source, plan, context(seen), arriving);
            if (!books.isSound()) {
                return books;
            }
            long ledger = books.transactions() == 0 ? 0 : arriving.complete();
            workspace.change(id, signature.name(principal), open -> {
                if (!open.snapshot().accounts().equals(seen.snapshot().accounts())) {
                    throw new Refused(
                            HttpStatus.CONFLICT,
                            "The books were changed while the file was read. Look at the preview again.");
                }
                return placed(open, books, new BooksSource(waiting.file(), ledger));
            });
        }
        desk.staged().discard(id, StagedFiles.BOOKS);
        String headings = BooksReader.look(source, plan.sheet()).headings();
        if (!headings.isEmpty()) {
            desk.staged()
                    .remember(id, StagedFiles.BOOKS, headings, plan.remembered().text());
        }
        return books;
    }

    /** New accounts get a suggestion; what a person mapped stays. */
    private Change placed(OpenEngagement open, StagedBooks books, BooksSource source) {
        Map<String, @Nullable Mapping> found = new HashMap<>();
        desk.suggester().best(open.kind(), books.accounts()).forEach((number, suggestion) -> {
            if (!open.snapshot().mappings().containsKey(number)) {
                found.put(number, suggestion.unconfirmed());
            }
        });
        List<Change> changes = new ArrayList<>();
        changes.add(new Change.BooksReplaced(books.accounts(), source));
        if (!found.isEmpty()) {
            changes.add(new Change.MappingsSet(found));
        }
        return new Change.Several(changes);
    }

    @PostMapping("/e/{id}/books/staged/discard")
    String discard(@PathVariable long id, RedirectAttributes flash) {
        desk.staged().discard(id, StagedFiles.BOOKS);
        flash.addFlashAttribute("said", "The import was discarded; the books are as they were.");
        return "redirect:/e/" + id + "/books";
    }

    @GetMapping("/e/{id}/books/template.xlsx")
    ResponseEntity<byte[]> template(@PathVariable long id) {
        OpenEngagement open = workspace.open(id);
        return Download.of(open.heading(), "books-to-fill", "xlsx", BooksTemplate.write(open.calculation()));
    }
}
