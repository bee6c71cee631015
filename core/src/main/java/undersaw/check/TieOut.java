package undersaw.check;

import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * Two figures that must agree, with what they are.
 *
 * @param code the rule's number
 * @param leftCaption what stands on the left
 * @param left its amount
 * @param rightCaption what stands on the right
 * @param right its amount
 * @param place the line to look at when they differ
 */
public record TieOut(String code, String leftCaption, Money left, String rightCaption, Money right, LineId place) {
    public Money difference() {
        return left.minus(right);
    }

    public boolean agrees() {
        return difference().isZero();
    }

    /** The result as a sentence. */
    public String message() {
        return agrees()
                ? leftCaption + " agrees with " + rightCaption + "."
                : leftCaption + " differs from " + rightCaption + " by " + difference() + ".";
    }
}
