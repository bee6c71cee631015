package undersaw.us.corporation;

import java.util.List;
import undersaw.assets.AssetRegister;
import undersaw.form.Form;
import undersaw.owners.OwnerRegister;

/** The forms of a corporation's return, which refer to one another. */
final class CorporationForms {
    final Page1 page1 = new Page1(this);
    final ScheduleC scheduleC = new ScheduleC(this);
    final ScheduleJ scheduleJ = new ScheduleJ(this);
    final ScheduleK scheduleK = new ScheduleK(this);
    final ScheduleL scheduleL = new ScheduleL(this);
    final ScheduleM1 scheduleM1 = new ScheduleM1(this);
    final ScheduleM2 scheduleM2 = new ScheduleM2(this);
    final Form1125A form1125A = new Form1125A(this);
    final Form1125E form1125E = new Form1125E();
    final ScheduleD scheduleD = new ScheduleD();
    final AttachedTotals attached = new AttachedTotals();
    final Form2220 form2220 = new Form2220(this);
    final NextYear nextYear = new NextYear(this);
    final CharityWorksheet charity = new CharityWorksheet(this);
    final DifferencesWorksheet differences = new DifferencesWorksheet(this);
    final DividendLimit dividendLimit =
            new DividendLimit("W-DRD", "Limit on dividends received", this, () -> page1.incomeBeforeLosses);
    final AssetRegister assets = new AssetRegister();
    final OwnerRegister owners = new OwnerRegister();
    final ScheduleM3 scheduleM3 = new ScheduleM3(this);
    final LossDeduction lossDeduction = new LossDeduction(
            "W-NOL", "Net operating loss deduction", this, () -> page1.incomeBeforeLosses, dividendLimit);

    /** All forms, in the order in which a reader meets them. */
    List<Form> all() {
        return List.of(
                page1,
                scheduleC,
                scheduleJ,
                scheduleK,
                scheduleL,
                scheduleM1,
                scheduleM2,
                scheduleM3,
                form1125A,
                form1125E,
                scheduleD,
                attached,
                form2220,
                nextYear,
                dividendLimit,
                lossDeduction,
                charity.dividendsAtFullGifts,
                charity.lossesAtFullGifts,
                charity.dividendsAtLimit,
                charity.lossesAtLimit,
                charity.together,
                charity,
                differences,
                assets,
                owners);
    }
}
