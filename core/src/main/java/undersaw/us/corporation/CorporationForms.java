package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.sum;

import java.util.ArrayList;
import java.util.List;
import undersaw.form.Form;
import undersaw.form.HelpTexts;
import undersaw.owners.OwnerRegister;
import undersaw.study.EntityComparison;
import undersaw.us.depreciation.AssetForms;
import undersaw.us.depreciation.SaleLines;
import undersaw.us.forms.BankDetails;
import undersaw.us.forms.EarlierReceipts;
import undersaw.us.forms.FirstYearCosts;
import undersaw.us.forms.Form1125A;
import undersaw.us.forms.Form1125E;
import undersaw.us.forms.Form4562;
import undersaw.us.forms.Form4797;
import undersaw.us.forms.Form7004;
import undersaw.us.forms.Form8949;
import undersaw.us.forms.Form8990;
import undersaw.us.states.Apportionment;

/** The forms of a corporation's return, which refer to one another. */
final class CorporationForms {
    final Page1 page1 = new Page1(this);
    final DividendPayers payers = new DividendPayers();
    final ScheduleC scheduleC = new ScheduleC(this);
    final ScheduleJ scheduleJ = new ScheduleJ(this);
    final ScheduleK scheduleK = new ScheduleK(this);
    final FormsElsewhere elsewhere = new FormsElsewhere();
    final ScheduleL scheduleL = new ScheduleL(this);
    final ScheduleM1 scheduleM1 = new ScheduleM1(this);
    final ScheduleM2 scheduleM2 = new ScheduleM2(this);
    final Form1125A form1125A = new Form1125A(
            new Form1125A.Sockets(() -> sum(form4562().depreciationInCost, form4562().amortizationInCost), false));
    final Form1125E form1125E = new Form1125E();
    final Form8949 form8949 = new Form8949("1120");
    final ScheduleD scheduleD = new ScheduleD(this);
    final Form4562 form4562 = new Form4562(new Form4562.Sockets(
            () -> section179().income,
            () -> sum(startUp().amortized, organization().amortized),
            false,
            () -> assets()));
    final Section179Worksheet section179 = new Section179Worksheet(this);
    final FirstYearCosts startUp = new FirstYearCosts(
            new FirstYearCosts.Costs("1120", "W-195", "Start-up costs", "start-up-195", "IRC 195(b)"));
    final FirstYearCosts organization = new FirstYearCosts(
            new FirstYearCosts.Costs("1120", "W-248", "Organization costs", "organizational", "IRC 248(a)"));
    final Form4797 form4797 =
            new Form4797(new Form4797.Sockets(CorporationLaw.BUILDING_RECAPTURE, false, () -> assets()));
    final EarlierReceipts receipts =
            new EarlierReceipts(() -> page1.totalReceipts().minus(page1.returnsAndAllowances));
    final Form8990 form8990 = new Form8990(BusinessInterest.of(this));
    final ControlledGroup group = new ControlledGroup(this);
    final BankDetails bank = new BankDetails();
    final Form2220 form2220 = new Form2220(this);
    final Form7004 form7004 = new Form7004(new Form7004.Sockets(
            "est",
            "12 for Form 1120",
            () -> scheduleJ.totalTax,
            () -> scheduleJ.paymentsAndCredits,
            () -> scheduleJ.extension));
    final NextYear nextYear = new NextYear(this);
    final CharityWorksheet charity = new CharityWorksheet(this);
    final DifferencesWorksheet differences = new DifferencesWorksheet(this);
    final DividendLimit dividendLimit =
            new DividendLimit("W-DRD", "Limit on dividends received", this, () -> page1.incomeBeforeLosses);
    final AssetForms assets = new AssetForms(
            () -> form4562().limit(), new SaleLines.Sockets(CorporationLaw.BUILDING_RECAPTURE, true, false));
    final OwnerRegister owners = new OwnerRegister();
    final ScheduleM3 scheduleM3 = new ScheduleM3(this);
    final LossDeduction lossDeduction = new LossDeduction(
            "W-NOL", "Net operating loss deduction", this, () -> page1.incomeBeforeLosses, dividendLimit);
    final EntityComparison study = new EntityComparison(Comparison.of(this));
    final Apportionment apportionment =
            new Apportionment(new Apportionment.Sockets(() -> page1.incomeBeforeLosses, null, null));

    private AssetForms assets() {
        return assets;
    }

    private Form4562 form4562() {
        return form4562;
    }

    private Section179Worksheet section179() {
        return section179;
    }

    private FirstYearCosts startUp() {
        return startUp;
    }

    private FirstYearCosts organization() {
        return organization;
    }

    CorporationForms() {
        HelpTexts.describe("undersaw/us/corporation/help.csv", all());
    }

    /** All forms, in the order in which a reader meets them. */
    List<Form> all() {
        List<Form> forms = new ArrayList<>(List.of(
                page1,
                scheduleC,
                payers,
                scheduleJ,
                scheduleK,
                elsewhere,
                scheduleL,
                scheduleM1,
                scheduleM2,
                scheduleM3,
                form1125A,
                form1125E,
                form8949,
                scheduleD,
                form4797,
                form4562,
                section179,
                startUp,
                organization,
                receipts,
                form8990,
                group,
                bank,
                form2220,
                form7004,
                nextYear,
                dividendLimit,
                lossDeduction,
                differences,
                owners));
        forms.addAll(gifts());
        forms.addAll(assets.forms());
        forms.addAll(study.forms());
        forms.addAll(apportionment.forms());
        return forms;
    }

    /** The worksheets of gifts, which try the limits in turn. */
    private List<Form> gifts() {
        return List.of(
                charity.dividendsAtFullGifts,
                charity.lossesAtFullGifts,
                charity.dividendsAtLimit,
                charity.lossesAtLimit,
                charity.together,
                charity);
    }
}
