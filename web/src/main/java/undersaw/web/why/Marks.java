package undersaw.web.why;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import org.springframework.stereotype.Component;
import undersaw.store.AuditTrail;
import undersaw.store.Filings;
import undersaw.store.Preferences;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.why.WhyController.Since;

/** The times that people mean when they ask what changed: yesterday, the seal, the last look of their own. */
@Component
class Marks {
    private static final String LOOKED = "looked.";

    private final Filings filings;
    private final Preferences preferences;
    private final Clock clock;

    Marks(Filings filings, Preferences preferences, Clock clock) {
        this.filings = filings;
        this.preferences = preferences;
        this.clock = clock;
    }

    /**
     * The marks of an engagement for one person, whose look now is the last one from here on.
     *
     * @param changes the engagement's changes, newest first
     */
    List<Since> of(OpenEngagement open, List<AuditTrail.Line> changes, String login) {
        List<Since> marks = new ArrayList<>();
        LocalDate today = LocalDate.now(clock);
        before(changes, today)
                .ifPresent(revision -> marks.add(new Since(String.valueOf(revision), "since this morning")));
        before(changes, today.minusDays(1))
                .ifPresent(revision -> marks.add(new Since(String.valueOf(revision), "since yesterday")));
        filings.of(open.id()).stream()
                .findFirst()
                .ifPresent(filing -> marks.add(new Since(
                        String.valueOf(filing.revision()),
                        "since it was sealed on " + filing.sealedAt().substring(0, 10))));
        OptionalLong looked = looked(open.id(), login);
        looked.ifPresent(revision -> marks.add(new Since(String.valueOf(revision), "since you last looked here")));
        if (looked.isEmpty() || looked.getAsLong() != open.revision()) {
            preferences.set(login, LOOKED + open.id(), String.valueOf(open.revision()));
        }
        return marks;
    }

    private OptionalLong looked(long engagement, String login) {
        return preferences.find(login, LOOKED + engagement).stream()
                .filter(text -> text.matches("\\d{1,18}"))
                .mapToLong(Long::parseLong)
                .findFirst();
    }

    /** The last revision before a day began; nothing where the engagement is younger. */
    private Optional<Long> before(List<AuditTrail.Line> changes, LocalDate day) {
        Instant begin = day.atStartOfDay(clock.getZone()).toInstant();
        return changes.stream()
                .filter(each -> Instant.parse(each.happened()).isBefore(begin))
                .map(AuditTrail.Line::revision)
                .findFirst();
    }
}
