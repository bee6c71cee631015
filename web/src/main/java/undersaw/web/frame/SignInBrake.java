package undersaw.web.frame;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.event.EventListener;
import org.springframework.security.authentication.event.AbstractAuthenticationEvent;
import org.springframework.security.authentication.event.AuthenticationFailureBadCredentialsEvent;
import org.springframework.security.authentication.event.AuthenticationSuccessEvent;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.authentication.WebAuthenticationDetails;
import org.springframework.stereotype.Component;
import undersaw.engagement.ChangeWords;
import undersaw.store.AuditTrail;

/**
 * Slows down whoever guesses passwords: after some wrong tries a person, and after more an address, waits, twice as
 * long each time. Sign-ins, wrong ones and waits stand in the firm's trail.
 */
@Component
class SignInBrake {
    private static final int OF_A_PERSON = 5;
    private static final int OF_AN_ADDRESS = 20;
    private static final Duration FIRST_WAIT = Duration.ofMinutes(1);
    private static final int LONGEST_DOUBLING = 5;
    private static final Duration FORGOTTEN_AFTER = Duration.ofHours(1);
    private static final int MOST_WATCHED = 10_000;

    private final Clock clock;
    private final AuditTrail trail;
    private final Map<String, Tries> watched = new ConcurrentHashMap<>();

    SignInBrake(Clock clock, AuditTrail trail) {
        this.clock = clock;
        this.trail = trail;
    }

    private record Tries(int wrong, Instant last, Instant until) {}

    /** Whether a person, or an address, must wait before the next try. */
    boolean isHeld(String login, String address) {
        Instant now = clock.instant();
        return isHeld(person(login), now) || isHeld(place(address), now);
    }

    private boolean isHeld(String key, Instant now) {
        Tries tries = watched.get(key);
        return tries != null && now.isBefore(tries.until());
    }

    private static String person(String login) {
        return "person " + login.toLowerCase(Locale.ROOT);
    }

    private static String place(String address) {
        return "address " + address;
    }

    @EventListener
    void wrong(AuthenticationFailureBadCredentialsEvent event) {
        Authentication who = event.getAuthentication();
        boolean held = failed(person(who.getName()), OF_A_PERSON) | failed(place(address(event)), OF_AN_ADDRESS);
        note(who.getName(), held ? "Sign-in refused, and held for a while" : "Sign-in refused", address(event));
    }

    @EventListener
    void right(AuthenticationSuccessEvent event) {
        watched.remove(person(event.getAuthentication().getName()));
        note(event.getAuthentication().getName(), "Signed in", address(event));
    }

    private static String address(AbstractAuthenticationEvent event) {
        return event.getAuthentication().getDetails() instanceof WebAuthenticationDetails details
                ? details.getRemoteAddress()
                : "";
    }

    /** What somebody typed as a name may be a password: only its beginning is kept. */
    private void note(String login, String what, String address) {
        String shown = login.matches("[a-z][a-z0-9.]{1,30}") ? login : "somebody";
        trail.note(
                new AuditTrail.Origin(null, 0, shown, clock.instant()), new ChangeWords(what, "", "from " + address));
    }

    /** Counts a wrong try; true where the key has to wait from now on. */
    private boolean failed(String key, int allowed) {
        Instant now = clock.instant();
        if (watched.size() > MOST_WATCHED) {
            watched.values().removeIf(each -> each.last().plus(FORGOTTEN_AFTER).isBefore(now));
        }
        Tries tries = watched.compute(key, (unused, before) -> {
            boolean fresh =
                    before == null || before.last().plus(FORGOTTEN_AFTER).isBefore(now);
            int wrong = fresh ? 1 : before.wrong() + 1;
            int beyond = wrong - allowed;
            Instant until =
                    beyond < 0 ? now : now.plus(FIRST_WAIT.multipliedBy(1L << Math.min(beyond, LONGEST_DOUBLING)));
            return new Tries(wrong, now, until);
        });
        return now.isBefore(tries.until());
    }
}
