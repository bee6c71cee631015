package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.law;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.ArrayList;
import java.util.List;
import undersaw.engagement.HeadingField;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.Section;
import undersaw.form.formula.Formula;
import undersaw.ledger.Side;

/** Form 1120, heading and page 1. Line numbers as on the 2024 form (from memory). */
final class Page1 extends Form {
    final Line consolidated;
    final Line holdingCompany;
    final Line serviceCorporation;
    final Line reconciliation;
    final Line number;
    final Line formed;
    final Line assets;

    final Line grossReceipts;
    final Line returnsAndAllowances;
    final Line netReceipts;
    final Line costOfSales;
    final Line grossProfit;
    final Line dividends;
    final Line interest;
    final Line rents;
    final Line royalties;
    final Line capitalGain;
    final Line businessPropertyGain;
    final Line otherIncome;
    final Line totalIncome;

    final Line officers;
    final Line salaries;
    final Line repairs;
    final Line badDebts;
    final Line rentsPaid;
    final Line taxes;
    final Line interestPaid;
    final Line charity;
    final Line depreciation;
    final Line depletion;
    final Line advertising;
    final Line pensions;
    final Line benefits;
    final Line efficientBuildings;
    final Line otherDeductions;
    final Line totalDeductions;

    final Line incomeBeforeLosses;
    final Line lossDeduction;
    final Line specialDeductions;
    final Line lossesAndSpecial;
    final Line taxableIncome;
    final Line totalTax;
    final Line payments;
    final Line penalty;
    final Line owed;
    final Line overpayment;
    final Line credited;
    final Line refunded;

