package undersaw.suggestions;

import undersaw.ledger.StatementKind;
import undersaw.line.LineId;

/**
 * An account name that is known to go to a place.
 *
 * @param name the name
 * @param type asset, liability, equity, income, cost or expense; empty where it is not known
 * @param statement the statement of such accounts
 * @param line the tax line
 * @param treatment the treatment's id; empty on the balance sheet
 * @param engagements in how many engagements of the firm it was confirmed; 0 where it comes from the return's own list
 */
public record KnownName(
        String name, String type, StatementKind statement, LineId line, String treatment, int engagements) {
    /** Whether the firm itself confirmed it. */
    public boolean isOurs() {
        return engagements > 0;
    }

    Place place() {
        return new Place(line, treatment);
    }

    /** A line with a treatment. */
    record Place(LineId line, String treatment) {}
}
