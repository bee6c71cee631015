package undersaw.form.formula;

import undersaw.money.Money;

/**
 * How a line's amount is found, as a value that can be evaluated, read, drawn and exported.
 *
 * <p>Each node answers four questions about itself: its amount, its words, what it reads, and the same rule as a
 * spreadsheet expression.
 */
public sealed interface Formula extends Rule, Term
        permits Carried,
                Choice,
                Constant,
                Difference,
                Divided,
                Fraction,
                Greatest,
                LawAmount,
                Least,
                Paid,
                PercentOf,
                Posted,
                Proportion,
                Prorated,
                Reference,
                Rounded,
                Sum,
                Total,
                Unreplaced,
                Worked {
    Money value(Figures figures);

    /** The expression where an empty cell must count as nothing, and not be passed over. */
    default String number(Cells cells) {
        return cell(cells);
    }

    @Override
    default Formula asFormula() {
        return this;
    }
}
