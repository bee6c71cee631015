package undersaw.us.passthrough;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.sum;

import undersaw.form.Line;
import undersaw.form.formula.Formula;
import undersaw.us.forms.EarlierReceipts;
import undersaw.us.forms.Form4562;
import undersaw.us.forms.Form8990;

/**
 * What Form 8990 takes of a pass-through return. Interest that is not allowed goes to the partners of a partnership and
 * stays with an S corporation (IRC 163(j)(4)).
 *
 * @param interest of page 1
 * @param totalIncome of page 1
 * @param deductions of page 1
 * @param depreciation of page 1
 * @param depletion of page 1
 * @param test the question whether the limit applies
 */
public record BusinessInterest(
        Line interest, Line totalIncome, Deductions deductions, Line depreciation, Line depletion, Line test) {
    /** Together with what is amortized, and the receipts of earlier years. */
    public Form8990.Sockets with(Form4562 written, EarlierReceipts receipts) {
        return new Form8990.Sockets(
                () -> interest,
                () -> NOTHING,
                () -> sum(depreciation, written.amortization, depletion),
                this::tentativeIncome,
                () -> test.answered("yes"),
                receipts);
    }

    /** Ordinary income with the interest of the books taken off whole (Reg. 1.163(j)-1(b)(43), unsure). */
    private Formula tentativeIncome() {
        return totalIncome.minus(deductions.without(interest)).minus(interest.fromAccounts());
    }
}
