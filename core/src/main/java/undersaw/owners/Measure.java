package undersaw.owners;

import java.util.Locale;
import org.jspecify.annotations.Nullable;
import undersaw.line.LineId;

/** What an owner's position is measured in: percentages of a partnership, shares of a corporation. */
public enum Measure {
    PROFIT("profit", "profitBegin"),
    LOSS("loss", "lossBegin"),
    CAPITAL("capital", "capitalBegin"),
    SHARES("shares", null);

    private final LineId changed;
    private final @Nullable LineId opening;

    Measure(String changed, @Nullable String opening) {
        this.changed = LineId.of("OWNERSHIP/" + changed);
        this.opening = opening == null ? null : LineId.of("OWNERS/" + opening);
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

    /** What it counts, after a number. */
    String unit() {
        return this == SHARES ? "shares" : "percent of " + words();
    }

    /** Its name in a sentence. */
    public String words() {
        return name().toLowerCase(Locale.ROOT);
    }
}
