package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;

import undersaw.form.formula.Formula;
import undersaw.us.forms.Form8990;

/**
 * What the limit on business interest reads of a corporation's return: all of its interest is business interest (Reg.
 * 1.163(j)-4(b)).
 *
 * <p>Gifts stand in its tentative income within their share of that income, dividends received with their whole
 * deduction, and the loss deduction does not enter (unsure).
 */
final class BusinessInterest {
    private BusinessInterest() {}

    static Form8990.Sockets of(CorporationForms all) {
        return new Form8990.Sockets(
                () -> all.page1.interestPaid,
                all.page1.interest::asFormula,
                () -> sum(all.form4562.depreciation, all.form4562.amortization, all.page1.depletion),
                () -> tentativeIncome(all),
                () -> all.scheduleK.interestTest.answered("yes"),
                all.receipts);
    }

    private static Formula tentativeIncome(CorporationForms all) {
        Formula before = all.page1.incomeBefore(all.page1.interestPaid).minus(all.page1.interestPaid.fromAccounts());
        Formula gifts =
                least(all.charity.giftsAndCarried, before.notBelowZero().times(CorporationLaw.CHARITABLE_SHARE));
        return before.minus(gifts).minus(all.scheduleC.fullDeduction().plus(all.scheduleC.unlimited()));
    }
}
