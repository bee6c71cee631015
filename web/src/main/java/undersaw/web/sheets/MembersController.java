package undersaw.web.sheets;

import java.security.Principal;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.form.Line;
import undersaw.form.RowList;
import undersaw.line.LineKey;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Answers;
import undersaw.web.frame.Signature;

/** A new member of what a form repeats for, such as a rental property. */
@Controller
class MembersController {
    private final Workspace workspace;
    private final Signature signature;

    MembersController(Workspace workspace, Signature signature) {
        this.workspace = workspace;
        this.signature = signature;
    }

    /** Begins a member with a name and the first thing that is asked of it. */
    @PostMapping("/e/{id}/return/member")
    ModelAndView begin(
            @PathVariable long id,
            @RequestParam String list,
            @RequestParam String name,
            @RequestParam String first,
            Principal principal,
            Answers answers) {
        Optional<RowList> known = workspace.open(id).calculation().plan().list(list);
        String member = name.strip().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        if (known.isEmpty() || !LineKey.isInstance(member) || member.equals("-")) {
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Found \"" + name + "\", expected a short name such as main-street.");
        }
        Line line = known.get().typed().get(0);
        Optional<String> value = line.read(first);
        if (value.isEmpty()) {
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    line.caption() + ": found \"" + first + "\", expected " + line.expected() + ".");
        }
        workspace.change(id, signature.name(principal), open -> {
            Map<LineKey, @Nullable Fact> facts = new HashMap<>();
            facts.put(line.id().in(member), new Fact(value.get(), "", signature.of(principal)));
            return new Change.FactsSet(facts);
        });
        return new ModelAndView(
                "redirect:/e/" + id + "/return?sheet=" + known.get().part().code());
    }
}
