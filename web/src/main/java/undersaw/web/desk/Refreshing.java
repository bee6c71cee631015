package undersaw.web.desk;

import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import undersaw.store.Standings;
import undersaw.store.Standings.Entry;

/** Looks again, beside the work, at engagements whose kept standing is old: at the start, each morning, when asked. */
@Component
public class Refreshing implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(Refreshing.class);

    private final Workspace workspace;
    private final Standings standings;
    private final AtomicBoolean running = new AtomicBoolean();
    private final ExecutorService beside = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "refreshing");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    });

    Refreshing(Workspace workspace, Standings standings) {
        this.workspace = workspace;
        this.standings = standings;
    }

    /** Begins, unless it is under way. */
    @EventListener(ApplicationReadyEvent.class)
    @Scheduled(cron = "0 5 0 * * *")
    public void begin() {
        if (running.compareAndSet(false, true)) {
            beside.execute(this::all);
        }
    }

    private void all() {
        try {
            List<Entry> old = standings.all(workspace.today()).stream()
                    .filter(entry -> !entry.fresh())
                    .toList();
            for (Entry entry : old) {
                workspace.stand(entry.id());
            }
        } catch (RuntimeException e) {
            LOG.warn("engagements could not be looked at again; the docket shows how they stood", e);
        } finally {
            running.set(false);
        }
    }

    @Override
    public void destroy() {
        beside.shutdownNow();
    }
}
