package undersaw.us.nonprofit;

import static undersaw.form.formula.Formulas.law;
import static undersaw.form.formula.Formulas.sum;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;

/** Schedule G (Form 990), Part II: fundraising events, one row an event (2024 form, from memory). */
final class ScheduleG extends Form {
    final Line contributions;
    final Line grossIncome;
    final Line directExpenses;

    ScheduleG(NonprofitForms all) {
        super("990-G", "Schedule G");
        partByNeed(
                        "G",
                        "Schedule G, Part II: fundraising events",
                        "Instructions for Schedule G (Form 990)",
                        "gala auction dinner benefit concert")
                .neededWhen(() ->
                        sum(all.revenue.events, all.scheduleG.contributions).isAbove(law(NonprofitLaw.EVENTS_SCHEDULE)))
                .list("events")
                .ofTheYear();
        line("event", "Event").column("event").as(LineKind.TEXT);
        Line receipts = line("1", "Gross receipts").column("receipts");
        Line given = line("2", "Of this, contributions").column("contributions");
        Line income = line("3", "Gross income").column("income").is(receipts.minus(given));
        Line prizes = line("4", "Cash prizes").column("cash-prizes");
        Line noncash = line("5", "Noncash prizes").column("noncash-prizes");
        Line rent = line("6", "Rent and facility").column("rent");
        Line food = line("7", "Food and beverages").column("food");
        Line shows = line("8", "Entertainment").column("entertainment");
        Line other = line("9", "Other direct expenses").column("other");
        Line direct = line("10", "Direct expenses").column("direct").is(sum(prizes, noncash, rent, food, shows, other));
        contributions = line("2/d", "Contributions of all events").once().is(given.total());
        grossIncome = line("3/d", "Gross income of all events").once().is(income.total());
        directExpenses = line("10/d", "Direct expenses of all events").once().is(direct.total());
        line("11/d", "Net income of all events").once().is(grossIncome.minus(directExpenses));
    }
}
