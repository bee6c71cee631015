package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.dollars;
import static undersaw.form.formula.Formulas.greatest;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.List;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Term;
import undersaw.us.forms.Form1125A;

/**
 * Differences between books and return that no single account explains.
 *
 * <p>Book depreciation meets Form 4562, book gains meet Form 4797 and Schedule D, and figures typed over the books meet
 * what the books say. A residue of up to ten dollars, left by rounding each line, is placed openly on Schedule M-1.
 */
final class DifferencesWorksheet extends Form {
    private static final long ROUNDING_UP_TO = 10;

    final Line depreciation;
    final Line amortization;
    final Line disposals;
    final Line capitalGains;
    final Line disposalsTaxAbove;
    final Line disposalGainBelow;
    final Line capitalTaxAbove;
    final Line capitalTaxBelow;
    final Line incomeTypedAbove;
    final Line incomeTypedBelow;
    final Line roundingAdded;
    final Line roundingTaken;
    private final CorporationForms all;
    private final Line amortizationAbove;
    private final Line amortizationBelow;
    private final Line disposalLossBelow;
    private final Line interestAbove;
    private final Line interestBelow;
    private final Line firstYearAbove;
    private final Line deductionsTypedBelow;
    private final Line deductionsTypedAbove;

    DifferencesWorksheet(CorporationForms all) {
        super("1120", "Book-to-tax differences");
        this.all = all;
        part("W-M1", "Book-to-tax differences", "IRC 446; Instructions for Form 1120, Schedule M-1")
                .worksheet();
        depreciation = line("W-M1/1", "Depreciation per books").fromBooks();
        amortization = line("W-M1/2", "Amortization per books").fromBooks();
        disposals = line("W-M1/3", "Gain on property sold, per books").fromBooks();
        capitalGains = line("W-M1/4", "Gain on capital assets, per books").fromBooks();
        amortizationAbove = line("W-M1/5", "Amortization on the books above the return")
                .is(() -> amortization.minus(runningAmortization()).notBelowZero());
        amortizationBelow = line("W-M1/6", "Amortization on the return above the books")
                .is(() -> runningAmortization().minus(amortization).notBelowZero());
        disposalsTaxAbove = line("W-M1/7", "Property sold: gain on the return above the books")
                .is(() -> taxDisposals().minus(disposals).notBelowZero());
        disposalGainBelow = line("W-M1/8", "Property sold: gain on the books above the return")
                .is(() -> when(
                        disposals.isAtLeast(dollars(1)),
                        disposals.minus(taxDisposals()).notBelowZero(),
                        NOTHING));
        disposalLossBelow = line("W-M1/9", "Property sold: loss on the return above the books")
                .is(() -> when(
                        disposals.isAtLeast(dollars(1)),
                        NOTHING,
                        disposals.minus(taxDisposals()).notBelowZero()));
        capitalTaxAbove = line("W-M1/10", "Capital assets: gain on the return above the books")
                .is(() -> taxCapital().minus(capitalGains).notBelowZero());
        capitalTaxBelow = line("W-M1/11", "Capital assets: gain on the books above the return")
                .is(() -> capitalGains.minus(taxCapital()).notBelowZero());
        incomeTypedAbove =
                line("W-M1/12", "Income typed above the books").is(() -> sum(above(income()), all.form4797.takenBack));
        incomeTypedBelow = line("W-M1/13", "Income typed below the books").is(() -> below(income()));
        deductionsTypedBelow =
                line("W-M1/14", "Deductions typed below the books").is(() -> below(deductions()));
        deductionsTypedAbove =
                line("W-M1/15", "Deductions typed above the books").is(() -> above(deductions()));
        interestAbove = line("W-M1/20", "Interest on the books above the return")
                .is(() -> NOTHING.minus(all.form8990.change).notBelowZero());
        interestBelow =
                line("W-M1/21", "Interest on the return above the books").is(() -> all.form8990.change.notBelowZero());
        firstYearAbove = line("W-M1/22", "Start-up and organization costs on the books above the return")
                .is(() -> firstYearCosts().minus(firstYearDeducted()).notBelowZero());
        Line residue = line("W-M1/16", "Line 28 less Schedule M-1 before rounding")
                .is(() -> all.page1.incomeBeforeLosses.minus(beforeRounding()));
        Line rounding = line("W-M1/17", "Rounding placed on Schedule M-1")
                .is(when(
                        greatest(residue, NOTHING.minus(residue)).isAtLeast(dollars(ROUNDING_UP_TO + 1)),
                        NOTHING,
                        residue));
        roundingAdded = line("W-M1/18", "Rounding").is(rounding.notBelowZero());
        roundingTaken = line("W-M1/19", "Rounding").is(NOTHING.minus(rounding).notBelowZero());
    }

