package undersaw.web.frame;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import undersaw.calc.Calculation;
import undersaw.check.Diagnostic;
import undersaw.engagement.Station;
import undersaw.ledger.Account;
import undersaw.returns.LineFinder;
import undersaw.returns.PlainWords;
import undersaw.store.Engagements;
import undersaw.store.Engagements.Named;
import undersaw.store.Notes;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Workspace;

/** The jump box: any client, station, form, line, account or diagnostic by number or words. */
@Controller
class JumpController {
    private static final int MOST = 12;
    private static final int CLIENTS = 4;
    private static final int YEAR_LENGTH = 4;

    /** Pages within stations that people look for by name. */
    private static final List<Jump> PAGES = List.of(
            new Jump("page", "Import a trial balance: file", "books#file"),
            new Jump("page", "Import a trial balance: paste rows", "books#rows"),
            new Jump("page", "Opening balances", "books/openings"),
            new Jump("page", "Client and year", "books/client"),
            new Jump("page", "Notes and files", "books/notes"),
            new Jump("page", "Asked of the client", "books/asked"),
            new Jump("page", "From last year, roll forward", "carried"),
            new Jump("page", "Study: kinds of entity, copies to change", "study"),
            new Jump("page", "Adjusted trial balance", "adjust/trial-balance"),
            new Jump("page", "Bridge from book to taxable income", "adjust/bridge"),
            new Jump("page", "Statements", "adjust/statements"),
            new Jump("page", "Variances", "adjust/variances"),
            new Jump("page", "Why it changed", "why"),
            new Jump("page", "Trail of changes", "trail"));

    private final Workspace workspace;
    private final Engagements engagements;
    private final Notes notes;

    JumpController(Workspace workspace, Engagements engagements, Notes notes) {
        this.notes = notes;
        this.workspace = workspace;
        this.engagements = engagements;
    }

    /**
     * A place to jump to.
     *
     * @param kind what it is
     * @param words its name
     * @param address where it is
     */
    public record Jump(String kind, String words, String address) {}

    @GetMapping("/jump")
    String jump(@RequestParam String q, @RequestParam(required = false) @Nullable Long in, Model model) {
        PlainWords asked = PlainWords.of(q);
        List<Jump> here = new ArrayList<>();
        if (in != null && !q.isBlank()) {
            within(workspace.open(in), asked, here);
            notes.of(in).stream()
                    .filter(note -> asked.fit(note.words()))
                    .limit(CLIENTS)
                    .map(note -> note(in, note))
                    .forEach(here::add);
        }
        List<Jump> found = new ArrayList<>(here.subList(0, Math.min(MOST, here.size())));
        if (!q.isBlank()) {
            // named from the database: no return is opened or computed to find a client
            engagements.named().stream()
                    .filter(each -> asked.fit(name(each)))
                    .limit(here.isEmpty() ? MOST : CLIENTS)
                    .map(each -> new Jump("client", name(each), "/e/" + each.id() + "/books"))
                    .forEach(found::add);
        }
        model.addAttribute("found", found);
        model.addAttribute("asked", q.strip());
        return "fragments/jump :: found";
    }

    private static Jump note(long engagement, Notes.Note note) {
        String base = "/e/" + engagement + "/books/";
        return note.asks()
                ? new Jump("asked", note.words(), base + "asked#asked-" + note.id())
                : new Jump("note", note.words(), base + "notes");
    }

    private static String name(Named each) {
        return each.client() + ", " + each.form() + " " + each.start().substring(0, YEAR_LENGTH);
    }

    private static void within(OpenEngagement open, PlainWords asked, List<Jump> found) {
        String base = "/e/" + open.id() + "/";
        for (Station station : open.kind().stations()) {
            if (asked.fit(station.caption())) {
                found.add(new Jump("station", station.caption(), base + station.path()));
            }
        }
        PAGES.stream()
                .filter(page -> asked.fit(page.words()))
                .map(page -> new Jump("page", page.words(), base + page.address()))
                .forEach(found::add);
        LineFinder.of(open.calculation().plan())
                .find(asked, MOST, each -> isUsed(open.calculation(), each))
                .forEach(each -> found.add(place(base, each)));
        for (Account account : open.snapshot().accounts().values()) {
            String words = account.number() + " " + account.name();
            if (found.size() < 2 * MOST && asked.fit(words)) {
                found.add(new Jump("account", words, base + "map#account-" + account.number()));
            }
        }
        for (Diagnostic diagnostic : open.review().diagnostics()) {
            String words = diagnostic.code() + " " + diagnostic.message();
            if (found.size() < 2 * MOST && asked.fit(words)) {
                found.add(new Jump(diagnostic.severity().word(), words, base + "check"));
            }
        }
    }

    private static boolean isUsed(Calculation year, LineFinder.Place place) {
        return place.line() == null
                ? year.holds(place.part())
                : !year.valuesOf(place.line()).isEmpty();
    }

    private static Jump place(String base, LineFinder.Place place) {
        String where = place.line() == null
                ? "return?sheet=" + place.part().code()
                : "return?line=" + place.line().id();
        return new Jump(place.line() == null ? "form" : "line", place.words(), base + where);
    }
}
