package undersaw.suggestions;

import java.util.List;
import undersaw.ledger.Mapping;
import undersaw.line.LineId;

/**
 * Where an account probably goes, and why.
 *
 * @param line the tax line
 * @param treatment the treatment's id; empty on the balance sheet
 * @param confidence how likely it is right, in percent
 * @param reason the grounds in words
 * @param others the next likeliest places, the first of them first; empty for such a place itself
 */
public record Suggestion(LineId line, String treatment, int confidence, String reason, List<Suggestion> others) {
    private static final int SURE = 80;

    /** Keeps its own copy. */
    public Suggestion {
        others = List.copyOf(others);
    }

    /** A suggestion that stands alone. */
    public Suggestion(LineId line, String treatment, int confidence, String reason) {
        this(line, treatment, confidence, reason, List.of());
    }

    /** Whether it may be confirmed without a second look. */
    public boolean sure() {
        return confidence >= SURE;
    }

    /** The suggestion as a mapping that nobody has confirmed. */
    public Mapping unconfirmed() {
        return new Mapping(line, "", treatment, List.of(), "", false, confidence, reason);
    }
}
