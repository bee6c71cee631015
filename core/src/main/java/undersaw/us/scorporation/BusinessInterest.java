package undersaw.us.scorporation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.sum;

import undersaw.form.formula.Formula;
import undersaw.us.forms.Form8990;

/** What Form 8990 takes of an S corporation's return; interest that is not allowed stays with the corporation. */
final class BusinessInterest {
    private BusinessInterest() {}

    static Form8990.Sockets of(SCorporationForms all) {
        return new Form8990.Sockets(
                () -> all.page1.interestPaid,
                () -> NOTHING,
                () -> sum(all.page1.depreciation, all.form4562.amortization, all.page1.depletion),
                () -> tentativeIncome(all),
                () -> all.scheduleB.interestTest.answered("yes"),
                all.receipts);
    }

    /** Ordinary income with the interest of the books taken off whole (Reg. 1.163(j)-1(b)(43), unsure). */
    private static Formula tentativeIncome(SCorporationForms all) {
        return all.page1
                .totalIncome
                .minus(all.page1.deductions.without(all.page1.interestPaid))
                .minus(all.page1.interestPaid.fromAccounts());
    }
}
