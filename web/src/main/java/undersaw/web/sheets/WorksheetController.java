package undersaw.web.sheets;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
import undersaw.engagement.Change;
import undersaw.engagement.Station;
import undersaw.engagement.WorksheetRow;
import undersaw.form.Line;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Refused;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Answers;
import undersaw.web.frame.Figure;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;
import undersaw.web.pinned.Pinned;

/** Station Return: the rows behind one line; their sum is the line's figure and they print as its statement. */
@Controller
class WorksheetController {
    private static final int BLANK_ROWS = 4;

    private final Workspace workspace;
    private final StationPage page;
    private final Signature signature;
    private final Pinned pinned;

    WorksheetController(Workspace workspace, StationPage page, Signature signature, Pinned pinned) {
        this.workspace = workspace;
        this.page = page;
        this.signature = signature;
        this.pinned = pinned;
    }

    /** A row as the page shows it. */
    public record Row(String description, String amount, String date, String note) {
        static Row of(WorksheetRow row) {
            return new Row(
                    row.description(),
                    row.amount().toString(),
                    row.date() == null ? "" : row.date().toString(),
                    row.note());
        }
    }

    private static Optional<Line> line(OpenEngagement open, String key) {
        String address = key.contains("@") ? key.substring(0, key.indexOf('@')) : key;
        return LineId.isShaped(address)
                ? open.calculation()
                        .plan()
                        .line(LineId.of(address))
                        .filter(line -> line.kind().isNumber())
                : Optional.empty();
    }

    @GetMapping("/e/{id}/return/worksheet")
    String worksheet(@PathVariable long id, @RequestParam String line, Model model) {
        OpenEngagement open = page.open(id, Station.RETURN, model);
        Optional<Line> found = line(open, line);
        if (found.isEmpty()) {
            return "redirect:/e/" + id + "/return";
        }
        LineKey key = LineKey.parse(line);
        List<WorksheetRow> kept = open.snapshot().worksheets().getOrDefault(key, List.of());
        List<Row> rows = new ArrayList<>(kept.stream().map(Row::of).toList());
        for (int i = 0; i < BLANK_ROWS; i++) {
            rows.add(new Row("", "", "", ""));
        }
        model.addAttribute("line", found.get());
        model.addAttribute("key", line);
        model.addAttribute("rows", rows);
        model.addAttribute("seen", Refused.seen(kept));
        model.addAttribute(
                "total",
                Figure.balance(Money.sum(kept.stream().map(WorksheetRow::amount).toList())));
        model.addAttribute("figure", StationPage.figure(open.calculation(), key));
        pinned.show(id, line, model);
        return "sheets/worksheet";
    }

    @PostMapping("/e/{id}/return/worksheet")
    ModelAndView keep(@PathVariable long id, WorksheetForm form, Principal principal, Answers answers) {
        OpenEngagement open = workspace.open(id);
        String line = form.line() == null ? "" : form.line();
        if (line(open, line).isEmpty()) {
            return answers.refuse(HttpStatus.NOT_FOUND, "There is no line \"" + line + "\" that holds an amount.");
        }
        WorksheetForm.Read read = form.read();
        if (!read.problems().isEmpty()) {
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT, String.join(" ", read.problems()) + " Nothing was kept.");
        }
        workspace.change(id, signature.name(principal), now -> {
            List<WorksheetRow> kept = now.snapshot().worksheets().getOrDefault(LineKey.parse(line), List.of());
            Refused.unlessSeen(
                    form.seen(),
                    kept,
                    "Somebody changed this worksheet while you typed. It now holds "
                            + kept.stream()
                                    .map(row -> row.description() + " "
                                            + row.amount().printed())
                                    .collect(Collectors.joining("; "))
                            + ". Yours was not saved. Load the page, and save yours over it.");
            return new Change.WorksheetSet(LineKey.parse(line), read.rows(), signature.of(principal));
        });
        return new ModelAndView(
                "redirect:/e/" + id + "/return/worksheet?line=" + URLEncoder.encode(line, StandardCharsets.UTF_8));
    }

    /** The rows as they were typed, and rows pasted from a spreadsheet below them. */
    record WorksheetForm(
            @Nullable String line,
            @Nullable List<String> description,
            @Nullable List<String> amount,
            @Nullable List<String> date,
            @Nullable List<String> note,
            @Nullable String pasted,
            @Nullable String seen) {

        /** The rows, or everything that keeps some of them from being read. */
        record Read(List<WorksheetRow> rows, List<String> problems) {}

        Read read() {
            List<WorksheetRow> rows = new ArrayList<>();
            List<String> problems = new ArrayList<>();
            int typed = description == null ? 0 : description.size();
            for (int i = 0; i < typed; i++) {
                List<String> cells = List.of(
                        WorksheetCells.at(description, i),
                        WorksheetCells.at(amount, i),
                        WorksheetCells.at(date, i),
                        WorksheetCells.at(note, i));
                WorksheetCells.read("Row " + (i + 1), cells, rows, problems);
            }
            List<String> lines = pasted == null ? List.of() : pasted.lines().toList();
            for (int i = 0; i < lines.size(); i++) {
                List<String> cells = List.of(lines.get(i).split("\t", -1));
                WorksheetCells.read("Pasted row " + (i + 1), cells, rows, problems);
            }
            return new Read(rows, problems);
        }
    }
}
