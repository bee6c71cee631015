package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.dollars;
import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.function.Supplier;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Term;

/**
 * The income limit on dividends received (IRC 246(b); Instructions for Form 1120, Schedule C line 9; from memory).
 *
 * <p>A loss lifts the limit: it does not apply where income less the full deduction is below zero. The worksheet
 * stands once for the return, and once for each trial of the limit on gifts.
 */
final class DividendLimit extends Form {
    final Line allowed;
    final Line others;
    final Line large;
    final Line largeDividends;
    final Line small;
    final Line full;

    DividendLimit(String code, String title, CorporationForms all, Supplier<Term> income) {
        super("1120", title);
        boolean trial = !code.equals("W-DRD");
        part(code, title, "IRC 246(b)")
                .worksheet()
                .neededWhen(() -> {
                    Condition limited = all.scheduleC.limitedDividends().isNotZero();
                    return trial ? limited.and(all.charity.isTried()) : limited;
                })
                .foundOnlyThen();
        Line before =
                line(code + "/1", "Income before loss and special deductions").is(income);
        others = line(code + "/2", "Deductions of lines 10 to 13")
                .is(() -> sum(
                        all.scheduleC.smallBusinessInvestment,
                        all.scheduleC.affiliated,
                        all.scheduleC.certainForeign,
                        all.scheduleC.foreignSource));
        Line base = line(code + "/3", "Line 1 less line 2").is(before.minus(others));
        Line largeLimit = line(code + "/4", "Limit for holdings of 20% or more")
                .is(base.notBelowZero().times(CorporationLaw.DIVIDENDS_LARGE_HOLDING));
        large = line(code + "/5", "Deductions for holdings of 20% or more")
                .is(() -> sum(
                        all.scheduleC.largeDeduction,
                        all.scheduleC.utilityLargeDeduction,
                        all.scheduleC.foreignLargeDeduction,
                        all.scheduleC.whollyOwnedDeduction,
                        all.scheduleC.debtFinancedLargeDeduction));
        Line largeAllowed = line(code + "/6", "Smaller of lines 4 and 5").is(least(largeLimit, large));
        largeDividends = line(code + "/7", "Dividends from holdings of 20% or more")
                .is(() -> sum(
                        all.scheduleC.large,
                        all.scheduleC.utilityLarge,
                        all.scheduleC.foreignLarge,
                        all.scheduleC.whollyOwned,
                        all.scheduleC.debtFinancedLarge));
        Line rest = line(code + "/8", "Line 3 less line 7").is(base.minus(largeDividends));
        Line smallLimit = line(code + "/9", "Limit for smaller holdings")
                .is(rest.notBelowZero().times(CorporationLaw.DIVIDENDS_SMALL_HOLDING));
        small = line(code + "/10", "Deductions for smaller holdings")
                .is(() -> all.scheduleC.fullDeduction().minus(large));
        Line smallAllowed = line(code + "/11", "Smaller of lines 9 and 10").is(least(smallLimit, small));
        full = line(code + "/13", "Deductions before the limit").is(() -> all.scheduleC.fullDeduction());
        Line lossTest = line(code + "/14", "Income less all special deductions in full")
                .is(() -> before.minus(all.scheduleC.unlimited().minus(all.scheduleC.section250))
                        .minus(full));
        Formula limited =
                when(large.isAtLeast(largeLimit.plus(dollars(1))), largeAllowed, sum(largeAllowed, smallAllowed));
        allowed = line(code + "/12", "Deduction allowed").is(when(lossTest.isBelow(NOTHING), full, limited));
    }
}
