package undersaw.files;

import java.nio.file.Path;
import undersaw.calc.Calculation;
import undersaw.engagement.Snapshot;
import undersaw.files.folder.EngagementFolder;
import undersaw.files.folder.ReadFolder;
import undersaw.registry.Returns;

/** The shipped demo engagement as a sample of a whole return; its figures are never expected values. */
public final class DemoEngagement {
    private DemoEngagement() {}

    public static Path folder() {
        return Path.of("../demo/gannet-row-cannery-2025");
    }

    public static Snapshot snapshot() {
        ReadFolder read = EngagementFolder.read(folder());
        return read.engagement()
                .orElseThrow(() -> new IllegalStateException(read.faults().toString()));
    }

    public static Calculation calculation() {
        return Returns.calculate(snapshot());
    }
}
