package undersaw.web.batch;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;
import undersaw.law.Law;
import undersaw.store.LawTables;
import undersaw.web.frame.Answers;
import undersaw.web.frame.Signature;

/** The firm computes all engagements anew, and loads updated tables of the law. */
@Controller
class BatchController {
    private static final Set<String> TABLES = Set.of("corporation", "nonprofit");
    private static final int LARGEST = 200_000;

    private final Batch batch;
    private final LawTables tables;
    private final Signature signature;
    private final Clock clock;

    BatchController(Batch batch, LawTables tables, Signature signature, Clock clock) {
        this.batch = batch;
        this.tables = tables;
        this.signature = signature;
        this.clock = clock;
    }

    @GetMapping("/firm/batch")
    String page(Model model) {
        model.addAttribute("run", batch.now());
        model.addAttribute(
                "years",
                IntStream.rangeClosed(Law.FIRST_YEAR, Law.LAST_YEAR).boxed().toList());
        model.addAttribute("tables", TABLES.stream().sorted().toList());
        return "batch/batch";
    }

    @PostMapping("/firm/batch")
    ModelAndView start(@RequestParam Optional<Integer> year, Principal principal, Answers answers) {
        OptionalInt of = year.map(OptionalInt::of).orElse(OptionalInt.empty());
        return batch.start(signature.name(principal), of)
                ? new ModelAndView("redirect:/firm/batch")
                : answers.refuse(HttpStatus.CONFLICT, "A run is under way. Wait for it, or stop it first.");
    }

    @PostMapping("/firm/batch/stop")
    String stop() {
        batch.stop();
        return "redirect:/firm/batch";
    }

    /** Another table of the law; nothing is kept unless the whole of it can be read. */
    @PostMapping("/firm/law")
    ModelAndView law(
            @RequestParam int year,
            @RequestParam String table,
            @RequestParam MultipartFile file,
            Principal principal,
            Answers answers)
            throws IOException {
        if (!TABLES.contains(table) || !Law.holds(year) || file.getSize() > LARGEST) {
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Choose a year and a table that are held; the file is a CSV table.");
        }
        if (batch.now().running()) {
            return answers.refuse(HttpStatus.CONFLICT, "A run is under way. Wait for it, or stop it first.");
        }
        String text = new String(file.getBytes(), StandardCharsets.UTF_8);
        try {
            List<Law.Amendment> amended = Law.amend(year, table, text);
            String words = amended.isEmpty()
                    ? "no figure differs"
                    : amended.stream()
                            .map(each -> each.key() + " " + each.before() + " → " + each.after())
                            .collect(Collectors.joining(", "));
            tables.keep(new LawTables.Loaded(year, table, text), words, signature.name(principal), clock.instant());
        } catch (IllegalArgumentException fault) {
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "The table was not loaded, and the law stands as it did. " + fault.getMessage());
        }
        batch.start(signature.name(principal), OptionalInt.of(year));
        return new ModelAndView("redirect:/firm/batch");
    }
}
