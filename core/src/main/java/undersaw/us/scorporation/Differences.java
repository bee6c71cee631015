package undersaw.us.scorporation;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import undersaw.form.Line;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Formulas;
import undersaw.us.passthrough.DifferencesWorksheet;
import undersaw.us.passthrough.Held;
import undersaw.us.passthrough.HeldDeductions;

/** The lines of an S corporation's return that are held against its books for Schedule M-1. */
final class Differences {
    private Differences() {}

    static DifferencesWorksheet of(SCorporationForms all) {
        return new DifferencesWorksheet(
                SCorporationForms.CODE,
                new DifferencesWorksheet.Sockets(
                        () -> income(all),
                        () -> gains(all),
                        () -> deductions(all),
                        () -> all.form8825,
                        () -> depreciation(all),
                        () -> all.form4562.amortization.asFormula(),
                        () -> Formulas.sum(all.scheduleD.tax, all.passiveIncomeTax.taxOnItems()),
                        () -> all.form8990.change.asFormula(),
                        () -> all.scheduleK.income.asFormula()),
                () -> all.scheduleM1);
    }

    private static List<Held> income(SCorporationForms all) {
        List<Held> held = new ArrayList<>(Stream.of(all.page1.grossReceipts, all.page1.otherIncome)
                .map(Held::byBooks)
                .toList());
        all.scheduleK.incomeOfBooks().forEach(line -> held.add(Held.byBooks(line)));
        // portfolio items stand after the tax that lowers them, which is a difference of its own
        portfolio(all, held, all.scheduleK.interest, "4");
        portfolio(all, held, all.scheduleK.dividends, "5a");
        portfolio(all, held, all.scheduleK.royalties, "6");
        return held;
    }

    private static void portfolio(SCorporationForms all, List<Held> held, Line line, String item) {
        held.add(new Held(line, line.fromAccounts().minus(all.passiveIncomeTax.taxOn(item))));
    }

    private static List<Held> gains(SCorporationForms all) {
        return List.of(
                Held.byBooks(all.page1.businessPropertyGain),
                new Held(
                        all.scheduleK.shortTerm,
                        all.scheduleK.shortTerm.fromAccounts().minus(all.scheduleD.taxOnShort)),
                new Held(
                        all.scheduleK.longTerm,
                        all.scheduleK.longTerm.fromAccounts().minus(all.scheduleD.taxOnLong)),
                new Held(
                        all.scheduleK.business1231,
                        all.scheduleK.business1231.fromAccounts().minus(all.scheduleD.taxOnBusiness)),
                Held.byBooks(all.form8825.businessGain),
                Held.byBooks(all.form8825.fromOthers));
    }

    private static List<Held> deductions(SCorporationForms all) {
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
    private static Formula depreciation(SCorporationForms all) {
        return Formulas.sum(
                all.page1.depreciation,
                all.form4562.depreciationInCost,
                all.form8825.depreciationInAll(),
                all.scheduleK.otherRental.depreciation(),
                all.scheduleK.section179);
    }
}
