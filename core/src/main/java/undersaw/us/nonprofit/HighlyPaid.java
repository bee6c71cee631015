package undersaw.us.nonprofit;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;

/**
 * Form 990-EZ, Part VI, the tables of lines 50 and 51: a charity's five highest paid employees and contractors, each
 * paid more than 100,000 (2024 form, from memory).
 */
final class HighlyPaid extends Form {
    /** As many as each table names; the others are counted. */
    static final int NAMED = 5;

    HighlyPaid(NonprofitForms all) {
        super(NonprofitReturn.CODE, "Highly paid");
        partByNeed(
                        "50",
                        "Line 50: employees paid more than 100,000",
                        "Instructions for Form 990-EZ, line 50",
                        "highest paid employees salaries")
                .neededWhen(() -> all.charities.highlyPaid.answered("yes"))
                .list("highly-paid");
        words("50/a/name", "Name").column("name");
        words("50/a/title", "Title").column("title");
        line("50/b", "Hours a week").column("hours").as(LineKind.NUMBER);
        Line pay = line("50/c", "Compensation").column("compensation");
        line("50/d", "Benefits and deferred pay").column("benefits");
        line("50/e", "Other compensation").column("other");
        line("50/total", "Compensation of those listed").once().is(pay.total());
        line("50f", "How many others were paid more than 100,000").once().as(LineKind.COUNT);

        partByNeed(
                        "51",
                        "Line 51: contractors paid more than 100,000",
                        "Instructions for Form 990-EZ, line 51",
                        "independent contractors professional fees")
                .neededWhen(() -> all.charities.contractors.answered("yes"))
                .list("contractors");
        words("51/a/name", "Name").column("name");
        words("51/a/address", "Business address").column("address");
        words("51/b", "Type of service").column("service");
        Line paid = line("51/c", "Compensation").column("compensation");
        line("51/total", "Compensation of those listed").once().is(paid.total());
        line("51d", "How many others were paid more than 100,000").once().as(LineKind.COUNT);
    }

    private Line words(String within, String caption) {
        return line(within, caption).as(LineKind.TEXT);
    }
}
