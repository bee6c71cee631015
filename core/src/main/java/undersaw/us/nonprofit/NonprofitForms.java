package undersaw.us.nonprofit;

import java.util.List;
import undersaw.form.Form;
import undersaw.form.HelpTexts;

/** The forms of a small nonprofit's return, which refer to one another. */
final class NonprofitForms {
    final NetAssetsWorksheet netAssets = new NetAssetsWorksheet();
    final Heading990EZ heading = new Heading990EZ(this);
    final RevenueAndExpenses revenue = new RevenueAndExpenses(this);
    final BalanceSheets balance = new BalanceSheets(this);
    final Accomplishments accomplishments = new Accomplishments(this);
    final PeopleListed people = new PeopleListed();
    final OtherInformation other = new OtherInformation(this);
    final CharitiesOnly charities = new CharitiesOnly(this);
    final HighlyPaid highlyPaid = new HighlyPaid(this);
    final SupportOfEarlierYears support = new SupportOfEarlierYears();
    final ScheduleA scheduleA = new ScheduleA(this);
    final ScheduleB scheduleB = new ScheduleB(this);
    final ScheduleG scheduleG = new ScheduleG(this);
    final Gaming gaming = new Gaming(this);
    final ScheduleO scheduleO = new ScheduleO();
    final BooksWorksheet books = new BooksWorksheet();
    final FunctionsWorksheet functions = new FunctionsWorksheet(this);
    final RoundingWorksheet rounding = new RoundingWorksheet(this);

    NonprofitForms() {
        HelpTexts.describe("undersaw/us/nonprofit/help.csv", all());
    }

    /** All forms, in the order in which a reader meets them. */
    List<Form> all() {
        return List.of(
                heading,
                revenue,
                balance,
                accomplishments,
                people,
                other,
                charities,
                highlyPaid,
                scheduleA,
                scheduleB,
                scheduleG,
                gaming,
                scheduleO,
                support,
                netAssets,
                books,
                functions,
                rounding);
    }
}
