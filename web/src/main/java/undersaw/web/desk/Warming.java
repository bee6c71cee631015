package undersaw.web.desk;

import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Computes every engagement once after a start, beside the work, so that the first docket of the day comes at once. */
@Component
class Warming {
    private final Workspace workspace;

    Warming(Workspace workspace) {
        this.workspace = workspace;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        Thread beside = new Thread(workspace::all, "warming");
        beside.setDaemon(true);
        beside.setPriority(Thread.MIN_PRIORITY);
        beside.start();
    }
}