    Page1(CorporationForms all) {
        super("1120", "Corporation income tax return");
        part("hdr", "Heading", "Instructions for Form 1120, Specific Instructions, Period Covered to Item E");
        consolidated = line("hdr/A1a", "Consolidated return").as(LineKind.BOX);
        line("hdr/A1b", "Life and nonlife consolidated return").as(LineKind.BOX);
        holdingCompany =
                line("hdr/A2", "Personal holding company").as(LineKind.BOX).cites("IRC 542");
        serviceCorporation =
                line("hdr/A3", "Personal service corporation").as(LineKind.BOX).cites("IRC 441(i)");
        reconciliation = line("hdr/A4", "Schedule M-3 attached")
                .isYesWhen(() -> all.scheduleL.totalAssets.closing().isAtLeast(law(CorporationLaw.SCHEDULE_M3)));
        number = line("hdr/B", "Employer identification number").fromHeading(HeadingField.NUMBER, LineKind.TEXT);
        formed = line("hdr/C", "Date incorporated").fromHeading(HeadingField.FORMED, LineKind.DATE);
        assets = line("hdr/D", "Total assets at year end").is(() -> all.scheduleL.totalAssets.closing());
        line("hdr/E1", "Initial return").fromHeading(HeadingField.INITIAL, LineKind.BOX);
        line("hdr/E2", "Final return").fromHeading(HeadingField.FINAL, LineKind.BOX);
        line("hdr/E3", "Name change").fromHeading(HeadingField.NAME_CHANGE, LineKind.BOX);
        line("hdr/E4", "Address change").fromHeading(HeadingField.ADDRESS_CHANGE, LineKind.BOX);

        part("1", "Income", "IRC 61; Instructions for Form 1120, Income");
        section(Section.REVENUE);
        grossReceipts = booksLine("1a", "Gross receipts or sales", Side.CREDIT);
        returnsAndAllowances = booksLine("1b", "Returns and allowances", Side.DEBIT);
        netReceipts = line("1c", "Balance")
                .is(grossReceipts.minus(returnsAndAllowances))
                .always();
        costOfSales = line("2", "Cost of goods sold").is(() -> all.form1125A.costOfSales);
        grossProfit =
                line("3", "Gross profit").is(netReceipts.minus(costOfSales)).always();
        dividends = line("4", "Dividends and inclusions").is(() -> all.scheduleC.totalDividends);
        section(Section.OTHER_INCOME);
        interest = booksLine("5", "Interest", Side.CREDIT).cites("IRC 61(a)(4)");
        rents = booksLine("6", "Gross rents", Side.CREDIT);
        royalties = booksLine("7", "Gross royalties", Side.CREDIT);
        capitalGain = line("8", "Capital gain net income")
                .is(() -> all.scheduleD.toPage1)
                .cites("IRC 1222(9)");
        mappable(capitalGain, Side.CREDIT);
        businessPropertyGain = line("9", "Net gain or loss from Form 4797")
                .is(() -> all.form4797.ordinaryGain)
                .cites("IRC 1231");
        mappable(businessPropertyGain, Side.CREDIT);
        otherIncome = line("10", "Other income").withStatement();
        otherIncome.fromBooksAnd(() -> sum(otherIncome.fromAccounts(), all.form4797.takenBack));
        mappable(otherIncome, Side.CREDIT);
        totalIncome = line("11", "Total income")
                .is(sum(
                        grossProfit,
                        dividends,
                        interest,
                        rents,
                        royalties,
                        capitalGain,
                        businessPropertyGain,
                        otherIncome))
                .always();

        part("2", "Deductions", "IRC 162; Instructions for Form 1120, Deductions");
        officers = line("12", "Compensation of officers")
                .fromBooksAnd(() -> when(all.form1125E.total.isNotZero(), all.form1125E.onPage1, officersPerBooks()))
                .cites("IRC 162(a)(1)");
        section(Section.EXPENSES);
        mappable(officers, Side.DEBIT);
        salaries = booksLine("13", "Salaries and wages, less employment credits", Side.DEBIT)
                .cites("IRC 162(a)(1)");
        repairs = booksLine("14", "Repairs and maintenance", Side.DEBIT).cites("Reg. 1.162-4");
        badDebts = booksLine("15", "Bad debts", Side.DEBIT).cites("IRC 166");
        rentsPaid = booksLine("16", "Rents", Side.DEBIT).cites("IRC 162(a)(3)");
        taxes = booksLine("17", "Taxes and licenses", Side.DEBIT).cites("IRC 164");
        interestPaid = line("18", "Interest")
                .fromBooksAnd(() -> sum(interestPerBooks(), all.form8990.change))
                .cites("IRC 163");
        mappable(interestPaid, Side.DEBIT);
        charity = line("19", "Charitable contributions")
                .is(() -> all.charity.allowed)
                .cites("IRC 170(b)(2)");
        mappable(charity, Side.DEBIT);
        depreciation = line("20", "Depreciation not claimed elsewhere")
                .is(() -> all.form4562.depreciation.minus(
                        all.form4562.depreciationInCost.plus(all.form4562.depreciationElsewhere)))
                .cites("IRC 167, 168");
        mappable(depreciation, Side.DEBIT);
        depletion = booksLine("21", "Depletion", Side.DEBIT).cites("IRC 611");
        advertising = booksLine("22", "Advertising", Side.DEBIT);
        pensions = booksLine("23", "Pension, profit-sharing and similar plans", Side.DEBIT)
                .cites("IRC 404(a)");
        benefits = booksLine("24", "Employee benefit programs", Side.DEBIT);
        efficientBuildings = booksLine("25", "Energy efficient commercial buildings deduction", Side.DEBIT)
                .cites("IRC 179D");
        otherDeductions = line("26", "Other deductions")
                .fromBooksAnd(() -> sum(
                        otherPerBooks(), all.form4562.amortizationOnPage1, all.startUp.atOnce, all.organization.atOnce))
                .withStatement();
        mappable(otherDeductions, Side.DEBIT);
        totalDeductions = line("27", "Total deductions").is(sum(deductions())).always();

        part("3", "Tax and payments", "IRC 63(a), 172, 243, 6151");
        incomeBeforeLosses = line("28", "Taxable income before net operating loss and special deductions")
                .is(totalIncome.minus(totalDeductions))
                .always();
        lossDeduction = line("29a", "Net operating loss deduction")
                .is(() -> all.lossDeduction.deduction)
                .cites("IRC 172(a)");
        specialDeductions = line("29b", "Special deductions")
                .is(() -> all.scheduleC.totalSpecial)
                .cites("IRC 243, 250");
        lossesAndSpecial = line("29c", "Lines 29a and 29b")
                .is(sum(lossDeduction, specialDeductions))
                .always();
        taxableIncome = line("30", "Taxable income")
                .is(incomeBeforeLosses.minus(lossesAndSpecial))
                .always();
        totalTax = line("31", "Total tax").is(() -> all.scheduleJ.totalTax).always();
        payments = line("33", "Total payments and credits")
                .is(() -> all.scheduleJ.paymentsAndCredits)
                .always();
        penalty = line("34", "Estimated tax penalty")
                .is(() -> all.form2220.penalty)
                .cites("IRC 6655");
        line("34/box", "Form 2220 is attached").isYesWhen(() -> all.form2220.attached());
        owed = line("35", "Amount owed")
                .is(totalTax.plus(penalty).minus(payments).notBelowZero())
                .always();
        overpayment = line("36", "Overpayment")
                .is(payments.minus(totalTax.plus(penalty)).notBelowZero())
                .always();
        credited = line("37", "Overpayment credited to next year").help("The rest of line 36 is refunded.");
        refunded = line("37r", "Overpayment refunded").is(overpayment.minus(credited));
    }

    /** Lines 12 to 26. */
    private List<Line> deductions() {
        return List.of(
                officers,
                salaries,
                repairs,
                badDebts,
                rentsPaid,
                taxes,
                interestPaid,
                charity,
                depreciation,
                depletion,
                advertising,
                pensions,
                benefits,
                efficientBuildings,
                otherDeductions);
    }

    /** Income less all deductions but gifts, and but some others that what is sought depends on. */
    Formula incomeBefore(Line... others) {
        List<Line> left = new ArrayList<>(deductions());
        left.remove(charity);
        left.removeAll(List.of(others));
        return totalIncome.minus(sum(left));
    }

    /** Total receipts, lines as they print (Instructions for Form 1120, Schedule K question 13). */
    Formula totalReceipts() {
        return sum(
                grossReceipts, dividends, interest, rents, royalties, capitalGain, businessPropertyGain, otherIncome);
    }

    private Formula officersPerBooks() {
        return officers.fromAccounts();
    }

    private Formula interestPerBooks() {
        return interestPaid.fromAccounts();
    }

    private Formula otherPerBooks() {
        return otherDeductions.fromAccounts();
    }
}
