package undersaw.web.desk;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import undersaw.calc.Calculation;
import undersaw.calc.Movement;
import undersaw.files.folder.EngagementFolder;
import undersaw.registry.Returns;
import undersaw.store.Filings;
import undersaw.store.Filings.Kept;

/** Sealed filings computed from what was sealed, each once, since they never change. */
@Component
public class SealedReturns {
    private final Filings filings;
    private final Map<Long, Optional<Calculation>> sealed = new ConcurrentHashMap<>();
    private final Map<Long, Compared> compared = new ConcurrentHashMap<>();

    SealedReturns(Filings filings) {
        this.filings = filings;
    }

    private record Compared(long revision, List<Movement> moved) {}

    /** The return as it was sealed; nothing where its folder is of a time that is read no more. */
    public Optional<Calculation> of(long filing) {
        return sealed.computeIfAbsent(
                filing,
                id -> EngagementFolder.readZip(filings.document(id, Filings.Document.FOLDER))
                        .engagement()
                        .map(Returns::calculate));
    }

    /**
     * Every figure of the return that stands otherwise now than it was sealed, worksheets of our own left out: what was
     * sealed before, what stands now after.
     */
    public List<Movement> moved(Kept filing, OpenEngagement open) {
        if (open.revision() == filing.revision()) {
            return List.of();
        }
        Compared known = compared.get(filing.id());
        if (known == null || known.revision() != open.revision()) {
            known = new Compared(open.revision(), compare(filing, open.calculation()));
            compared.put(filing.id(), known);
        }
        return known.moved();
    }

    private List<Movement> compare(Kept filing, Calculation now) {
        return of(filing.id()).map(then -> Movement.between(then, now)).orElse(List.of()).stream()
                .filter(moved -> now.plan()
                        .line(moved.key().line())
                        .filter(line -> !line.part().isWorksheet())
                        .isPresent())
                .toList();
    }
}
