package undersaw.ledger;

import undersaw.line.LineId;

/**
 * Where an account goes on the return, and how tax law treats it.
 *
 * @param line the tax line, without a column for balance-sheet accounts
 * @param treatment the treatment's id; empty on the balance sheet
 * @param confirmed false while it is only a suggestion
 * @param reason why it was suggested, or who confirmed it
 */
public record Mapping(LineId line, String treatment, boolean confirmed, String reason) {
    /** The same place, confirmed by a person. */
    public Mapping confirmedBecause(String why) {
        return new Mapping(line, treatment, true, why);
    }
}
