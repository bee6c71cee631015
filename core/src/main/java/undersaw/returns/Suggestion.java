package undersaw.returns;

import undersaw.ledger.Mapping;
import undersaw.line.LineId;

/**
 * Where an account probably goes, and why.
 *
 * @param line the tax line
 * @param treatment the treatment's id; empty on the balance sheet
 * @param sure whether its name says so, and not only its number
 * @param reason the grounds in words
 */
public record Suggestion(LineId line, String treatment, boolean sure, String reason) {
    /** The suggestion as a mapping that nobody has confirmed. */
    public Mapping unconfirmed() {
        return new Mapping(line, treatment, false, reason);
    }
}
