package undersaw.web.person;

import java.security.Principal;
import java.time.Clock;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import undersaw.engagement.ChangeWords;
import undersaw.store.AuditTrail;
import undersaw.store.People;

/** A person's own password, changed by themselves: all their sessions end, and they sign in with the new one. */
@Controller
class PasswordController {
    private final People people;
    private final PasswordEncoder passwords;
    private final Trail trail;

    PasswordController(People people, PasswordEncoder passwords, Trail trail) {
        this.people = people;
        this.passwords = passwords;
        this.trail = trail;
    }

    /** Where it is written down, and when. */
    @Component
    record Trail(AuditTrail lines, Clock clock) {
        void changed(String login, String by, String how) {
            lines.note(
                    new AuditTrail.Origin(null, 0, by, clock.instant()), new ChangeWords("Person " + login, "", how));
        }
    }

    @GetMapping("/password")
    String form() {
        return "person/password";
    }

    @PostMapping("/password")
    String change(
            @RequestParam String current,
            @RequestParam String password,
            @RequestParam String again,
            Principal principal,
            RedirectAttributes flash) {
        People.Person person = people.find(principal.getName()).orElseThrow();
        String problem = !passwords.matches(current, person.password())
                ? "The present password is another one."
                : !password.equals(again)
                        ? "The two new passwords differ. Type the new one twice."
                        : PasswordRule.problem(person.login(), password);
        if (!problem.isEmpty()) {
            flash.addFlashAttribute("problem", problem);
            return "redirect:/password";
        }
        people.put(new People.Person(
                person.login(), person.name(), person.role(), passwords.encode(password), person.active()));
        trail.changed(person.login(), person.name(), "changed the password");
        return "redirect:/sign-in";
    }
}
