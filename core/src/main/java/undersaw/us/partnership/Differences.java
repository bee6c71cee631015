package undersaw.us.partnership;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Formulas;
import undersaw.us.passthrough.DifferencesWorksheet;
import undersaw.us.passthrough.Held;
import undersaw.us.passthrough.HeldDeductions;

/** The lines of a partnership's return that are held against its books for Schedule M-1. */
final class Differences {
    private Differences() {}

    static DifferencesWorksheet of(PartnershipForms all) {
        return new DifferencesWorksheet(
                PartnershipForms.CODE,
                new DifferencesWorksheet.Sockets(
                        () -> income(all),
                        () -> gains(all),
                        () -> deductions(all),
                        () -> all.form8825,
                        () -> depreciation(all),
                        () -> all.form4562.amortization.asFormula(),
                        () -> Formulas.NOTHING,
                        () -> all.form8990.change.asFormula(),
                        () -> all.analysis.income.asFormula()),
                () -> all.scheduleM1);
    }

    private static List<Held> income(PartnershipForms all) {
        List<Held> held = new ArrayList<>(
                Stream.of(all.page1.grossReceipts, all.page1.fromOthers, all.page1.farmProfit, all.page1.otherIncome)
                        .map(Held::byBooks)
                        .toList());
        all.scheduleK.incomeOfBooks().forEach(line -> held.add(Held.byBooks(line)));
        Stream.of(all.scheduleK.interest, all.scheduleK.dividends, all.scheduleK.royalties)
                .forEach(line -> held.add(Held.byBooks(line)));
        return held;
    }

    private static List<Held> gains(PartnershipForms all) {
        return Stream.of(
                        all.page1.businessPropertyGain,
                        all.scheduleK.shortTerm,
                        all.scheduleK.longTerm,
                        all.scheduleK.business1231,
                        all.form8825.businessGain,
                        all.form8825.fromOthers)
                .map(Held::byBooks)
                .toList();
    }

    private static List<Held> deductions(PartnershipForms all) {
        return new HeldDeductions(
                        all.page1.returnsAndAllowances,
                        all.page1.deductions,
                        all.page1.interestPaid,
                        all.page1.otherDeductions,
                        all.form8990,
                        all.form4562,
                        all.form1125A)
                .with(all.scheduleK, all.scheduleK.otherRental);
    }

    /** All depreciation of the return, section 179 with it. */
    private static Formula depreciation(PartnershipForms all) {
        return Formulas.sum(
                all.page1.depreciation,
                all.form4562.depreciationInCost,
                all.form8825.depreciationInAll(),
                all.scheduleK.otherRental.depreciation(),
                all.scheduleK.section179);
    }
}
