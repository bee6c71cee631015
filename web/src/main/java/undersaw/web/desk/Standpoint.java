package undersaw.web.desk;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import undersaw.check.Severity;
import undersaw.filing.DispatchState;
import undersaw.law.calendar.DueDate;
import undersaw.returns.ReturnKind.Vital;
import undersaw.store.Filings;
import undersaw.store.Filings.Kept;
import undersaw.store.Standings.Standing;

/** Tells how an engagement that is open stands, from its return, its findings and its filings. */
@Component
public class Standpoint {
    private final Filings filings;
    private final SealedReturns sealed;

    Standpoint(Filings filings, SealedReturns sealed) {
        this.filings = filings;
        this.sealed = sealed;
    }

    /** How the engagement stands. */
    public Standing of(OpenEngagement open) {
        Optional<Kept> latest = filings.of(open.id()).stream().findFirst();
        Optional<DispatchState> state = latest.map(Kept::dispatchState);
        boolean stands = state.filter(each -> each != DispatchState.REJECTED && each != DispatchState.WITHDRAWN)
                .isPresent();
        boolean books = !open.snapshot().accounts().isEmpty();
        boolean extended = open.kind().isExtended(open.calculation());
        DueDate dates = open.kind().due(open.heading().period());
        List<Vital> vitals = open.kind().vitals(open.calculation());
        Vital last = vitals.get(vitals.size() - 1);
        return new Standing(
                state,
                books,
                open.review().open(Severity.STOP).size(),
                open.review().open(Severity.QUERY).size(),
                stands ? sealed.moved(latest.orElseThrow(), open).size() : 0,
                last.caption(),
                open.calculation().amount(last.line()),
                extended ? dates.extended() : dates.due(),
                extended);
    }

    /** How far the engagement has come, in words. */
    public Progress progress(OpenEngagement open) {
        return Progress.of(of(open));
    }
}
