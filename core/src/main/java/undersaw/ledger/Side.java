package undersaw.ledger;

import undersaw.money.Money;

/** The side on which a line's accounts normally stand. */
public enum Side {
    DEBIT,
    CREDIT;

    /** A debit-positive balance in the natural sign of a line on this side. */
    public Money natural(Money balance) {
        return this == DEBIT ? balance : balance.negated();
    }
}