    /** Line 5d of Schedule M-1 before rounding. */
    Formula otherAbove(Line line) {
        return sum(line.fromAccounts(), amortizationAbove, interestAbove, firstYearAbove, deductionsTypedBelow);
    }

    /** Line 8c of Schedule M-1 before rounding. */
    Formula otherBelow(Line line) {
        return sum(
                line.fromAccounts(),
                amortizationBelow,
                interestBelow,
                disposalLossBelow,
                all.scheduleD.lossUsed,
                deductionsTypedAbove);
    }

    /** What was typed over deductions, above the books less below. */
    Formula deductionsTyped() {
        return deductionsTypedAbove.minus(deductionsTypedBelow);
    }

    private Formula beforeRounding() {
        ScheduleM1 m1 = all.scheduleM1;
        Formula added = sum(
                m1.bookIncome,
                m1.federalTax,
                m1.capitalLosses,
                m1.taxedNotOnBooks,
                m1.depreciationAbove,
                m1.charityAbove,
                m1.travel,
                otherAbove(m1.otherAbove));
        Formula taken = sum(
                m1.exemptInterest,
                m1.otherIncomeNotTaxed,
                m1.depreciationBelow,
                m1.charityBelow,
                otherBelow(m1.otherBelow));
        return added.minus(taken);
    }

    /** Interest on the return above the books, less below. */
    Formula interestMoved() {
        return interestBelow.minus(interestAbove);
    }

    /** Start-up and organization costs of the books. */
    Formula firstYearCosts() {
        return sum(all.startUp.costs, all.organization.costs);
    }

    /** What of them the return deducts this year. */
    Formula firstYearDeducted() {
        return sum(all.startUp.deducted, all.organization.deducted);
    }

    /** Amortization of the return without that of this year's start-up and organization costs. */
    Formula runningAmortization() {
        return all.form4562.amortization.minus(sum(all.startUp.amortized, all.organization.amortized));
    }

    private Formula taxDisposals() {
        return all.form4797.ordinaryGain.plus(all.scheduleD.fromForm4797);
    }

    /** Distributions of capital gain come from an account of their own, which is no gain per books. */
    private Formula taxCapital() {
        return all.scheduleD
                .netOfTheYear
                .minus(all.scheduleD.fromForm4797)
                .minus(all.scheduleD.distributions.fromAccounts());
    }

    private List<Line> income() {
        Page1 page = all.page1;
        return List.of(page.grossReceipts, page.interest, page.rents, page.royalties, page.otherIncome);
    }

    private List<Line> deductions() {
        Page1 page = all.page1;
        Form1125A cost = all.form1125A;
        return List.of(
                page.returnsAndAllowances,
                page.officers,
                page.salaries,
                page.repairs,
                page.badDebts,
                page.rentsPaid,
                page.taxes,
                page.interestPaid,
                page.depletion,
                page.advertising,
                page.pensions,
                page.benefits,
                page.efficientBuildings,
                page.otherDeductions,
                cost.purchases,
                cost.labor,
                cost.section263A,
                cost.otherCosts);
    }

    private static Formula above(List<Line> lines) {
        return sum(lines.stream()
                .map(line -> (Term) line.minus(line.unreplaced()).notBelowZero())
                .toList());
    }

    private static Formula below(List<Line> lines) {
        return sum(lines.stream()
                .map(line -> (Term) line.unreplaced().minus(line).notBelowZero())
                .toList());
    }
}
