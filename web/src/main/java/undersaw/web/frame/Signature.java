package undersaw.web.frame;

import java.security.Principal;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.springframework.stereotype.Component;
import undersaw.store.People;

/** Who acts, and when, in words. */
@Component
public class Signature {
    private static final DateTimeFormatter MINUTES = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm", Locale.ROOT);

    private final People people;
    private final Clock clock;

    Signature(People people, Clock clock) {
        this.people = people;
        this.clock = clock;
    }

    /** The person's name. */
    public String name(Principal principal) {
        return people.find(principal.getName()).map(People.Person::name).orElse(principal.getName());
    }

    /** Name and minute: {@code R. Tern, 2026-03-09 14:02}. */
    public String of(Principal principal) {
        return name(principal) + ", " + MINUTES.format(LocalDateTime.now(clock));
    }
}
