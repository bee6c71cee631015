package undersaw.ledger;

import java.util.List;
import undersaw.line.LineId;
import undersaw.line.LineKey;

/**
 * Where an account goes on the return, and how tax law treats it.
 *
 * @param line the tax line, without a column for balance-sheet accounts
 * @param instance the owner, property or other member that the account belongs to; empty where there is none
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
        String instance,
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
        this(line.alone(), treatment, confirmed, reason);
    }

    /** An account that goes as a whole to one line of a member. */
    public Mapping(LineKey place, String treatment, boolean confirmed, String reason) {
        this(place.line(), place.instance(), treatment, List.of(), "", confirmed, 0, reason);
    }

    /** The line with the member that it belongs to. */
    public LineKey place() {
        return line.in(instance);
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
        return new Mapping(line, instance, treatment, splits, partner, true, 0, why);
    }

    /** The same place, to be confirmed. */
    public Mapping suggestedBecause(int howSure, String why) {
        return new Mapping(line, instance, treatment, splits, partner, false, howSure, why);
    }

    /** Another place with the same company. */
    public Mapping movedTo(LineKey place, String newTreatment, String why) {
        return new Mapping(place.line(), place.instance(), newTreatment, splits, partner, true, 0, why);
    }

    public Mapping withSplits(List<Split> newSplits) {
        return new Mapping(line, instance, treatment, newSplits, partner, confirmed, confidence, reason);
    }

    public Mapping withPartner(String newPartner) {
        return new Mapping(line, instance, treatment, splits, newPartner, confirmed, confidence, reason);
    }
}
