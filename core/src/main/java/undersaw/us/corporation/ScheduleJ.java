package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.sum;

import java.util.List;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Paid;
import undersaw.ledger.PaymentKind;
import undersaw.us.forms.BusinessLaw;

/** Form 1120, Schedule J: tax computation and payment (2024 form, from memory). */
final class ScheduleJ extends Form {
    final Line incomeTax;
    final Line taxAndMinimum;
    final Line foreignCredit;
    final Line form8834;
    final Line businessCredit;
    final Line credits;
    final Line totalTax;
    final Line overpaymentApplied;
    final Line estimated;
    final Line paymentsAndCredits;
    final Line extension;
    private final List<Line> notEstimated;

    ScheduleJ(CorporationForms all) {
        super("1120", "Schedule J");
        part("J", "Schedule J: tax computation", "IRC 11; Instructions for Form 1120, Schedule J Part I");
        incomeTax = line("J/1a", "Income tax")
                .is(() -> all.page1.taxableIncome.notBelowZero().times(BusinessLaw.CORPORATE_RATE))
                .always()
                .cites("IRC 11(b)");
        Line life = line("J/1b", "Tax from Form 1120-L");
        Line passive = line("J/1c", "Section 1291 tax from Form 8621").cites("IRC 1291");
        Line partner = line("J/1d", "Adjustment from Form 8978");
        Line intangibles = line("J/1e", "Additional tax on intangibles").cites("IRC 197(f)");
        Line erosion = line("J/1f", "Base erosion minimum tax").cites("IRC 59A");
        Line recaptured = line("J/1g", "Amount from Form 4255");
        Line other = line("J/1z", "Other chapter 1 tax").withStatement();
        Line totalIncomeTax = line("J/2", "Total income tax")
                .is(sum(incomeTax, life, passive, partner, intangibles, erosion, recaptured, other))
                .always();
        Line minimum = line("J/3", "Corporate alternative minimum tax").cites("IRC 55(b)(2)");
        taxAndMinimum =
                line("J/4", "Lines 2 and 3").is(sum(totalIncomeTax, minimum)).always();
        foreignCredit = line("J/5a", "Foreign tax credit").cites("IRC 27, 901");
        form8834 = line("J/5b", "Credit from Form 8834");
        businessCredit = line("J/5c", "General business credit").cites("IRC 38");
        Line priorMinimum = line("J/5d", "Credit for prior-year minimum tax").cites("IRC 53");
        Line bonds = line("J/5e", "Bond credits from Form 8912");
        Line partnerDecrease = line("J/5f", "Adjustment from Form 8978, decrease");
        credits = line("J/6", "Total credits")
                .is(sum(foreignCredit, form8834, businessCredit, priorMinimum, bonds, partnerDecrease));
        Line afterCredits = line("J/7", "Tax after credits")
                .is(taxAndMinimum.minus(credits))
                .always();
        Line holdingCompany = line("J/8", "Personal holding company tax").cites("IRC 541");
        List<Line> recaptures = List.of(
                line("J/9a", "Recapture from Form 4255"),
                line("J/9b", "Recapture from Form 8611"),
                line("J/9c", "Interest, look-back, long-term contracts").cites("IRC 460(b)"),
                line("J/9d", "Interest, look-back, income forecast").cites("IRC 167(g)"),
                line("J/9e", "Alternative tax on shipping").cites("IRC 1352"),
                line("J/9f", "Interest under section 453A(c)").cites("IRC 453A(c)"),
                line("J/9g", "Interest under section 453(l)").cites("IRC 453(l)"),
                line("J/9z", "Other").withStatement());
        Line further = line("J/10", "Total of lines 9a to 9z").is(sum(recaptures));
        Line beforeDeferral = line("J/11a", "Total tax before deferred taxes")
                .is(sum(afterCredits, holdingCompany, further))
                .always();
        Line electingFund =
                line("J/11b", "Deferred tax on an electing fund's share").cites("IRC 1294");
        Line lifo = line("J/11c", "Deferred LIFO recapture tax").cites("IRC 1363(d)");
        totalTax = line("J/12", "Total tax")
                .is(beforeDeferral.minus(sum(electingFund, lifo)))
                .always();

        part(
                "J-III",
                "Schedule J: payments and refundable credits",
                "IRC 6302, 6655; Instructions, Schedule J Part II");
        overpaymentApplied =
                line("J/13", "Last year's overpayment credited").is(new Paid(PaymentKind.OVERPAYMENT_APPLIED));
        estimated = line("J/14", "Estimated tax payments").is(new Paid(PaymentKind.ESTIMATED));
        Line quickRefund = line("J/15", "Refund taken on Form 4466").cites("IRC 6425");
        Line combined = line("J/16", "Lines 13 and 14 less line 15")
                .is(sum(overpaymentApplied, estimated).minus(quickRefund));
        extension = line("J/17", "Deposited with Form 7004").is(new Paid(PaymentKind.EXTENSION));
        Line withheld = line("J/18", "Withholding").is(new Paid(PaymentKind.WITHHELD));
        Line totalPayments = line("J/19", "Total payments")
                .is(sum(combined, extension, withheld))
                .always();
        Line undistributed = line("J/20a", "Credit from Form 2439").cites("IRC 852(b)(3)");
        Line fuels = line("J/20b", "Credit from Form 4136").cites("IRC 34");
        Line otherRefundable = line("J/20z", "Other refundable credits").withStatement();
        notEstimated = List.of(holdingCompany, recaptures.get(2), recaptures.get(3), fuels, otherRefundable);
        Line refundable = line("J/21", "Total refundable credits").is(sum(undistributed, fuels, otherRefundable));
        Line elective = line("J/22", "Elective payment from Form 3800").cites("IRC 6417");
        paymentsAndCredits = line("J/23", "Total payments and credits")
                .is(sum(totalPayments, refundable, elective))
                .always();
    }

    /** What Form 2220 leaves out of the tax that estimates are measured by. */
    Formula notEstimated() {
        return sum(notEstimated);
    }
}
