package undersaw.returns;

import undersaw.ledger.CarryoverKind;
import undersaw.money.Money;

/**
 * What one year of origin left, and what became of it in this year's return.
 *
 * @param kind which carryover
 * @param year the year of origin
 * @param available unused at the start of this year; for this year itself, what it adds
 * @param used taken by this year
 * @param expired lost after this year
 * @param part code of the worksheet that uses it
 */
public record CarryoverYear(CarryoverKind kind, int year, Money available, Money used, Money expired, String part) {
    /** What goes on to next year. */
    public Money left() {
        return available.minus(used).minus(expired);
    }
}
