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
        line("event", "Event").column("event").as(LineKind.TEXT).repeating();
        Line receipts = line("1", "Gross receipts").column("receipts").repeating();
        Line given = line("2", "Of this, contributions").column("contributions").repeating();
        Line income = line("3", "Gross income").column("income").repeating().is(receipts.minus(given));
        Line prizes = line("4", "Cash prizes").column("cash-prizes").repeating();
        Line noncash = line("5", "Noncash prizes").column("noncash-prizes").repeating();
        Line rent = line("6", "Rent and facility").column("rent").repeating();
        Line food = line("7", "Food and beverages").column("food").repeating();
        Line shows = line("8", "Entertainment").column("entertainment").repeating();
        Line other = line("9", "Other direct expenses").column("other").repeating();
        Line direct = line("10", "Direct expenses")
                .column("direct")
                .repeating()
                .is(sum(prizes, noncash, rent, food, shows, other));
        contributions = line("2/d", "Contributions of all events").is(given.rowTotal());
        grossIncome = line("3/d", "Gross income of all events").is(income.rowTotal());
        directExpenses = line("10/d", "Direct expenses of all events").is(direct.rowTotal());
        line("11/d", "Net income of all events").is(grossIncome.minus(directExpenses));
    }
}
