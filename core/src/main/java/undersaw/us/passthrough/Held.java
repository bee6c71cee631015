package undersaw.us.passthrough;

import undersaw.form.Line;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Formulas;

/**
 * A line of income or deduction held against what the books, and the forms that lead to it, bring: what a person typed
 * over that is a difference between books and return.
 *
 * @param line the line
 * @param expected what it holds where nobody types
 */
public record Held(Line line, Formula expected) {
    /** A line that accounts alone lead to. */
    public static Held byBooks(Line line) {
        return new Held(line, line.fromAccounts());
    }

    Formula above() {
        return line.minus(expected).notBelowZero();
    }

    Formula below() {
        return expected.minus(line).notBelowZero();
    }

    /** What is below where accounts lead to the line; elsewhere it is a loss that the books have not. */
    Formula belowBooks() {
        return Formulas.when(line.fromAccounts().isNotZero(), below(), Formulas.NOTHING);
    }

    Formula lossNotOnBooks() {
        return Formulas.when(line.fromAccounts().isNotZero(), Formulas.NOTHING, below());
    }
}
