package undersaw.files.folder;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import undersaw.engagement.Snapshot;
import undersaw.files.FileFault;

/**
 * An engagement folder after reading.
 *
 * @param snapshot the engagement; null where the folder cannot be read
 * @param faults everything wrong with it
 */
public record ReadFolder(@Nullable Snapshot snapshot, List<FileFault> faults) {
    /** Keeps its own copy. */
    public ReadFolder {
        faults = List.copyOf(faults);
    }

    /** The engagement, where the folder has no fault. */
    public Optional<Snapshot> engagement() {
        return faults.isEmpty() ? Optional.ofNullable(snapshot) : Optional.empty();
    }
}
