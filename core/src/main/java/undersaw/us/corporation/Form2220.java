package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.fraction;
import static undersaw.form.formula.Formulas.law;
import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.List;
import undersaw.form.Across;
import undersaw.form.Columns;
import undersaw.form.Columns.Member;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Counted;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Worked;
import undersaw.us.forms.BusinessLaw;

/**
 * Form 2220, underpayment of estimated tax, with the regular and the annualized method; columns a to d are the four
 * instalments (2024 form, from memory).
 */
final class Form2220 extends Form {
    /** The instalments of a year. */
    static final Columns INSTALMENTS = Columns.of("a", "b", "c", "d");

    private static final int QUARTERS = 4;
    /** Months of each annualization period, and of a year (IRC 6655(e)(2)(A)(i)). */
    private static final List<Integer> MONTHS = List.of(3, 3, 6, 9);

    private static final int YEAR = 12;

    final Line penalty;
    private final Line count;
    private final Line annualized;
    private final Line large;
    private final Across due;

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
                .isCount(() -> new Counted(new EstimatePayments.Count()))
                .always();
        Across annual = annualized(required);
        partByNeed(
                        "2220-III",
                        "Form 2220, Part III: instalments a to d, what was paid, what was not",
                        "IRC 6655(b), (d)",
                        "late payment instalments")
                .neededWhen(() -> attached());
        due = across(INSTALMENTS, "10/*", "Required instalment")
                .is(at -> when(
                        counted.isBelow(law(CorporationLaw.ESTIMATE_THRESHOLD))
                                .or(count.count().isBelow(at.number())),
                        NOTHING,
                        when(annualized.answered("yes"), annual.at(at), regular(at, last, required))));
        paid(due);
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

    /** What was paid for each instalment, what it still lacked, and what went over to the next. */
    private void paid(Across required) {
        Across paid = across(INSTALMENTS, "11/*", "Paid for the instalment")
                .is(at -> new Worked(new EstimatePayments.Column(at.number())));
        Across before = across(INSTALMENTS, "12/*", "Overpaid in the column before");
        Across together = across(INSTALMENTS, "13/*", "Lines 11 and 12").is(at -> sum(paid.at(at), before.at(at)));
        Across owed = across(INSTALMENTS, "14/*", "Owed from the columns before");
        Across applied = across(INSTALMENTS, "15/*", "Applied to this instalment")
                .is(at -> together.at(at).minus(owed.at(at)).notBelowZero());
        Across stillOwed = across(INSTALMENTS, "16/*", "Still owed from the columns before")
                .is(at -> when(
                        applied.at(at).isZero(),
                        owed.at(at).minus(together.at(at)).notBelowZero(),
                        NOTHING));
        Across under = across(INSTALMENTS, "17/*", "Underpayment")
                .is(at -> required.at(at).minus(applied.at(at)).notBelowZero());
        Across over = across(INSTALMENTS, "18/*", "Overpayment")
                .is(at -> applied.at(at).minus(required.at(at)).notBelowZero());
        before.is(at -> over.before(at, NOTHING));
        owed.is(at -> at.isFirst() ? NOTHING : sum(stillOwed.before(at, NOTHING), under.before(at, NOTHING)));
    }

    /** A quarter of the year's amount; in a short year even parts of it. */
    private Formula share(Line required) {
        Formula even = when(
                count.count().isAtLeast(3),
                fraction(1, 3, required),
                when(count.count().isAtLeast(2), fraction(1, 2, required), required));
        return when(count.count().isAtLeast(QUARTERS), required.times(CorporationLaw.INSTALLMENT_SHARE), even);
    }

    /** A quarter of line 5; a large corporation may rest the first on last year's tax and catches up in the second. */
    private Formula regular(Member at, Line last, Line required) {
        Formula quarter = share(required);
        Formula ofLarge = switch (at.number()) {
            case 1 -> when(last.isZero(), quarter, least(last.times(CorporationLaw.INSTALLMENT_SHARE), quarter));
            case 2 -> required.times(CorporationLaw.INSTALLMENT_LARGE_SECOND).minus(due.before(at, NOTHING));
            default -> quarter;
        };
        return at.number() > 2 ? quarter : when(large.answered("yes"), ofLarge, quarter);
    }

    /** Schedule A of the form: instalments by the income of the first 3, 3, 6 and 9 months. */
    private Across annualized(Line required) {
        partByNeed(
                        "2220-A",
                        "Form 2220, Schedule A: annualized income by instalment",
                        "IRC 6655(e); Form 2220, Schedule A, Part II and III",
                        "annualized seasonal income uneven")
                .neededWhen(() -> annualized.answered("yes"))
                .foundOnlyThen();
        Across income = across(INSTALMENTS, "A/20/*", "Taxable income of the first 3, 3, 6 and 9 months");
        Across whole = across(INSTALMENTS, "A/22/*", "For a whole year")
                .is(at -> fraction(YEAR, MONTHS.get(at.number() - 1), income.at(at)));
        Across tax = across(INSTALMENTS, "A/27/*", "Tax on it")
                .is(at -> whole.at(at).notBelowZero().times(BusinessLaw.CORPORATE_RATE));
        Across share = across(INSTALMENTS, "A/30/*", "Share due by this instalment")
                .is(at -> fraction(at.number(), QUARTERS, tax.at(at)));
        Across already = across(INSTALMENTS, "A/32/*", "Required in the columns before");
        Across left = across(INSTALMENTS, "A/33/*", "Annualized instalment")
                .is(at -> share.at(at).minus(already.at(at)).notBelowZero());
        Across regular = across(INSTALMENTS, "A/37/*", "Regular instalment with what was saved before");
        Across smaller = across(INSTALMENTS, "A/40/*", "Required instalment, the smaller")
                .is(at -> least(left.at(at), regular.at(at)));
        Across saved = across(INSTALMENTS, "A/38/*", "Saved, to be caught up")
                .is(at -> regular.at(at).minus(smaller.at(at)));
        already.is(at -> at.isFirst() ? NOTHING : sum(smaller.allBefore(at)));
        regular.is(at -> sum(required.times(CorporationLaw.INSTALLMENT_SHARE), saved.before(at, NOTHING)));
        return smaller;
    }
}
