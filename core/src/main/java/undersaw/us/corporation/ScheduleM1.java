package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.sum;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.Section;
import undersaw.ledger.Side;

/** Form 1120, Schedule M-1: book income to taxable income (2024 form, from memory). */
final class ScheduleM1 extends Form {
    final Line bookIncome;
    final Line federalTax;
    final Line capitalLosses;
    final Line taxedNotOnBooks;
    final Line depreciationAbove;
    final Line charityAbove;
    final Line travel;
    final Line otherAbove;
    final Line additions;
    final Line exemptInterest;
    final Line otherIncomeNotTaxed;
    final Line depreciationBelow;
    final Line charityBelow;
    final Line otherBelow;
    final Line subtractions;
    final Line taxable;

    ScheduleM1(CorporationForms all) {
        super("1120", "Schedule M-1");
        part("M-1", "Schedule M-1: book income to taxable income", "Instructions for Form 1120, Schedule M-1")
                .excusedWhen(() -> all.scheduleK.small.answered("yes").or(all.scheduleM3.isDue()));
        bookIncome = line("M-1/1", "Net income per books").fromBooks().always();
        section(Section.INCOME_TAXES);
        federalTax = booksLine("M-1/2", "Federal income tax per books", Side.DEBIT);
        capitalLosses = line("M-1/3", "Capital losses over capital gains").is(() -> all.scheduleD.lossOfTheYear);
        taxedNotOnBooks =
                line("M-1/4", "Income taxed, not on the books this year").withStatement();
        taxedNotOnBooks.fromBooksAnd(() -> sum(
                taxedNotOnBooks.fromAccounts(),
                all.differences.disposalsTaxAbove,
                all.differences.capitalTaxAbove,
                all.differences.incomeTypedAbove));
        depreciationAbove = line("M-1/5a", "Depreciation on the books above the return")
                .is(() -> all.differences
                        .depreciation
                        .minus(all.form4562.depreciation)
                        .notBelowZero());
        charityAbove = line("M-1/5b", "Charitable contributions above the return")
                .is(() -> all.charity.gifts.minus(all.page1.charity).notBelowZero());
        travel = line("M-1/5c", "Travel and entertainment").fromBooks().withStatement();
        otherAbove =
                line("M-1/5d", "Other expenses on the books, not on the return").withStatement();
        otherAbove.fromBooksAnd(() -> all.differences.otherAbove(otherAbove).plus(all.differences.roundingAdded));
        Line above = line("M-1/5", "Expenses on the books, not on the return")
                .is(sum(depreciationAbove, charityAbove, travel, otherAbove));
        additions = line("M-1/6", "Lines 1 to 5")
                .is(sum(bookIncome, federalTax, capitalLosses, taxedNotOnBooks, above))
                .always();
        exemptInterest = line("M-1/7a", "Tax-exempt interest").fromBooks();
        otherIncomeNotTaxed =
                line("M-1/7b", "Other income on the books, not on the return").withStatement();
        otherIncomeNotTaxed.fromBooksAnd(() -> sum(
                otherIncomeNotTaxed.fromAccounts(),
                all.differences.disposalGainBelow,
                all.differences.capitalTaxBelow,
                all.differences.incomeTypedBelow));
        Line notTaxed =
                line("M-1/7", "Income on the books, not on the return").is(sum(exemptInterest, otherIncomeNotTaxed));
        depreciationBelow = line("M-1/8a", "Depreciation on the return above the books")
                .is(() -> all.form4562
                        .depreciation
                        .minus(all.differences.depreciation)
                        .notBelowZero());
        charityBelow = line("M-1/8b", "Charitable contributions carried to this year")
                .is(() -> all.page1.charity.minus(all.charity.gifts).notBelowZero());
        otherBelow = line("M-1/8c", "Other deductions not on the books").withStatement();
        otherBelow.fromBooksAnd(() -> all.differences.otherBelow(otherBelow).plus(all.differences.roundingTaken));
        Line below = line("M-1/8", "Deductions on the return, not on the books")
                .is(sum(depreciationBelow, charityBelow, otherBelow));
        subtractions = line("M-1/9", "Lines 7 and 8").is(sum(notTaxed, below)).always();
        taxable = line("M-1/10", "Income before losses and special deductions")
                .is(additions.minus(subtractions))
                .always();
    }
}
