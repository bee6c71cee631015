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
 * @param tolerance what rounding each by itself may leave
 */
public record TieOut(
        String code, String leftCaption, Money left, String rightCaption, Money right, LineId place, Money tolerance) {
    /** Two figures that must be the same. */
    public TieOut(String code, String leftCaption, Money left, String rightCaption, Money right, LineId place) {
        this(code, leftCaption, left, rightCaption, right, place, Money.ZERO);
    }

    public Money difference() {
        return left.minus(right);
    }

    public boolean agrees() {
        return difference().abs().compareTo(tolerance) <= 0;
    }

    /** The result as a sentence. */
    public String message() {
        return agrees()
                ? leftCaption + " agrees with " + rightCaption + "."
                : leftCaption + " differs from " + rightCaption + " by " + difference() + ".";
    }
}
