package undersaw.form.formula;

import java.util.List;
import undersaw.law.LawKey;

/** Anything that can stand in a formula: a line, or a formula itself. */
public interface Term {
    Formula asFormula();

    default Formula plus(Term other) {
        return Formulas.sum(this, other);
    }

    default Formula minus(Term other) {
        return new Difference(asFormula(), other.asFormula());
    }

    /** This amount, or nothing when it is below zero. */
    default Formula notBelowZero() {
        return new Greatest(List.of(asFormula(), Formulas.NOTHING));
    }

    /** The share that the law fixes for the year, rounded to whole dollars. */
    default Formula times(LawKey share) {
        return times(new LawPercent(share));
    }

    /** A percentage of this amount, rounded to whole dollars. */
    default Formula times(Ratio ratio) {
        return new PercentOf(ratio, asFormula());
    }

    default Condition isAtLeast(Term other) {
        return new Comparison(asFormula(), Comparison.Sign.AT_LEAST, other.asFormula());
    }

    default Condition isAtMost(Term other) {
        return new Comparison(other.asFormula(), Comparison.Sign.AT_LEAST, asFormula());
    }

    default Condition isAbove(Term other) {
        return new Comparison(other.asFormula(), Comparison.Sign.BELOW, asFormula());
    }

    default Condition isBelow(Term other) {
        return new Comparison(asFormula(), Comparison.Sign.BELOW, other.asFormula());
    }

    default Condition isZero() {
        return new Comparison(asFormula(), Comparison.Sign.EQUAL, Formulas.NOTHING);
    }

    default Condition isNotZero() {
        return new Comparison(asFormula(), Comparison.Sign.NOT_EQUAL, Formulas.NOTHING);
    }
}
