package undersaw.web.batch;

import jakarta.annotation.PreDestroy;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import undersaw.filing.DispatchState;
import undersaw.form.Line;
import undersaw.money.Money;
import undersaw.returns.KeptFigures;
import undersaw.store.Engagements;
import undersaw.store.Engagements.Named;
import undersaw.store.Movements;
import undersaw.store.Movements.Baseline;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Standpoint;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Figure;

/** Computes every engagement anew, one after another, and reports each line that moved; one run at a time. */
@Component
class Batch {
    private static final Logger LOG = LoggerFactory.getLogger(Batch.class);

    private final Workspace workspace;
    private final Engagements engagements;
    private final Movements movements;
    private final Standpoint standpoint;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "batch");
        thread.setDaemon(true);
        return thread;
    });
    private volatile Run run = new Run("", 0, false, false, List.of());

    Batch(Workspace workspace, Engagements engagements, Movements movements, Standpoint standpoint) {
        this.workspace = workspace;
        this.engagements = engagements;
        this.movements = movements;
        this.standpoint = standpoint;
    }

    /** A line that moved, in words. */
    public record Moved(String line, String caption, String before, String after, String change, List<String> why) {}

    /**
     * What came of one engagement.
     *
     * @param id its number
     * @param name client, form and year
     * @param sealed whether a sealed or accepted filing of it stays as it was
     * @param moved its lines that moved
     * @param trouble why it could not be computed; empty where it could
     */
    public record Report(long id, String name, boolean sealed, List<Moved> moved, String trouble) {}

    /**
     * A run as far as it has come.
     *
     * @param person who began it; empty where none was begun since the start
     * @param total how many engagements there are
     * @param running whether it goes on
     * @param stopping whether somebody has stopped it
     * @param reports what came of those that are done
     */
    public record Run(String person, int total, boolean running, boolean stopping, List<Report> reports) {
        /** How many are done. */
        public int done() {
            return reports.size();
        }

        /** Those of which anything is to be told. */
        public List<Report> told() {
            return reports.stream()
                    .filter(each -> !each.moved().isEmpty() || !each.trouble().isEmpty())
                    .toList();
        }
    }

    Run now() {
        return run;
    }

    /**
     * Begins a run; false while another goes on.
     *
     * @param year only returns under the law of that year; nothing for all
     */
    synchronized boolean start(String person, OptionalInt year) {
        if (run.running()) {
            return false;
        }
        List<Named> all = engagements.named().stream()
                .filter(named -> year.isEmpty() || named.lawYear() == year.getAsInt())
                .toList();
        run = new Run(person, all.size(), true, false, List.of());
        workspace.forget();
        worker.execute(() -> compute(all));
        return true;
    }

    /** Stops after the engagement that is being computed. */
    synchronized void stop() {
        run = new Run(run.person(), run.total(), run.running(), true, run.reports());
    }

    private void compute(List<Named> all) {
        for (Named named : all) {
            if (run.stopping()) {
                break;
            }
            add(report(named));
        }
        finish();
    }

    private synchronized void add(Report report) {
        List<Report> reports = new ArrayList<>(run.reports());
        reports.add(report);
        run = new Run(run.person(), run.total(), true, run.stopping(), List.copyOf(reports));
    }

    private synchronized void finish() {
        run = new Run(run.person(), run.total(), false, run.stopping(), run.reports());
    }

    private Report report(Named named) {
        String name = named.client() + ", " + named.form() + " " + named.lawYear();
        try {
            OpenEngagement open = workspace.stand(named.id());
            boolean sealed = standpoint
                    .progress(open)
                    .state()
                    .filter(state -> state != DispatchState.WITHDRAWN && state != DispatchState.REJECTED)
                    .isPresent();
            List<Moved> moved = movements
                    .baseline(named.id())
                    .map(kept -> new KeptFigures(kept.figures()).with(movements.since(named.id(), kept.revision())))
                    .map(kept -> kept.against(open.calculation()).stream()
                            .map(shift -> moved(open, shift))
                            .toList())
                    .orElse(List.of());
            if (!moved.isEmpty()) {
                movements.keep(
                        named.id(),
                        new Baseline(
                                open.revision(),
                                KeptFigures.of(open.calculation()).byKey()));
            }
            return new Report(named.id(), name, sealed, moved, "");
        } catch (RuntimeException trouble) {
            // one engagement that cannot be computed must not keep the others from being
            LOG.warn("engagement {} could not be computed", named.id(), trouble);
            return new Report(named.id(), name, false, List.of(), String.valueOf(trouble.getMessage()));
        }
    }

    private static Moved moved(OpenEngagement open, KeptFigures.Shift shift) {
        boolean amount = open.calculation()
                .plan()
                .line(shift.moved().key().line())
                .filter(line -> line.kind().isNumber())
                .map(Line::id)
                .isPresent();
        return new Moved(
                shift.moved().key().toString(),
                shift.caption(),
                shown(shift.moved().before(), amount),
                shown(shift.moved().after(), amount),
                amount ? shift.moved().change().map(Figure::text).orElse("") : "",
                shift.why());
    }

    private static String shown(String plain, boolean amount) {
        return plain.isEmpty() ? "–" : amount && Money.isPlain(plain) ? Figure.text(Money.parse(plain)) : plain;
    }

    @PreDestroy
    void end() {
        worker.shutdownNow();
    }
}
