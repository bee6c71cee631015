package undersaw.invented;

import static undersaw.form.formula.Formulas.dollars;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import undersaw.form.Across;
import undersaw.form.Columns;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Divided;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Gathered;
import undersaw.form.formula.Remainder;
import undersaw.ledger.Side;
import undersaw.line.Dimension;
import undersaw.money.Unit;
import undersaw.owners.ByHoldings;
import undersaw.owners.ByItem;
import undersaw.owners.Measure;

/**
 * A levy of a country that there is not: harbours pay by their take of each month, and the members of the harbour bear
 * the levy by what they hold. Accounts bring wages to single harbours. It names no line of any other return.
 */
final class HearthLevy extends Form {
    static final Columns MONTHS = Columns.numbered(3);
    static final Dimension HARBOURS = Dimension.rows("harbours");
    static final Dimension MEMBERS = Dimension.rows("owners");
    static final Dimension SEASONS = Dimension.rows("seasons", "summer");
    static final Dimension BERTHS = Dimension.path(HARBOURS, SEASONS);
    static final Dimension EACH = Dimension.pairs(MEMBERS, HARBOURS);

    final Across takes;
    final Across months;
    final Across large;
    final Line wages;
    final Line levy;
    final Line share;
    final Line owed;
    final Line borne;

    /** Berths of the seasons of each harbour, with the season itself for what all its harbours share. */
    private void berths(Line open) {
        part("B", "Berths by season", "invented").per(BERTHS);
        Line berths = line("B/berths", "Berths let");
        Line fee = line("B/fee", "Fee").is(when(open.answered("yes"), berths, berths.minus(dollars(1))));
        part("B1", "Berths of the harbour", "invented").per(HARBOURS);
        line("B/harbour", "Fees of its seasons").is(new Divided(Gathered.ofPairs(BERTHS, HARBOURS, fee.id())));
        part("B2", "Seasons", "invented").per(SEASONS);
        Line extra = line("B/extra", "Berths let by the country");
        line("B/season", "Fees of its harbours").is(new Divided(Gathered.ofPairs(BERTHS, SEASONS, fee.id())));
        part("B3", "All berths", "invented");
        Line bought = line("B/bought", "Berths of the country, all seasons");
        part("B4", "Berths of the country by season", "invented").per(SEASONS);
        line("B/country", "Of the country, in the season")
                .is(new Divided(new Remainder(SEASONS, bought.id(), extra.id())));
    }

    /** The levy in a unit of its country's money. */
    HearthLevy(Unit unit) {
        super("H", "Hearth levy");
        in(unit);
        part("T", "Takes of the harbours", "invented").list(HARBOURS.name(), "harbour");
        Line open = line("T/open", "Open in winter").as(LineKind.YES_NO);
        takes = across(MONTHS, "T/take/*", at -> "Take of month " + at.number());
        Across due = across(MONTHS, "T/due/*", at -> "Levy on the take of month " + at.number())
                .is(at -> takes.at(at).minus(dollars(10)).notBelowZero());
        wages = booksLine("T/wages", "Wages paid there", Side.DEBIT);
        Line left = line("T/left", "Take of the last month less wages")
                .is(() -> takes.last().minus(wages));
        berths(open);
        part("M", "Months", "invented");
        months = across(MONTHS, "M/levy/*", "Levy of the month")
                .is(at -> due.at(at).total());
        large = across(MONTHS, "M/winter/*", "Of this, from harbours open in winter that took more than 1,000")
                .is(at -> due.at(at)
                        .total()
                        .where(open.answered("yes").and(takes.at(at).isAbove(dollars(1_000)))));
        line("M/highest", "Levy of the last month above the first")
                .is(months.last().minus(months.all().get(0)).notBelowZero());
        levy = line("M/all", "Levy of the year").is(sum(months.all()));
        Line rounding = line("M/rounding", "Who takes odd ones").as(LineKind.TEXT);
        line("M/left", "Take of the last month less wages, all harbours").is(left.total());
        part("S", "What each member bears", "invented").per(MEMBERS);
        Formula divided = new Divided(new ByHoldings(levy.id(), Measure.PROFIT, rounding.id()));
        share = line("S/share", "Part of the levy").is(divided);
        Line paid = line("S/paid", "Paid ahead");
        owed = line("S/owed", "Still owed").is(share.minus(paid));
        part("E", "What each member bears of each harbour's rest", "invented").per(EACH);
        Line rest = line("E/rest", "Part of the rest")
                .is(new Divided(new ByItem(
                        EACH, left.id(), new ByHoldings(levy.id(), Measure.PROFIT, rounding.id()), rounding.id())));
        Line more = line("E/more", "The same more than what was paid ahead").is(rest.minus(paid));
        part("E1", "The same for all harbours", "invented").per(MEMBERS);
        line("E/all", "Part of all rests").is(new Divided(Gathered.ofPairs(EACH, MEMBERS, rest.id())));
        part("C", "Control", "invented");
        line("C/rest", "Borne of the rests").is(rest.total());
        line("C/more", "More than paid ahead, of those who paid")
                .is(more.total().where(paid.isNotZero()));
        borne = line("C/borne", "Borne by all members").is(share.total());
        line("C/owed", "Owed by those who hold anything at the end")
                .is(owed.total().where(share.isNotZero()));
    }
}
