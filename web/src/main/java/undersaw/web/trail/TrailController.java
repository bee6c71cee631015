package undersaw.web.trail;

import java.security.Principal;
import java.time.Clock;
import java.util.Optional;
import java.util.Set;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import undersaw.engagement.ChangeWords;
import undersaw.engagement.Station;
import undersaw.store.AuditTrail;
import undersaw.store.People;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;
import undersaw.web.person.PasswordRule;

/** Who changed what: the trail of an engagement, and for administrators the firm's trail and its people. */
@Controller
class TrailController {
    private static final Set<String> ROLES = Set.of("preparer", "reviewer", "administrator");

    private final AuditTrail trail;
    private final StationPage page;
    private final People people;
    private final PasswordEncoder passwords;
    private final Signature signature;
    private final Clock clock;

    TrailController(AuditTrail trail, StationPage page, Firm firm) {
        this.trail = trail;
        this.page = page;
        people = firm.people();
        passwords = firm.passwords();
        signature = firm.signature();
        clock = firm.clock();
    }

    /** What the firm's page works with. */
    @Component
    record Firm(People people, PasswordEncoder passwords, Signature signature, Clock clock) {}

    @GetMapping("/e/{id}/trail")
    String engagement(@PathVariable long id, Model model) {
        OpenEngagement open = page.open(id, Station.BOOKS, model);
        TrailWords words = new TrailWords(open.calculation().plan());
        model.addAttribute("lines", trail.of(id).stream().map(words::spoken).toList());
        return "trail/trail";
    }

    @GetMapping("/firm")
    String firm(Model model) {
        model.addAttribute("lines", trail.latest());
        model.addAttribute("fault", trail.firstFault().orElse(null));
        model.addAttribute("people", people.all());
        return "trail/firm";
    }

    @PostMapping("/firm/people")
    String put(
            @RequestParam String login,
            @RequestParam String name,
            @RequestParam String role,
            @RequestParam String password,
            Principal principal,
            RedirectAttributes flash) {
        String weakness = PasswordRule.problem(login, password);
        if (!login.matches("[a-z][a-z0-9.]{1,30}") || name.isBlank() || !ROLES.contains(role)) {
            flash.addFlashAttribute(
                    "problem", "A sign-in name is 2 to 31 small letters and digits; name and role are needed.");
        } else if (!weakness.isEmpty()) {
            flash.addFlashAttribute("problem", weakness);
        } else {
            people.put(new People.Person(login, name.strip(), role, passwords.encode(password), true));
            trail.note(
                    new AuditTrail.Origin(null, 0, signature.name(principal), clock.instant()),
                    new ChangeWords("Person " + login, "", name.strip() + ", " + role));
            flash.addFlashAttribute("said", name.strip() + " may sign in as " + login + ".");
        }
        return "redirect:/firm";
    }

    /** Lets a person sign in no more, or again; an open session ends with its next request. */
    @PostMapping("/firm/people/active")
    String active(
            @RequestParam String login, @RequestParam boolean active, Principal principal, RedirectAttributes flash) {
        Optional<People.Person> person = people.find(login);
        if (person.isEmpty() || login.equals(principal.getName())) {
            flash.addFlashAttribute(
                    "problem",
                    person.isEmpty() ? "Nobody signs in as " + login + "." : "You cannot shut yourself out.");
        } else {
            People.Person known = person.get();
            people.put(new People.Person(known.login(), known.name(), known.role(), known.password(), active));
            trail.note(
                    new AuditTrail.Origin(null, 0, signature.name(principal), clock.instant()),
                    new ChangeWords("Person " + login, "", active ? "may sign in again" : "may not sign in any more"));
            flash.addFlashAttribute(
                    "said", known.name() + (active ? " may sign in again." : " may not sign in any more."));
        }
        return "redirect:/firm";
    }
}
