package undersaw.web.lists;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.security.Principal;
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
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import undersaw.engagement.Station;
import undersaw.files.sheet.ListPlan;
import undersaw.files.sheet.ListReader;
import undersaw.files.sheet.SourceFile;
import undersaw.store.StagedFiles;
import undersaw.store.StagedFiles.Staged;
import undersaw.store.Vault;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Answers;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;

/** Rows pasted or read from a file on their way into a list: looked at first, columns put right, then kept. */
@Controller
class ListImportController {
    private static final String PASTED = "Pasted";
    private static final long LARGEST_FILE = 10_000_000;

    private final Workspace workspace;
    private final StagedFiles staged;
    private final Vault vault;
    private final StationPage page;
    private final Signature signature;

    ListImportController(Workspace workspace, StagedFiles staged, Vault vault, StationPage page, Signature signature) {
        this.workspace = workspace;
        this.staged = staged;
        this.vault = vault;
        this.page = page;
        this.signature = signature;
    }

    /** Rows pasted from a spreadsheet. */
    @PostMapping("/e/{id}/list/{name}/paste")
    ModelAndView paste(
            @PathVariable long id,
            @PathVariable String name,
            @RequestParam String pasted,
            Principal principal,
            Answers answers) {
        if (pasted.isBlank()) {
            return answers.refuse(HttpStatus.UNPROCESSABLE_CONTENT, "No rows were found. Nothing was kept.");
        }
        byte[] bytes = pasted.getBytes(StandardCharsets.UTF_8);
        return stage(id, name, PASTED, new ByteArrayInputStream(bytes), principal, answers);
    }

