package undersaw.owners;

import java.util.Locale;
import org.jspecify.annotations.Nullable;
import undersaw.line.LineId;

/** What an owner's position is measured in: percentages of a partnership, shares of a corporation. */
public enum Measure {
    PROFIT("profit", true),
    LOSS("loss", true),
    CAPITAL("capital", true),
    SHARES("shares", false);

    private final LineId changed;
    private final @Nullable LineId opening;
    private final @Nullable LineId closing;

    Measure(String changed, boolean inRegister) {
        this.changed = LineId.of("OWNERSHIP/" + changed);
        opening = inRegister ? LineId.of("OWNERS/" + changed + "Begin") : null;
        closing = inRegister ? LineId.of("OWNERS/" + changed + "End") : null;
    }

    /** The column of {@link OwnershipChanges} that holds it. */
    LineId changed() {
        return changed;
    }

    /** The column of {@link OwnerRegister} that holds the position on the first day; null where there is none. */
    @Nullable
    LineId opening() {
        return opening;
    }

    /** The column that holds the position on the last day; null where there is none. */
    @Nullable
    LineId closing() {
        return closing;
    }

    /** What it counts, after a number. */
    String unit() {
        return this == SHARES ? "shares" : "percent of " + words();
    }

    /** Its name in a sentence. */
    public String words() {
        return name().toLowerCase(Locale.ROOT);
    }
}
