package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.dollars;
import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.function.Supplier;
import undersaw.form.Across;
import undersaw.form.Columns;
import undersaw.form.Columns.Member;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Term;

/**
 * Gifts and losses that limit each other: the gifts are a share of income after the loss deduction, and the loss
 * deduction follows the gifts (IRC 170(b)(2), 172(a)(2), 246(b), read literally; no published worksheet is known).
 *
 * <p>The worksheet tries again and again, each time with the gifts that the loss deduction of the try before allows. A
 * dollar of gifts moves its own limit by at most ten cents, so each try is ten times nearer than the one before. The
 * straight-line equations of the regimes would find the same at once, but their coefficients hold the law's
 * percentages; they stand in the tests.
 */
final class JointLimit extends Form {
    private static final int TRIES = 8;

    final Line gifts;

    JointLimit(CorporationForms all, CharityWorksheet worksheet, Supplier<Condition> needed) {
        super("1120", "Gifts and losses together");
        part("W-CHAR-B", "Gifts and losses that limit each other", "IRC 170(b)(2), 172(a)(2), 246(b)")
                .worksheet()
                .neededWhen(needed)
                .foundOnlyThen();
        Columns tries = Columns.numbered(TRIES);
        Across contributions = across(tries, "W-CHAR-B/*/C", at -> named(at, "gifts within the limit"));
        Across income = across(tries, "W-CHAR-B/*/T", at -> named(at, "income less the gifts of the try before"))
                .is(at -> worksheet.income.minus(contributions.before(at, worksheet.limitWithoutLosses)));
        Across special = across(tries, "W-CHAR-B/*/S", at -> named(at, "special deductions"))
                .is(at -> dividends(all, worksheet.dividendsAtLimit, income.at(at))
                        .plus(all.scheduleC.unlimited()));
        Across losses = across(tries, "W-CHAR-B/*/N", at -> named(at, "net operating loss deduction"))
                .is(at -> losses(all, worksheet.lossesAtLimit, income.at(at), special.at(at)));
        contributions.is(at -> least(
                worksheet.giftsAndCarried,
                worksheet.income.minus(losses.at(at)).notBelowZero().times(CorporationLaw.CHARITABLE_SHARE)));
        gifts = contributions.last();
    }

    private static String named(Member at, String what) {
        return "Try " + at.number() + ": " + what;
    }

    /** The limit on dividends received at an income, as the worksheet W-DRD finds it line by line. */
    private static Formula dividends(CorporationForms all, DividendLimit lines, Term income) {
        Formula base = income.minus(lines.others);
        Formula largeLimit = base.notBelowZero().times(CorporationLaw.DIVIDENDS_LARGE_HOLDING);
        Formula largeAllowed = least(largeLimit, lines.large);
        Formula smallAllowed = least(
                base.minus(lines.largeDividends).notBelowZero().times(CorporationLaw.DIVIDENDS_SMALL_HOLDING),
                lines.small);
        Formula limited =
                when(lines.large.isAtLeast(largeLimit.plus(dollars(1))), largeAllowed, sum(largeAllowed, smallAllowed));
        Formula lossTest = income.minus(all.scheduleC.unlimited().minus(all.scheduleC.section250))
                .minus(lines.full);
        return when(lossTest.isBelow(NOTHING), lines.full, limited);
    }

    /** The loss deduction at an income, as the worksheet W-NOL finds it line by line. */
    private static Formula losses(CorporationForms all, LossDeduction lines, Term income, Term special) {
        Formula base = income.minus(special).plus(all.scheduleC.section250).notBelowZero();
        Formula oldUsed = least(base, lines.old);
        Formula laterUsed = least(base.minus(oldUsed).times(CorporationLaw.NOL_SHARE), lines.later);
        return LossDeduction.within382(
                all, least(sum(oldUsed, laterUsed), income.minus(special).notBelowZero()));
    }
}