    /** Rows of a CSV, XLSX or ODS file. */
    @PostMapping("/e/{id}/list/{name}/file")
    ModelAndView file(
            @PathVariable long id,
            @PathVariable String name,
            @RequestParam MultipartFile file,
            Principal principal,
            Answers answers)
            throws IOException {
        if (file.isEmpty() || file.getSize() > LARGEST_FILE) {
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT, "Choose a CSV, XLSX or ODS file of at most 10 million bytes.");
        }
        String given = file.getOriginalFilename() == null ? "File" : file.getOriginalFilename();
        String title = given.substring(given.replace('\\', '/').lastIndexOf('/') + 1);
        try (InputStream bytes = file.getInputStream()) {
            return stage(id, name, title, bytes, principal, answers);
        }
    }

    private ModelAndView stage(
            long id, String name, String title, InputStream bytes, Principal principal, Answers answers) {
        Optional<ImportTarget> target = ImportTarget.of(workspace.open(id), name);
        if (target.isEmpty()) {
            return answers.refuse(HttpStatus.NOT_FOUND, "This return has no list \"" + name + "\".");
        }
        Staged waiting = new Staged(name, title, vault.keep(bytes), "", signature.of(principal));
        ListReader.Look look = ListReader.look(source(waiting), target.get().list());
        if (look.problem().isPresent()) {
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT, look.problem().get());
        }
        Optional<ListPlan> remembered = look.headings().isEmpty()
                ? Optional.empty()
                : staged.remembered(id, name, look.headings()).map(ListPlan::parse);
        ListPlan plan = remembered
                .map(known -> look.plan().reading(look.plan().header(), known.columns()))
                .orElse(look.plan());
        staged.put(id, waiting.readAs(plan.text()));
        return new ModelAndView("redirect:" + address(id, name));
    }

    private SourceFile source(Staged waiting) {
        return SourceFile.of(waiting.file(), vault.path(waiting.digest()));
    }

    private static String address(long id, String name) {
        return "/e/" + id + "/list/" + name + "/staged";
    }

    @GetMapping("/e/{id}/list/{name}/staged")
    String staged(@PathVariable long id, @PathVariable String name, Model model) {
        Optional<ImportTarget> target = ImportTarget.of(workspace.open(id), name);
        Optional<Staged> waiting = staged.find(id, name);
        if (target.isEmpty() || waiting.isEmpty()) {
            return "redirect:/e/" + id + "/"
                    + target.map(ImportTarget::station).orElse(Station.RETURN).path();
        }
        OpenEngagement open = page.open(id, target.get().station(), model);
        ListPlan plan = ListPlan.parse(waiting.get().plan());
        SourceFile source = source(waiting.get());
        ListReader.Look look = ListReader.look(source, target.get().list());
        ListReader.Read read =
                ListReader.read(source, target.get().list(), plan).noting(look.notes());
        model.addAttribute(
                "staged",
                StagedList.of(
                        target.get(),
                        waiting.get(),
                        new StagedList.Seen(look, plan, read, pasted(waiting.get())),
                        open));
        return "lists/staged";
    }

    /** Pasted rows can be corrected where they are looked at; a file is corrected where it came from. */
    private String pasted(Staged waiting) {
        if (!waiting.file().equals(PASTED)) {
            return "";
        }
        try {
            return Files.readString(vault.path(waiting.digest()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The columns as a person says they are. */
    @PostMapping("/e/{id}/list/{name}/staged/columns")
    String columns(
            @PathVariable long id,
            @PathVariable String name,
            @RequestParam(required = false) @Nullable List<String> column,
            @RequestParam(defaultValue = "") String header) {
        staged.find(id, name).ifPresent(waiting -> {
            ListPlan before = ListPlan.parse(waiting.plan());
            int row = header.strip().matches("\\d{1,3}") ? Integer.parseInt(header.strip()) : before.header();
            ListPlan plan = before.reading(row, column == null ? before.columns() : column);
            staged.put(id, waiting.readAs(plan.text()));
        });
        return "redirect:" + address(id, name);
    }

    /** Keeps the rows as they are shown, after those there are or in their place. */
    @PostMapping("/e/{id}/list/{name}/staged/commit")
    ModelAndView commit(
            @PathVariable long id,
            @PathVariable String name,
            @RequestParam(defaultValue = "false") boolean replace,
            Principal principal,
            Answers answers,
            RedirectAttributes flash) {
        Optional<Staged> waiting = staged.find(id, name);
        Optional<ImportTarget> target = ImportTarget.of(workspace.open(id), name);
        if (waiting.isEmpty() || target.isEmpty()) {
            return new ModelAndView("redirect:/e/" + id + "/return");
        }
        ListPlan plan = ListPlan.parse(waiting.get().plan());
        SourceFile source = source(waiting.get());
        ListReader.Read read = ListReader.read(source, target.get().list(), plan);
        List<String> problems = target.get().problems(workspace.open(id), read, source.name(), replace);
        if (!problems.isEmpty()) {
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    String.join(" ", problems.subList(0, Math.min(5, problems.size())))
                            + (problems.size() > 5 ? " And " + (problems.size() - 5) + " more." : "")
                            + " Nothing was kept.");
        }
        String by = signature.of(principal);
        workspace.change(id, signature.name(principal), open -> target.get().kept(open, read, replace, by));
        staged.discard(id, name);
        ListReader.Look look = ListReader.look(source, target.get().list());
        if (!look.headings().isEmpty()) {
            staged.remember(id, name, look.headings(), plan.text());
        }
        flash.addFlashAttribute(
                "said", read.rows().size() + (read.rows().size() == 1 ? " row is kept." : " rows are kept."));
        return new ModelAndView("redirect:" + target.get().home(id));
    }

    @PostMapping("/e/{id}/list/{name}/staged/discard")
    String discard(@PathVariable long id, @PathVariable String name, RedirectAttributes flash) {
        Optional<ImportTarget> target = ImportTarget.of(workspace.open(id), name);
        staged.discard(id, name);
        flash.addFlashAttribute("said", "The rows were discarded; the list is as it was.");
        return "redirect:" + target.map(each -> each.home(id)).orElse("/e/" + id + "/return");
    }
}
