package undersaw.web.lists;

import java.security.Principal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.NumbersShown;
import undersaw.files.sheet.ListReader;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.RowList;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Answers;
import undersaw.web.frame.Download;
import undersaw.web.frame.Exports;
import undersaw.web.frame.Signature;
import undersaw.web.frame.TypedArithmetic;

/** Rows typed into a list, taken away, and the list saved as a file. */
@Controller
class RowsController {
    private static final int PROBLEMS_SHOWN = 5;

    private final Workspace workspace;
    private final Signature signature;
    private final Exports exports;

    RowsController(Workspace workspace, Signature signature, Exports exports) {
        this.exports = exports;
        this.workspace = workspace;
        this.signature = signature;
    }

    private static Optional<RowList> list(OpenEngagement open, String name) {
        return open.calculation().plan().list(name);
    }

    /** One row typed into the fields below the grid. */
    @PostMapping("/e/{id}/list/{name}/row")
    ModelAndView row(
            @PathVariable long id,
            @PathVariable String name,
            @RequestParam List<String> line,
            @RequestParam List<String> value,
            Principal principal,
            Answers answers) {
        Optional<RowList> list = list(workspace.open(id), name);
        if (list.isEmpty()) {
            return noSuchList(name, answers);
        }
        Map<Line, String> cells = new LinkedHashMap<>();
        List<String> problems = new ArrayList<>();
        for (int i = 0; i < Math.min(line.size(), value.size()); i++) {
            String text = value.get(i).strip();
            String address = line.get(i);
            list.get().typed().stream()
                    .filter(each -> each.id().text().equals(address) && !text.isEmpty())
                    .findFirst()
                    .ifPresent(each -> typed(each, text)
                            .ifPresentOrElse(
                                    kept -> cells.put(each, kept),
                                    () -> problems.add(each.caption() + ": found \"" + text + "\", expected "
                                            + each.expected() + ".")));
        }
        if (cells.isEmpty() && problems.isEmpty()) {
            problems.add("Fill in at least one field of the row.");
        }
        return keep(
                id,
                list.get(),
                new ListReader.Read(List.of(new ListReader.Row("", cells)), problems),
                answers,
                principal);
    }

    private static Optional<String> typed(Line line, String text) {
        Optional<String> sum = line.kind() == LineKind.AMOUNT ? TypedArithmetic.read(text) : Optional.empty();
        return sum.filter(Money::isPlain).or(() -> ListReader.cell(line, text));
    }

    private ModelAndView keep(long id, RowList list, ListReader.Read read, Answers answers, Principal principal) {
        if (!read.problems().isEmpty()) {
            List<String> first = read.problems().stream().limit(PROBLEMS_SHOWN).toList();
            int more = read.problems().size() - first.size();
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    String.join(" ", first) + (more > 0 ? " And " + more + " more." : "") + " Nothing was kept.");
        }
        Optional<String> tooMany = ListRows.tooMany(workspace.open(id).calculation(), list, read.rows(), false);
        if (tooMany.isPresent()) {
            return answers.refuse(HttpStatus.UNPROCESSABLE_CONTENT, tooMany.get());
        }
        workspace.change(
                id,
                signature.name(principal),
                open -> ListRows.kept(
                        new ListRows.Target(open.calculation(), list), read.rows(), false, signature.of(principal)));
        return home(id, list);
    }

    private static ModelAndView home(long id, RowList list) {
        return new ModelAndView("redirect:" + ListView.home(id, list));
    }

    private static ModelAndView noSuchList(String name, Answers answers) {
        return answers.refuse(HttpStatus.NOT_FOUND, "This return has no list \"" + name + "\".");
    }

    /** One row taken away. */
    @PostMapping("/e/{id}/list/{name}/remove")
    ModelAndView remove(
            @PathVariable long id,
            @PathVariable String name,
            @RequestParam String row,
            Principal principal,
            Answers answers) {
        Optional<RowList> list = list(workspace.open(id), name);
        if (list.isEmpty()) {
            return noSuchList(name, answers);
        }
        workspace.change(id, signature.name(principal), open -> {
            Map<LineKey, @Nullable Fact> facts = new HashMap<>();
            list.get().lines().stream()
                    .map(line -> line.id().in(row))
                    .filter(key -> open.snapshot().fact(key).isPresent())
                    .forEach(key -> facts.put(key, null));
            return facts.isEmpty() ? null : new Change.FactsSet(facts);
        });
        return home(id, list.get());
    }

    /** The whole list as a file that can be read in again; numbers of taxpayers whole only where that is asked for. */
    @GetMapping("/e/{id}/list/{name}.{ending:csv|xlsx}")
    ResponseEntity<byte[]> save(
            @PathVariable long id,
            @PathVariable String name,
            @PathVariable String ending,
            @RequestParam(defaultValue = "MASKED") NumbersShown numbers,
            Principal principal) {
        OpenEngagement open = workspace.open(id);
        Optional<RowList> list = list(open, name);
        if (list.isEmpty()) {
            return ResponseEntity.notFound().build();
        }
        exports.taken(open, list.get().part().title() + " as " + ending.toUpperCase(Locale.ROOT), numbers, principal);
        return Download.of(open.heading(), name, ending, ListExport.table(open.calculation(), list.get(), numbers));
    }
}
