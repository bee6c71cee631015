package undersaw.web.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import undersaw.check.Diagnostic;
import undersaw.engagement.Station;
import undersaw.form.Line;
import undersaw.ledger.Account;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Workspace;

/** The jump box: any client, station, line, account or diagnostic by words. */
@Controller
class JumpController {
    private static final int MOST = 12;

    private final Workspace workspace;

    JumpController(Workspace workspace) {
        this.workspace = workspace;
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
        List<String> words = List.of(q.strip().toLowerCase(Locale.ROOT).split("\\s+", -1));
        List<Jump> found = new ArrayList<>();
        if (in != null && !q.isBlank()) {
            within(workspace.open(in), words, found);
        }
        for (OpenEngagement open : q.isBlank() ? List.<OpenEngagement>of() : workspace.all()) {
            String name = open.heading().client().name() + ", " + open.heading().form() + " "
                    + open.heading().period().lawYear();
            add(found, words, new Jump("client", name, "/e/" + open.id() + "/books"));
        }
        model.addAttribute("found", found.subList(0, Math.min(MOST, found.size())));
        model.addAttribute("asked", q.strip());
        return "fragments/jump :: found";
    }

    private static void within(OpenEngagement open, List<String> words, List<Jump> found) {
        String base = "/e/" + open.id() + "/";
        for (Station station : open.kind().stations()) {
            add(found, words, new Jump("station", station.caption(), base + station.path()));
        }
        open.calculation().plan().parts().stream()
                .flatMap(part -> open.calculation().plan().linesOf(part).stream())
                .forEach(line -> add(found, words, line(base, line)));
        for (Account account : open.snapshot().accounts().values()) {
            add(
                    found,
                    words,
                    new Jump(
                            "account",
                            account.number() + " " + account.name(),
                            base + "map#account-" + account.number()));
        }
        for (Diagnostic diagnostic : open.review().diagnostics()) {
            add(
                    found,
                    words,
                    new Jump(
                            diagnostic.severity().word(),
                            diagnostic.code() + " " + diagnostic.message(),
                            base + "check"));
        }
    }

    private static Jump line(String base, Line line) {
        return new Jump("line", line.id() + " " + line.caption(), base + "return?line=" + line.id());
    }

    private static void add(List<Jump> found, List<String> words, Jump jump) {
        String text = jump.words().toLowerCase(Locale.ROOT);
        if (found.size() < 4 * MOST && words.stream().allMatch(text::contains)) {
            found.add(jump);
        }
    }
}
