package undersaw.web.frame;

import java.security.Principal;
import java.time.Clock;
import org.springframework.stereotype.Component;
import undersaw.engagement.ChangeWords;
import undersaw.engagement.NumbersShown;
import undersaw.store.AuditTrail;
import undersaw.web.desk.OpenEngagement;

/** What leaves the house stands in the trail: which document, by whom, and whether it shows whole numbers. */
@Component
public class Exports {
    private final AuditTrail trail;
    private final Signature signature;
    private final Clock clock;

    Exports(AuditTrail trail, Signature signature, Clock clock) {
        this.trail = trail;
        this.signature = signature;
        this.clock = clock;
    }

    /** Writes down that a document was taken. */
    public void taken(OpenEngagement open, String what, NumbersShown numbers, Principal principal) {
        trail.note(
                new AuditTrail.Origin(open.id(), open.revision(), signature.name(principal), clock.instant()),
                new ChangeWords(
                        "Taken out", "", what + (numbers == NumbersShown.FULL ? ", with whole taxpayer numbers" : "")));
    }
}
