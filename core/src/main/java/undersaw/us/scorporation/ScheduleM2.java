package undersaw.us.scorporation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.ArrayList;
import java.util.List;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Term;

/**
 * Form 1120-S, Schedule M-2, and the order in which distributions use up its columns (2024 form; IRC 1368; Reg.
 * 1.1368-2; from memory).
 *
 * <p>A year's loss does not cut what distributions may draw on (IRC 1368(e)(1)(C)): they are held against the
 * adjustments account before a net negative adjustment.
 */
final class ScheduleM2 extends Form {
    final Line dividends;
    final Line openingAdjustments;
    final Line earnings;
    final Line ofExempt;
    final List<Line> closings = new ArrayList<>();

    ScheduleM2(SCorporationForms all) {
        super("1120-S", "Schedule M-2");
        part("M-2", "Schedule M-2: the accounts that distributions draw on", "IRC 1368; Instructions, Schedule M-2");
        openingAdjustments = opening("a");
        Line openingTaxed = opening("b");
        Line openingEarnings = opening("c");
        Line openingOther = opening("d");
        Line profit = line("M-2/2/a", "Ordinary income").is(() -> all.page1.ordinaryIncome.notBelowZero());
        Line additions =
                line("M-2/3/a", "Other additions").is(() -> additions(all)).withStatement();
        Line earningsAdded = line("M-2/3/c", "Other additions");
        Line otherTyped = line("M-2/3/d/other", "Other adjustments: further additions");
        Line exempt = line("M-2/3/d", "Other additions")
                .is(() -> sum(all.scheduleK.exemptInterest, all.scheduleK.exemptOther, otherTyped));
        Line loss = line("M-2/4/a", "Ordinary loss")
                .is(() -> NOTHING.minus(all.page1.ordinaryIncome).notBelowZero());
        Line redemption = line("M-2/5/a/redemption", "Adjustments account: part of shares redeemed")
                .cites("IRC 1368(e)(1)(B)");
        Line exemptCosts = line("M-2/5/d/books", "Costs of exempt income, and premiums on policies for the corporation")
                .fromBooks()
                .cites("IRC 1368(e)(1)(A); Rev. Rul. 2008-42");
        ofExempt = exemptCosts;
        Line reductions = line("M-2/5/a", "Other reductions")
                .is(() -> sum(reductions(all), redemption))
                .withStatement();
        Line earningsTaken = line("M-2/5/c", "Other reductions");
        Line takenTyped = line("M-2/5/d/other", "Other adjustments: further reductions, such as tax of C years");
        Line otherTaken = line("M-2/5/d", "Other reductions").is(sum(exemptCosts, takenTyped));
        Line before = line("M-2/6/a", "Before distributions")
                .is(sum(openingAdjustments, profit, additions).minus(sum(loss, reductions)))
                .always();
        Line taxed = line("M-2/6/b", "Before distributions").is(openingTaxed);
        earnings = line("M-2/6/c", "Before distributions")
                .is(sum(openingEarnings, earningsAdded).minus(earningsTaken));
        Line other = line("M-2/6/d", "Before distributions")
                .is(sum(openingOther, exempt).minus(otherTaken));

        Line fromAdjustments = line("M-2/7/a", "Distributions");
        Line fromTaxed = line("M-2/7/b", "Distributions");
        dividends = line("M-2/7/c", "Distributions").cites("IRC 1368(c)(2)");
        Line fromOther = line("M-2/7/d", "Distributions");
        closings.add(closing("a", before, fromAdjustments));
        closings.add(closing("b", taxed, fromTaxed));
        closings.add(closing("c", earnings, dividends));
        closings.add(closing("d", other, fromOther));
        openingAdjustments.beginsWith(closings.get(0));
        openingTaxed.beginsWith(closings.get(1));
        openingEarnings.beginsWith(closings.get(2));
        openingOther.beginsWith(closings.get(3));

        part("AAA", "Order of distributions", "IRC 1368(b), (c), (e)").worksheet();
        Line first = line("AAA/1", "Adjustments account at the beginning").is(openingAdjustments);
        Line raised = line("AAA/2", "Increases").is(sum(profit, additions));
        Line lowered = line("AAA/3", "Decreases").is(sum(loss, reductions));
        Line negative = line("AAA/4", "Net negative adjustment")
                .is(lowered.minus(raised).notBelowZero())
                .cites("IRC 1368(e)(1)(C)");
        Line available = line("AAA/5", "Adjustments account that distributions may draw on")
                .is(sum(first, raised, negative).minus(lowered).notBelowZero());
        Line earningsFirst = line("AAA/elect-ep-first", "All shareholders elect to draw on earnings and profits first")
                .as(LineKind.YES_NO)
                .ofTheYear()
                .cites("IRC 1368(e)(3)");
        Condition elected = earningsFirst.answered("yes");
        Line paid = line("AAA/paid", "Distributions of the year").is(() -> all.distributions.all);
        Line drawn = line("AAA/c-first", "Of these, out of earnings and profits by election")
                .is(when(elected, least(paid, earnings.notBelowZero()), NOTHING));
        fromAdjustments.is(least(paid.minus(drawn), available));
        Line left =
                line("AAA/rest-a", "Left after the adjustments account").is(paid.minus(sum(drawn, fromAdjustments)));
        fromTaxed.is(least(left, taxed.notBelowZero()));
        Line afterTaxed = line("AAA/rest-b", "Left after income taxed before").is(left.minus(fromTaxed));
        dividends.is(when(elected, drawn, least(afterTaxed, earnings.notBelowZero())));
        Line last = line("AAA/rest-c", "Left after earnings and profits").is(afterTaxed.minus(dividends.minus(drawn)));
        fromOther.is(least(last, other.notBelowZero()));
        line("AAA/11", "Distributed beyond all accounts").is(last.minus(fromOther));
    }

    private Line opening(String column) {
        return line("M-2/1/" + column, "Balance at the beginning of the year");
    }

    private Line closing(String column, Line before, Line distributed) {
        return line("M-2/8/" + column, "Balance at the end of the year")
                .is(before.minus(distributed))
                .always();
    }

    /** Items of Schedule K that add, each by its own sign (Instructions for Form 1120-S, Schedule M-2, line 3). */
    private static Formula additions(SCorporationForms all) {
        return sum(items(all).stream().map(line -> (Term) line.notBelowZero()).toList());
    }

    private static Formula reductions(SCorporationForms all) {
        ScheduleK k = all.scheduleK;
        List<Term> taken = new ArrayList<>();
        items(all).forEach(line -> taken.add(NOTHING.minus(line).notBelowZero()));
        taken.add(k.section179);
        taken.addAll(k.deductionsBeforeOthers());
        taken.add(k.otherDeductions);
        taken.add(k.foreignTax);
        taken.add(k.nondeductible.minus(all.scheduleM2.ofExempt));
        return sum(taken);
    }

    private static List<Line> items(SCorporationForms all) {
        ScheduleK k = all.scheduleK;
        return List.of(
                k.rental,
                k.otherRental.net(),
                k.interest,
                k.dividends,
                k.royalties,
                k.shortTerm,
                k.longTerm,
                k.business1231,
                k.otherIncome);
    }
}
