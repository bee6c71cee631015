package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.dollars;
import static undersaw.form.formula.Formulas.fraction;
import static undersaw.form.formula.Formulas.law;
import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Term;
import undersaw.form.formula.Worked;

/**
 * Form 2220, underpayment of estimated tax, with the regular and the annualized method; columns a to d are the four
 * instalments (2024 form, from memory).
 */
final class Form2220 extends Form {
    private static final List<String> COLUMNS = List.of("a", "b", "c", "d");
    /** Months of each annualization period, and of a year (IRC 6655(e)(2)(A)(i)). */
    private static final List<Integer> MONTHS = List.of(3, 3, 6, 9);

    private static final int YEAR = 12;

    final Line penalty;
    private final Line count;
    private final Line annualized;
    private final Line large;

    Form2220(CorporationForms all) {
        super("2220", "Form 2220");
        partByNeed(
                        "2220",
                        "Form 2220: underpayment of estimated tax",
                        "IRC 6655; Instructions for Form 2220",
                        "late payment underpayment penalty estimated tax")
                .neededWhen(() -> attached());
        Line total = line("1", "Total tax").is(() -> all.scheduleJ.totalTax);
        Line less = line("2d", "Of this, not counted: holding company tax, look-back interest, fuel credits")
                .is(() -> all.scheduleJ.notEstimated());
        Line counted = line("3", "Tax that estimates are measured by").is(total.minus(less));
        Line last = line("4", "Tax of last year")
                .beginsWith(counted)
                .help("As line 3 for last year. Leave it empty where last year had no tax, was shorter than twelve "
                        + "months, or there was no return.");
        annualized = line("7", "The annualized income method is used").as(LineKind.BOX);
        large = line("large", "Large corporation: income of 1,000,000 or more in one of the three years before")
                .as(LineKind.BOX)
                .cites("IRC 6655(g)(2)");
        Line required = line("5", "Required for the year")
                .is(when(large.answered("yes"), counted, when(last.isZero(), counted, least(counted, last))));
        count = line("9/count", "Instalments of the year")
                .is(new Worked(new EstimatePayments.Count()))
                .always();
        List<Line> annual = annualized(required);
        partByNeed(
                        "2220-III",
                        "Form 2220, Part III: instalments a to d, what was paid, what was not",
                        "IRC 6655(b), (d)",
                        "late payment instalments")
                .neededWhen(() -> attached());
        installments(counted, last, required, annual);
        penalty = line("38", "Penalty")
                .is(when(
                        counted.isAtLeast(law(CorporationLaw.ESTIMATE_THRESHOLD)),
                        new Worked(new EstimatePayments.Penalty()),
                        NOTHING));
    }

    /** Attached where it finds a penalty, or where one of its boxes is ticked. */
    Condition attached() {
        return penalty.isNotZero().or(annualized.answered("yes")).or(large.answered("yes"));
    }

    private void installments(Line counted, Line last, Line required, List<Line> annual) {
        Term carriedOver = NOTHING;
        Term shortfall = NOTHING;
        @Nullable Line previous = null;
        for (int i = 0; i < COLUMNS.size(); i++) {
            String column = "/" + COLUMNS.get(i);
            Formula regular = regular(i, last, required, previous);
            Line due = line("10" + column, "Required instalment")
                    .is(when(
                            counted.isBelow(law(CorporationLaw.ESTIMATE_THRESHOLD))
                                    .or(count.isBelow(dollars(i + 1L))),
                            NOTHING,
                            when(annualized.answered("yes"), annual.get(i), regular)));
            Line paid =
                    line("11" + column, "Paid for the instalment").is(new Worked(new EstimatePayments.Column(i + 1)));
            Line before = line("12" + column, "Overpaid in the column before").is(carriedOver.asFormula());
            Line together = line("13" + column, "Lines 11 and 12").is(sum(paid, before));
            Line owed = line("14" + column, "Owed from the columns before").is(shortfall.asFormula());
            Line applied = line("15" + column, "Applied to this instalment")
                    .is(together.minus(owed).notBelowZero());
            Line stillOwed = line("16" + column, "Still owed from the columns before")
                    .is(when(applied.isZero(), owed.minus(together).notBelowZero(), NOTHING));
            Line under =
                    line("17" + column, "Underpayment").is(due.minus(applied).notBelowZero());
            Line over = line("18" + column, "Overpayment").is(applied.minus(due).notBelowZero());
            carriedOver = over;
            shortfall = sum(stillOwed, under);
            previous = due;
        }
    }

    /** A quarter of the year's amount; in a short year even parts of it. */
    private Formula share(Line required) {
        Formula even = when(
                count.isAtLeast(dollars(3)),
                fraction(1, 3, required),
                when(count.isAtLeast(dollars(2)), fraction(1, 2, required), required));
        return when(count.isAtLeast(dollars(COLUMNS.size())), required.times(CorporationLaw.INSTALLMENT_SHARE), even);
    }

    /** A quarter of line 5; a large corporation may rest the first on last year's tax and catches up in the second. */
    private Formula regular(int column, Line last, Line required, @Nullable Line previous) {
        Formula quarter = share(required);
        if (column == 0) {
            Formula onLastYear = least(last.times(CorporationLaw.INSTALLMENT_SHARE), quarter);
            return when(large.answered("yes"), when(last.isZero(), quarter, onLastYear), quarter);
        }
        if (column == 1) {
            Formula catchingUp =
                    required.times(CorporationLaw.INSTALLMENT_LARGE_SECOND).minus(previous);
            return when(large.answered("yes"), catchingUp, quarter);
        }
        return quarter;
    }

    /** Schedule A of the form: instalments by the income of the first 3, 3, 6 and 9 months. */
    private List<Line> annualized(Line required) {
        partByNeed(
                        "2220-A",
                        "Form 2220, Schedule A: annualized income by instalment",
                        "IRC 6655(e); Form 2220, Schedule A, Part II and III",
                        "annualized seasonal income uneven")
                .neededWhen(() -> annualized.answered("yes"))
                .foundOnlyThen();
        List<Line> due = new ArrayList<>();
        List<Line> savings = new ArrayList<>();
        for (int i = 0; i < COLUMNS.size(); i++) {
            String column = "/" + COLUMNS.get(i);
            Line income = line("A/20" + column, "Taxable income of the first 3, 3, 6 and 9 months");
            Line whole = line("A/22" + column, "For a whole year").is(fraction(YEAR, MONTHS.get(i), income));
            Line tax =
                    line("A/27" + column, "Tax on it").is(whole.notBelowZero().times(CorporationLaw.CORPORATE_RATE));
            Line share = line("A/30" + column, "Share due by this instalment").is(fraction(i + 1, COLUMNS.size(), tax));
            Line already = line("A/32" + column, "Required in the columns before")
                    .is(due.isEmpty() ? NOTHING : sum(List.copyOf(due)));
            Line left = line("A/33" + column, "Annualized instalment")
                    .is(share.minus(already).notBelowZero());
            Line regular = line("A/37" + column, "Regular instalment with what was saved before")
                    .is(sum(required.times(CorporationLaw.INSTALLMENT_SHARE), saved(savings)));
            Line smaller =
                    line("A/40" + column, "Required instalment, the smaller").is(least(left, regular));
            savings.add(line("A/38" + column, "Saved, to be caught up").is(regular.minus(smaller)));
            due.add(smaller);
        }
        return due;
    }

    private static Formula saved(List<Line> savings) {
        return savings.isEmpty() ? NOTHING : savings.get(savings.size() - 1).asFormula();
    }
}
