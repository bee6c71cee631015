package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Carried;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Formula;
import undersaw.form.formula.YearSpan;
import undersaw.ledger.CarryoverKind;

/**
 * The limit on charitable contributions (IRC 170(b)(2), 170(d)(2); Instructions for Form 1120 line 19; from memory).
 *
 * <p>The limit is a share of income after the loss deduction, and the loss deduction depends on the gifts. The circle
 * is cut by trying: first all gifts are taken as deductible; where they then pass the limit, the limit without a loss
 * deduction is tried. Where a loss deduction remains in that second trial both bind, and {@link JointLimit} solves it.
 */
final class CharityWorksheet extends Form {
    private static final int CARRIED_YEARS = 5;

    final Line gifts;
    final Line giftsAndCarried;
    final Line allowed;
    final Line carriedOn;
    final Line raisingLosses;
    final Line fitsInFull;
    final DividendLimit dividendsAtFullGifts;
    final LossDeduction lossesAtFullGifts;
    final DividendLimit dividendsAtLimit;
    final LossDeduction lossesAtLimit;
    final JointLimit together;
    final Line income;
    final Line limitWithoutLosses;

    CharityWorksheet(CorporationForms all) {
        super("1120", "Charitable contributions");
        Formula carriedIn = new Carried(CarryoverKind.CHARITABLE, YearSpan.last(CARRIED_YEARS));
        part("W-CHAR", "Charitable contributions", "IRC 170(b)(2), 170(d)(2)")
                .worksheet()
                .neededWhen(() -> sum(gifts(), carriedIn).isNotZero())
                .foundOnlyThen();
        gifts = line("W-CHAR/1", "Contributions of this year").fromBooks();
        line("W-CHAR/1/accrued", "Of line 1, not yet paid at the end of the year");
        line("W-CHAR/1/board", "The board authorized them in the year; they are paid by the due date")
                .as(LineKind.YES_NO)
                .ofTheYear()
                .cites("IRC 170(a)(2)");
        line("W-CHAR/1/property", "Of line 1, property other than money").cites("IRC 170(f)(11)");
        line("W-CHAR/1/8283", "Form 8283 is attached")
                .as(LineKind.YES_NO)
                .ofTheYear()
                .cites("IRC 170(f)(11)");
        Line carried = line("W-CHAR/2", "Contributions carried from the last five years")
                .is(carriedIn);
        giftsAndCarried = line("W-CHAR/A", "Contributions in all").is(sum(gifts, carried));
        income = line("W-CHAR/T", "Income before contributions and losses").is(() -> all.page1.incomeBefore());
        limitWithoutLosses = line("W-CHAR/C2", "Contributions at the limit without losses")
                .is(least(giftsAndCarried, income.notBelowZero().times(CorporationLaw.CHARITABLE_SHARE)));
        Line base = line("W-CHAR/3", "Income for the limit, after the loss deduction")
                .is(() -> income.minus(all.page1.lossDeduction).notBelowZero());
        line("W-CHAR/4", "Limit on contributions").is(base.times(CorporationLaw.CHARITABLE_SHARE));
        Line floor = line("W-CHAR/5", "Floor under contributions")
                .is(income.notBelowZero().times(CorporationLaw.CHARITABLE_FLOOR));
        allowed = line("W-CHAR/9", "Contributions deducted")
                .is(() -> when(isTried(), besideLosses(), limitWithoutLosses)
                        .minus(floor)
                        .notBelowZero());
        Line ofTheYear = line("W-CHAR/6", "Of these, gifts of this year")
                .is(least(allowed, gifts.minus(floor).notBelowZero()));
        line("W-CHAR/7", "Of these, gifts of earlier years, the oldest first").is(allowed.minus(ofTheYear));
        Line limit = line("W-CHAR/limit", "Gifts that the limit lets through before the floor")
                .is(least(giftsAndCarried, sum(allowed, floor)));
        line("W-CHAR/8", "Gifts lost to the floor")
                .is(when(limit.isAtLeast(giftsAndCarried), least(floor, giftsAndCarried), NOTHING));
        raisingLosses = line("W-CHAR/11", "Gifts of this year that raise the loss carryover instead")
                .cites("IRC 170(d)(2)(B)");
        carriedOn = line("W-CHAR/10", "Contributions carried to the next five years")
                .is(giftsAndCarried.minus(sum(allowed, raisingLosses)).notBelowZero());

        part("W-CHAR-T", "Gifts beside losses: two trials", "IRC 170(b)(2), 172(a)(2)")
                .worksheet()
                .neededWhen(this::isTried)
                .foundOnlyThen();
        Line fullIncome =
                line("W-CHAR/T1", "Trial 1: income less all contributions").is(income.minus(giftsAndCarried));
        dividendsAtFullGifts = new DividendLimit("W-DRD-T1", "Trial 1: dividends received", all, () -> fullIncome);
        lossesAtFullGifts = new LossDeduction(
                "W-NOL-T1", "Trial 1: net operating loss", all, () -> fullIncome, dividendsAtFullGifts);
        fitsInFull = line("W-CHAR/L1", "Trial 1: limit")
                .is(() -> income.minus(lossesAtFullGifts.deduction)
                        .notBelowZero()
                        .times(CorporationLaw.CHARITABLE_SHARE));
        Line secondIncome = line("W-CHAR/T2", "Trial 2: income less the contributions at the limit without losses")
                .is(income.minus(limitWithoutLosses));
        dividendsAtLimit = new DividendLimit("W-DRD-T2", "Trial 2: dividends received", all, () -> secondIncome);
        lossesAtLimit =
                new LossDeduction("W-NOL-T2", "Trial 2: net operating loss", all, () -> secondIncome, dividendsAtLimit);
        together = new JointLimit(all, this, () -> bindTogether());
        line("W-CHAR/11/offered", "Line 11 as the law measures it: losses deducted beyond those used up at the limit")
                .is(() -> least(
                        all.page1.lossDeduction.minus(lossesAtLimit.deduction).notBelowZero(),
                        gifts.minus(allowed).notBelowZero()))
                .cites("IRC 170(d)(2)(B), 172(b)(2)");
    }

    /** In full where they fit beside the losses; at the limit where no loss is left to use; else solved together. */
    private Formula besideLosses() {
        return when(
                fitsInFull.isAtLeast(giftsAndCarried),
                giftsAndCarried,
                when(lossesAtLimit.deduction.isZero(), limitWithoutLosses, together.gifts));
    }

    private Line gifts() {
        return gifts;
    }

    /** Trials of gifts and losses are worth making where there are both. */
    Condition isTried() {
        Formula losses = new Carried(CarryoverKind.NOL, YearSpan.allBefore());
        return giftsAndCarried.isNotZero().and(losses.isNotZero());
    }

    private Condition bindTogether() {
        return fitsInFull.isBelow(giftsAndCarried).and(lossesAtLimit.deduction.isNotZero());
    }
}
