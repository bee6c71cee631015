package undersaw.form.formula;

import java.util.Set;
import undersaw.money.Money;

/**
 * How a line's amount is found, as a value that can be evaluated, read, drawn and exported.
 *
 * <p>Each node answers four questions about itself: its amount, its words, what it reads, and the same rule as a
 * spreadsheet expression.
 */
public sealed interface Formula extends Term
        permits Carried,
                Choice,
                Constant,
                Difference,
                Divided,
                Fraction,
                Greatest,
                LawAmount,
                LawPercent,
                LawShare,
                Least,
                Paid,
                Posted,
                Proportion,
                Quotient,
                Reference,
                Sum,
                Total,
                Unreplaced,
                Worked {
    Money value(Figures figures);

    /** The rule as a sentence part that a preparer can check; compound parts stand in brackets. */
    String words();

    /** All that the amount depends on. */
    Set<Input> reads();

    /** The rule as a live spreadsheet expression, without the leading equals sign. */
    String cell(Cells cells);

    /** The expression where an empty cell must count as nothing, and not be passed over. */
    default String number(Cells cells) {
        return cell(cells);
    }

    @Override
    default Formula asFormula() {
        return this;
    }

    /** The words, in brackets where they are more than one item. */
    default String bracketed() {
        return words();
    }
}
