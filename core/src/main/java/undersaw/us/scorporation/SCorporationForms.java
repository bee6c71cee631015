package undersaw.us.scorporation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.sum;

import java.util.ArrayList;
import java.util.List;
import undersaw.form.Form;
import undersaw.form.HelpTexts;
import undersaw.form.Line;
import undersaw.form.formula.Formula;
import undersaw.owners.OwnerRegister;
import undersaw.owners.OwnershipChanges;
import undersaw.study.EntityComparison;
import undersaw.us.depreciation.AssetForms;
import undersaw.us.depreciation.SaleLines;
import undersaw.us.forms.BankDetails;
import undersaw.us.forms.EarlierReceipts;
import undersaw.us.forms.Form1125A;
import undersaw.us.forms.Form1125E;
import undersaw.us.forms.Form4562;
import undersaw.us.forms.Form4797;
import undersaw.us.forms.Form7004;
import undersaw.us.forms.Form8825;
import undersaw.us.forms.Form8949;
import undersaw.us.forms.Form8990;
import undersaw.us.passthrough.BusinessInterest;
import undersaw.us.passthrough.ClosingOfBooks;
import undersaw.us.passthrough.ClosingOfBooks.Way;
import undersaw.us.passthrough.CostDepreciation;
import undersaw.us.passthrough.DifferencesWorksheet;
import undersaw.us.passthrough.QualifiedBusiness;
import undersaw.us.passthrough.QualifiedBusiness.Boxes;
import undersaw.us.passthrough.QualifiedBusiness.Sockets;
import undersaw.us.passthrough.ScheduleM1;
import undersaw.us.states.Apportionment;

/** The forms of an S corporation's return, which refer to one another. */
final class SCorporationForms {
    static final String CODE = "1120-S";

    final OwnerRegister owners = new OwnerRegister().heldInShares();
    final OwnershipChanges changes = new OwnershipChanges().heldInShares();
    final AssetForms assets = new AssetForms(() -> form4562().limit(), new SaleLines.Sockets(null, true, true));
    final Shares shares = new Shares();
    final Loans loans = new Loans();
    final Form8825 form8825 = new Form8825(assets.lines.rental.id(), assets.register);
    final Form8949 form8949 = new Form8949(CODE);
    final Form4797 form4797 = new Form4797(new Form4797.Sockets(null, true, () -> assets));
    final Page1 page1 = new Page1(this);
    final ScheduleB scheduleB = new ScheduleB(this);
    final ScheduleD scheduleD = new ScheduleD(this);
    final PassiveIncomeTax passiveIncomeTax = new PassiveIncomeTax(this);
    final ScheduleK scheduleK = new ScheduleK(this);
    final ClosingOfBooks closing = new ClosingOfBooks(CODE, Way.OF_SHAREHOLDERS, scheduleK);
    final Distributions distributions = new Distributions(this);
    final ScheduleM2 scheduleM2 = new ScheduleM2(this);
    final ScheduleK1 scheduleK1 = new ScheduleK1(this);
    final QualifiedBusiness qualified = new QualifiedBusiness(new Sockets(
            CODE,
            "17/V",
            () -> scheduleK.ordinary,
            () -> scheduleK.section179,
            () -> sum(page1.officers, page1.wages, costOfLabor()),
            new Boxes("1", "2", "9", "11", "12/A"),
            scheduleK1::weighed,
            shares.rounding.id()));
    final StockBasis basis = new StockBasis(this);
    final ScheduleL scheduleL = new ScheduleL(this);
    final Form1125A form1125A = new Form1125A(new Form1125A.Sockets(this::inCost, true));
    final CostDepreciation cost = new CostDepreciation();
    final Form1125E form1125E = new Form1125E();
    final Section179Income section179 = new Section179Income(this);
    final Form4562 form4562 =
            new Form4562(new Form4562.Sockets(() -> section179.income, () -> NOTHING, true, () -> assets));
    final EarlierReceipts receipts = new EarlierReceipts(() -> page1.netReceipts.asFormula());
    final Form8990 form8990 = new Form8990(new BusinessInterest(
                    page1.interestPaid,
                    page1.totalIncome,
                    page1.deductions,
                    page1.depreciation,
                    page1.depletion,
                    scheduleB.interestTest)
            .with(form4562, receipts));
    final BankDetails bank = new BankDetails();
    final Form7004 form7004 = new Form7004(new Form7004.Sockets(
            CODE, "25 for Form 1120-S", () -> page1.totalTax, () -> page1.payments, () -> page1.extension));
    final DifferencesWorksheet differences = Differences.of(this);
    final ScheduleM1 scheduleM1 = new ScheduleM1(
            ScheduleM1.Rows.OF_1120S, () -> NOTHING, () -> scheduleB.small.answered("yes"), () -> differences());
    final EntityComparison study = new EntityComparison(Comparison.of(this));
    final Apportionment apportionment = new Apportionment(
            new Apportionment.Sockets(() -> scheduleK.income, () -> scheduleK1.weighed("1"), shares.rounding.id()));

    private DifferencesWorksheet differences() {
        return differences;
    }

    private Line costOfLabor() {
        return form1125A.labor;
    }

    private Formula inCost() {
        return sum(cost.depreciation, form4562.amortizationInCost);
    }

    private Form4562 form4562() {
        return form4562;
    }

    SCorporationForms() {
        form4562.depreciationInCost.is(cost.depreciation);
        HelpTexts.describe("undersaw/us/scorporation/help.csv", all());
    }

    /** All forms, in the order in which a reader meets them. */
    List<Form> all() {
        List<Form> forms = new ArrayList<>(List.of(
                page1,
                scheduleB,
                scheduleK,
                shares,
                closing,
                loans,
                scheduleK1,
                qualified,
                distributions,
                scheduleL,
                scheduleM1,
                scheduleM2,
                basis,
                form8825,
                form1125A,
                cost,
                form1125E,
                form8949,
                scheduleD,
                form4797,
                form4562,
                section179,
                receipts,
                form8990,
                passiveIncomeTax,
                bank,
                form7004,
                differences,
                owners,
                changes));
        forms.addAll(assets.forms());
        forms.addAll(study.forms());
        forms.addAll(apportionment.forms());
        return forms;
    }
}
