package undersaw.web.desk;

import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import undersaw.store.Attachments;
import undersaw.store.StagedFiles;
import undersaw.store.Vault;

/** Uploads that were refused, replaced or discarded are removed, at the start and every hour. */
@Component
class Sweeping {
    private static final Logger LOG = LoggerFactory.getLogger(Sweeping.class);
    /** A file arrives before anything refers to it. */
    private static final Duration ARRIVING = Duration.ofHours(1);

    private final Vault vault;
    private final Attachments attachments;
    private final StagedFiles staged;

    Sweeping(Vault vault, Attachments attachments, StagedFiles staged) {
        this.vault = vault;
        this.attachments = attachments;
        this.staged = staged;
    }

    @Scheduled(fixedDelay = 3_600_000)
    void sweep() {
        sweep(Instant.now().minus(ARRIVING));
    }

    /** Removes what nothing refers to and what is older than a moment. */
    int sweep(Instant before) {
        Set<String> kept = new HashSet<>(attachments.digests());
        kept.addAll(staged.digests());
        int gone = vault.sweep(kept, before);
        if (gone > 0) {
            LOG.info("{} files that nothing refers to were removed from the vault", gone);
        }
        return gone;
    }
}
