package undersaw.us.partnership;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import undersaw.engagement.HeadingField;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.Section;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Paid;
import undersaw.ledger.PaymentKind;
import undersaw.ledger.Side;
import undersaw.us.passthrough.Deductions;

/** Form 1065, heading and page 1 (2024 form, from memory). */
final class Page1 extends Form {
    final Line grossReceipts;
    final Line returnsAndAllowances;
    final Line netReceipts;
    final Line fromOthers;
    final Line farmProfit;
    final Line businessPropertyGain;
    final Line otherIncome;
    final Line totalIncome;
    final Line guaranteed;
    final Line interestPaid;
    final Line wages;
    final Line written;
    final Line depreciation;
    final Line depletion;
    final Line otherDeductions;
    final Line ordinaryIncome;
    final Line balanceDue;
    final Line payment;
    final Line extension;
    final Deductions deductions = new Deductions();

    Page1(PartnershipForms all) {
        super("1065", "Return of partnership income");
        part("hdr", "Heading", "Instructions for Form 1065, Specific Instructions");
        line("hdr/A", "Principal business activity").fromHeading(HeadingField.ACTIVITY, LineKind.TEXT);
        line("hdr/B", "Principal product or service").fromHeading(HeadingField.PRODUCT, LineKind.TEXT);
        line("hdr/C", "Business code").fromHeading(HeadingField.ACTIVITY_CODE, LineKind.TEXT);
        line("hdr/D", "Employer identification number").fromHeading(HeadingField.NUMBER, LineKind.TEXT);
        line("hdr/E", "Date business began").fromHeading(HeadingField.FORMED, LineKind.DATE);
        line("hdr/F", "Total assets at year end").is(() -> all.scheduleL.totalAssets.closing());
        line("hdr/G1", "Initial return").fromHeading(HeadingField.INITIAL, LineKind.BOX);
        line("hdr/G2", "Final return").fromHeading(HeadingField.FINAL, LineKind.BOX);
        line("hdr/G3", "Name change").fromHeading(HeadingField.NAME_CHANGE, LineKind.BOX);
        line("hdr/G4", "Address change").fromHeading(HeadingField.ADDRESS_CHANGE, LineKind.BOX);
        line("hdr/G5", "Amended return").as(LineKind.BOX).ofTheYear();
        line("hdr/H", "Accounting method").fromHeading(HeadingField.METHOD, LineKind.TEXT);
        line("hdr/I", "Schedules K-1").isCount(() -> all.percentages.partners());
        line("hdr/J", "Schedules C and M-3 attached").as(LineKind.BOX);
        line("hdr/K1", "Activities aggregated for at-risk purposes")
                .as(LineKind.BOX)
                .cites("IRC 465(c)");
        line("hdr/K2", "Activities grouped for passive purposes")
                .as(LineKind.BOX)
                .cites("IRC 469");

        part("1", "Income", "IRC 703(a); Instructions for Form 1065, Income");
        section(Section.REVENUE);
        grossReceipts = booksLine("1a", "Gross receipts or sales", Side.CREDIT);
        returnsAndAllowances = booksLine("1b", "Returns and allowances", Side.DEBIT);
        netReceipts = line("1c", "Balance")
                .is(grossReceipts.minus(returnsAndAllowances))
                .always();
        Line costOfSales = line("2", "Cost of goods sold").is(() -> all.form1125A.costOfSales);
        Line grossProfit =
                line("3", "Gross profit").is(netReceipts.minus(costOfSales)).always();
        section(Section.OTHER_INCOME);
        fromOthers = booksLine("4", "Ordinary income or loss of other partnerships, estates and trusts", Side.CREDIT)
                .withStatement();
        farmProfit = line("5", "Net farm profit or loss").cites("Schedule F (Form 1040)");
        businessPropertyGain = line("6", "Net gain or loss from Form 4797").cites("IRC 1231, 1245");
        businessPropertyGain.fromBooksAnd(() -> sum(businessPropertyGain.fromAccounts(), all.form4797.ordinaryGain));
        mappable(businessPropertyGain, Side.CREDIT);
        otherIncome = line("7", "Other income or loss").withStatement();
        otherIncome.fromBooksAnd(() -> sum(otherIncome.fromAccounts(), all.form4797.takenBack));
        mappable(otherIncome, Side.CREDIT);
        totalIncome = line("8", "Total income")
                .is(sum(grossProfit, fromOthers, farmProfit, businessPropertyGain, otherIncome))
                .always();

        part("2", "Deductions", "IRC 162, 703(a); Instructions for Form 1065, Deductions");
        section(Section.EXPENSES);
        wages = deduction("9", "Salaries and wages, other than to partners", "IRC 162(a)(1)");
        guaranteed = deduction("10", "Guaranteed payments to partners", "IRC 707(c)");
        deduction("11", "Repairs and maintenance", "Reg. 1.162-4");
        deduction("12", "Bad debts", "IRC 166");
        deduction("13", "Rent", "IRC 162(a)(3)");
        deduction("14", "Taxes and licenses", "IRC 164; Notice 2020-75").withStatement();
        interestPaid = line("15", "Interest").cites("IRC 163");
        interestPaid.fromBooksAnd(() -> sum(interestPaid.fromAccounts(), all.form8990.change));
        mappable(interestPaid, Side.DEBIT);
        deductions.add(interestPaid);
        written = line("16a", "Depreciation")
                .is(() -> when(
                        all.form4562.depreciation.isNotZero(),
                        all.form4562.depreciation.minus(all.form4562.depreciationElsewhere),
                        NOTHING))
                .cites("IRC 167, 168");
        mappable(written, Side.DEBIT);
        Line elsewhere =
                line("16b", "Depreciation on Form 1125-A and elsewhere").is(() -> all.form4562.depreciationInCost);
        depreciation = line("16c", "Depreciation of page 1").is(written.minus(elsewhere));
        deductions.add(depreciation);
        depletion = deduction("17", "Depletion", "IRC 611");
        deduction("18", "Retirement plans", "IRC 404(a)");
        deduction("19", "Employee benefit programs", "IRC 162(a)");
        deduction("20", "Energy efficient commercial buildings deduction", "IRC 179D");
        otherDeductions = line("21", "Other deductions").withStatement();
        otherDeductions.fromBooksAnd(() -> sum(otherDeductions.fromAccounts(), all.form4562.amortizationOnPage1));
        mappable(otherDeductions, Side.DEBIT);
        deductions.add(otherDeductions);
        Line total = line("22", "Total deductions").is(deductions.total()).always();
        ordinaryIncome = line("23", "Ordinary business income or loss")
                .is(totalIncome.minus(total))
                .always();

        part("3", "Tax and payment", "IRC 460(b), 6225");
        Line contracts = line("24", "Interest under the look-back method, completed contracts");
        Line forecast = line("25", "Interest under the look-back method, income forecast");
        Line imputed = line("26", "Imputed underpayment").cites("IRC 6225");
        Line others = line("27", "Other taxes");
        balanceDue = line("28", "Balance due").is(sum(contracts, forecast, imputed, others));
        Line elective = line("29", "Elective payment of credits").cites("IRC 6417");
        extension = line("30/extension", "Of the payment, paid with Form 7004")
                .is(new Paid(PaymentKind.EXTENSION))
                .aside();
        payment = line("30", "Payment")
                .is(sum(new Paid(PaymentKind.ESTIMATED), new Paid(PaymentKind.OVERPAYMENT_APPLIED), extension));
        line("31", "Amount owed").is(balanceDue.minus(sum(elective, payment)).notBelowZero());
        line("32", "Overpayment").is(sum(elective, payment).minus(balanceDue).notBelowZero());
    }

    private Line deduction(String within, String caption, String citation) {
        return deductions.add(booksLine(within, caption, Side.DEBIT).cites(citation));
    }

    /** Receipts as question 4 counts them, those of page 1 (Instructions for Form 1065, Schedule B). */
    Formula receipts() {
        return sum(
                grossReceipts,
                fromOthers.notBelowZero(),
                farmProfit.notBelowZero(),
                businessPropertyGain.notBelowZero(),
                otherIncome);
    }
}
