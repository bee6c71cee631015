package undersaw.us.scorporation;

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

/** Form 1120-S, heading and page 1 (2024 form, from memory). */
final class Page1 extends Form {
    final Line grossReceipts;
    final Line returnsAndAllowances;
    final Line netReceipts;
    final Line businessPropertyGain;
    final Line otherIncome;
    final Line totalIncome;
    final Line officers;
    final Line wages;
    final Line interestPaid;
    final Line depreciation;
    final Line depletion;
    final Line otherDeductions;
    final Line totalDeductions;
    final Line ordinaryIncome;
    final Line totalTax;
    final Line payments;
    final Line extension;
    final Line overpayment;
    final Deductions deductions = new Deductions();

    Page1(SCorporationForms all) {
        super("1120-S", "Income tax return of an S corporation");
        part("hdr", "Heading", "Instructions for Form 1120-S, Specific Instructions");
        line("hdr/A", "First day of the election as an S corporation")
                .as(LineKind.DATE)
                .cites("IRC 1362(b)");
        line("hdr/B", "Business activity code").fromHeading(HeadingField.ACTIVITY_CODE, LineKind.TEXT);
        line("hdr/C", "Schedule M-3 attached").as(LineKind.BOX);
        line("hdr/D", "Employer identification number").fromHeading(HeadingField.NUMBER, LineKind.TEXT);
        line("hdr/E", "Date incorporated").fromHeading(HeadingField.FORMED, LineKind.DATE);
        line("hdr/F", "Total assets at year end").is(() -> all.scheduleL.totalAssets.closing());
        line("hdr/G", "Election takes effect with this year")
                .as(LineKind.YES_NO)
                .ofTheYear()
                .cites("IRC 1362(a)");
        line("hdr/H1", "Final return").fromHeading(HeadingField.FINAL, LineKind.BOX);
        line("hdr/H2", "Name change").fromHeading(HeadingField.NAME_CHANGE, LineKind.BOX);
        line("hdr/H3", "Address change").fromHeading(HeadingField.ADDRESS_CHANGE, LineKind.BOX);
        line("hdr/H4", "Amended return").as(LineKind.BOX).ofTheYear();
        line("hdr/H5", "Election terminated or revoked")
                .as(LineKind.BOX)
                .ofTheYear()
                .cites("IRC 1362(d)");
        line("hdr/I", "Shareholders at any time of the year").isCount(() -> all.shares.holders());
        line("hdr/I/families", "Shareholders, a family counted once")
                .as(LineKind.COUNT)
                .cites("IRC 1361(c)(1)");
        line("hdr/J/1", "Activities aggregated for at-risk purposes")
                .as(LineKind.BOX)
                .cites("IRC 465(c)");
        line("hdr/J/2", "Activities grouped for passive purposes")
                .as(LineKind.BOX)
                .cites("IRC 469");

        part("1", "Income", "IRC 1363(b); Instructions for Form 1120-S, Income");
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
        businessPropertyGain = line("4", "Net gain or loss from Form 4797").cites("IRC 1231, 1245");
        businessPropertyGain.fromBooksAnd(() -> sum(businessPropertyGain.fromAccounts(), all.form4797.ordinaryGain));
        mappable(businessPropertyGain, Side.CREDIT);
        otherIncome = line("5", "Other income").withStatement();
        otherIncome.fromBooksAnd(() -> sum(otherIncome.fromAccounts(), all.form4797.takenBack));
        mappable(otherIncome, Side.CREDIT);
        totalIncome = line("6", "Total income")
                .is(sum(grossProfit, businessPropertyGain, otherIncome))
                .always();

        part("2", "Deductions", "IRC 162, 1363(b); Instructions for Form 1120-S, Deductions");
        section(Section.EXPENSES);
        officers = deduction("7", "Compensation of officers", "IRC 162(a)(1); Rev. Rul. 74-44");
        wages = deduction("8", "Salaries and wages, less employment credits", "IRC 162(a)(1)");
        deduction("9", "Repairs and maintenance", "Reg. 1.162-4");
        deduction("10", "Bad debts", "IRC 166");
        deduction("11", "Rents", "IRC 162(a)(3)");
        deduction("12", "Taxes and licenses", "IRC 164").withStatement();
        interestPaid = line("13", "Interest").cites("IRC 163");
        interestPaid.fromBooksAnd(() -> sum(interestPaid.fromAccounts(), all.form8990.change));
        mappable(interestPaid, Side.DEBIT);
        deductions.add(interestPaid);
        depreciation = line("14", "Depreciation not on Form 1125-A or elsewhere")
                .is(() -> when(
                        all.form4562.depreciation.isNotZero(),
                        all.form4562.depreciation.minus(
                                sum(all.form4562.depreciationInCost, all.form4562.depreciationElsewhere)),
                        NOTHING))
                .cites("IRC 167, 168");
        mappable(depreciation, Side.DEBIT);
        deductions.add(depreciation);
        depletion = deduction("15", "Depletion", "IRC 611");
        deduction("16", "Advertising", "IRC 162(a)");
        deduction("17", "Pension, profit-sharing and similar plans", "IRC 404(a)");
        deduction("18", "Employee benefit programs", "IRC 162(a)");
        deduction("19", "Energy efficient commercial buildings deduction", "IRC 179D");
        otherDeductions = line("20", "Other deductions").withStatement();
        otherDeductions.fromBooksAnd(() -> sum(otherDeductions.fromAccounts(), all.form4562.amortizationOnPage1));
        mappable(otherDeductions, Side.DEBIT);
        deductions.add(otherDeductions);
        totalDeductions = line("21", "Total deductions").is(deductions.total()).always();
        ordinaryIncome = line("22", "Ordinary business income or loss")
                .is(totalIncome.minus(totalDeductions))
                .always();

        part("3", "Tax and payments", "IRC 1374, 1375, 6655(g)(4)");
        Line passive = line("23a", "Tax on excess net passive income, and LIFO recapture")
                .is(() -> sum(all.passiveIncomeTax.tax, all.passiveIncomeTax.lifoRecapture))
                .cites("IRC 1375, 1363(d)");
        Line builtIn = line("23b", "Tax of Schedule D on built-in gains")
                .is(() -> all.scheduleD.tax)
                .cites("IRC 1374");
        Line more = line("23c/more", "Look-back interest and other additions to the tax")
                .cites("IRC 460(b)");
        totalTax = line("23c", "Tax").is(sum(passive, builtIn, more));
        Line estimated = line("24a", "Estimated payments, and overpayment of last year")
                .is(sum(new Paid(PaymentKind.ESTIMATED), new Paid(PaymentKind.OVERPAYMENT_APPLIED)))
                .cites("IRC 6655(g)(4)");
        extension = line("24b", "Paid with Form 7004")
                .is(new Paid(PaymentKind.EXTENSION))
                .cites("IRC 6081");
        Line fuel = line("24c", "Credit for federal tax on fuels").cites("IRC 34, 6421");
        Line elective = line("24d", "Elective payment of credits").cites("IRC 6417");
        payments = line("24z", "Payments and credits").is(sum(estimated, extension, fuel, elective));
        Line penalty = line("25", "Estimated tax penalty").cites("IRC 6655");
        Line owed = line("26", "Amount owed")
                .is(sum(totalTax, penalty).minus(payments).notBelowZero());
        overpayment = line("27", "Overpayment")
                .is(payments.minus(sum(totalTax, penalty)).notBelowZero());
        Line credited = line("28", "Overpayment credited to next year").help("The rest of line 27 is refunded.");
        line("28r", "Overpayment refunded").is(overpayment.minus(credited));
    }

    private Line deduction(String within, String caption, String citation) {
        return deductions.add(booksLine(within, caption, Side.DEBIT).cites(citation));
    }

    /** Receipts as Schedule B counts them, those of page 1 (Instructions for Form 1120-S, question 11). */
    Formula receipts() {
        return sum(grossReceipts, businessPropertyGain.notBelowZero(), otherIncome);
    }
}
