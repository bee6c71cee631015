package undersaw.web.desk;

import java.time.LocalDate;
import undersaw.calc.Calculation;
import undersaw.check.Review;
import undersaw.engagement.Heading;
import undersaw.engagement.Snapshot;
import undersaw.registry.Returns;
import undersaw.returns.ReturnKind;
import undersaw.store.Engagements.Kept;

/**
 * One revision of an engagement with its return computed and reviewed.
 *
 * @param kept the engagement as kept
 * @param priorRevision revision of last year's engagement that is linked; 0 where none is
 * @param calculation the return
 * @param review its findings
 * @param day the day as of which they were found
 */
public record OpenEngagement(Kept kept, long priorRevision, Calculation calculation, Review review, LocalDate day) {
    public long id() {
        return kept.id();
    }

    /** Whether it is a study of another, which is never sealed. */
    public boolean isStudy() {
        return kept.studyOf().isPresent();
    }

    public long revision() {
        return kept.revision();
    }

    public Snapshot snapshot() {
        return calculation.snapshot();
    }

    public Heading heading() {
        return snapshot().heading();
    }

    public ReturnKind kind() {
        return Returns.of(snapshot());
    }
}
