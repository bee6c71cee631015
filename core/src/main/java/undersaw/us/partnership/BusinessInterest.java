package undersaw.us.partnership;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.sum;

import undersaw.form.formula.Formula;
import undersaw.us.forms.Form8990;

/** What Form 8990 takes of a partnership's return; interest not allowed goes to the partners (IRC 163(j)(4)). */
final class BusinessInterest {
    private BusinessInterest() {}

    static Form8990.Sockets of(PartnershipForms all) {
        return new Form8990.Sockets(
                () -> all.page1.interestPaid,
                () -> NOTHING,
                () -> sum(all.page1.depreciation, all.form4562.amortization, all.page1.depletion),
                () -> tentativeIncome(all),
                () -> all.scheduleB.interestTest.answered("yes"),
                all.receipts);
    }

    /** Ordinary income with the interest of the books taken off whole (Reg. 1.163(j)-1(b)(43), unsure). */
    private static Formula tentativeIncome(PartnershipForms all) {
        return all.page1
                .totalIncome
                .minus(all.page1.deductions.without(all.page1.interestPaid))
                .minus(all.page1.interestPaid.fromAccounts());
    }
}
