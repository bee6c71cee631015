package undersaw.form.formula;

import undersaw.money.Percent;

/** How a percentage is found. */
public sealed interface Ratio extends Rule
        permits DividedRatio, LawPercent, LinePercent, OnlyWhen, Quotient, TypedRate, WeightedShares {
    Percent value(Figures figures);

    /** The words before what it is taken of. */
    default String taken() {
        return bracketed() + " percent of";
    }

    /** Zero percent while the condition does not hold. */
    default Ratio onlyWhen(Condition condition) {
        return new OnlyWhen(this, condition);
    }
}
