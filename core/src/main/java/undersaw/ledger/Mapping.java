package undersaw.ledger;

import java.util.List;
import undersaw.line.LineId;

/**
 * Where an account goes on the return, and how tax law treats it.
 *
 * @param line the tax line, without a column for balance-sheet accounts
 * @param treatment the treatment's id; empty on the balance sheet
 * @param splits parts that go elsewhere; the rest goes to the line
 * @param partner the account it is read together with: the accrued liability of an expense, the asset of a contra
 *     account; empty where there is none
 * @param confirmed false while it is only a suggestion
 * @param confidence how likely a suggestion is right, in percent; 0 where nobody reckoned it
 * @param reason why it was suggested, or who confirmed it
 */
public record Mapping(
        LineId line,
        String treatment,
        List<Split> splits,
        String partner,
        boolean confirmed,
        int confidence,
        String reason) {
    private static final int SURE = 80;

    /** Keeps its own copy. */
    public Mapping {
        splits = List.copyOf(splits);
    }

    /** An account that goes to one line as a whole. */
    public Mapping(LineId line, String treatment, boolean confirmed, String reason) {
        this(line, treatment, List.of(), "", confirmed, 0, reason);
    }

    /** Whether it may be confirmed without a second look. */
    public boolean isSure() {
        return confidence >= SURE;
    }

    /** Why it stands where it does, with how sure that is. */
    public String grounds() {
        return confidence == 0 ? reason : confidence + " % sure, " + reason;
    }

    public boolean isSplit() {
        return !splits.isEmpty();
    }

    /** The same place, confirmed by a person. */
    public Mapping confirmedBecause(String why) {
        return new Mapping(line, treatment, splits, partner, true, 0, why);
    }

    /** The same place, to be confirmed. */
    public Mapping suggestedBecause(int howSure, String why) {
        return new Mapping(line, treatment, splits, partner, false, howSure, why);
    }

    /** Another place with the same company. */
    public Mapping movedTo(LineId newLine, String newTreatment, String why) {
        return new Mapping(newLine, newTreatment, splits, partner, true, 0, why);
    }

    public Mapping withSplits(List<Split> newSplits) {
        return new Mapping(line, treatment, newSplits, partner, confirmed, confidence, reason);
    }

    public Mapping withPartner(String newPartner) {
        return new Mapping(line, treatment, splits, newPartner, confirmed, confidence, reason);
    }
}
