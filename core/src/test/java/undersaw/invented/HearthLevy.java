package undersaw.invented;

import static undersaw.form.formula.Formulas.dollars;
import static undersaw.form.formula.Formulas.sum;

import undersaw.form.Across;
import undersaw.form.Columns;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Divided;
import undersaw.form.formula.Formula;
import undersaw.ledger.Side;
import undersaw.line.Dimension;
import undersaw.money.Unit;
import undersaw.owners.ByHoldings;
import undersaw.owners.Measure;

/**
 * A levy of a country that there is not: harbours pay by their take of each month, and the members of the harbour bear
 * the levy by what they hold. Accounts bring wages to single harbours. It names no line of any other return.
 */
final class HearthLevy extends Form {
    static final Columns MONTHS = Columns.numbered(3);
    static final Dimension HARBOURS = Dimension.rows("harbours");
    static final Dimension MEMBERS = Dimension.rows("owners");

    final Across takes;
    final Across months;
    final Across large;
    final Line wages;
    final Line levy;
    final Line share;
    final Line owed;
    final Line borne;

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
        part("C", "Control", "invented");
        borne = line("C/borne", "Borne by all members").is(share.total());
        line("C/owed", "Owed by those who hold anything at the end")
                .is(owed.total().where(share.isNotZero()));
    }
}
