package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;

import undersaw.form.Form;
import undersaw.form.Line;

/**
 * Section 179 against the limit on gifts: each is limited by an income that the other lowers.
 *
 * <p>The steps are those of Publication 946, "Two different taxable income limits" (Reg. 1.179-2(c)(5); from memory).
 * Neither the loss deduction nor the special deductions enter. Interest and dividends count as income of a
 * corporation's business, and interest stands in it before the limit of Form 8990 (unsure).
 */
final class Section179Worksheet extends Form {
    final Line income;

    Section179Worksheet(CorporationForms all) {
        super("1120", "Section 179 and gifts");
        part("W-179", "Section 179 and gifts that limit each other", "IRC 179(b)(3); Reg. 1.179-2(c)(5)")
                .worksheet()
                .neededWhen(() -> all.form4562.asked.isNotZero())
                .foundOnlyThen();
        Line before = line("W-179/1", "Income before section 179 and gifts")
                .is(() -> all.page1
                        .incomeBefore(all.page1.depreciation, all.page1.interestPaid)
                        .minus(sum(all.page1.interestPaid.fromAccounts(), all.form4562.withoutSection179))
                        .plus(sum(all.form4562.depreciationInCost, all.form4562.depreciationElsewhere)));
        Line first = line("W-179/2", "Section 179 that this income allows")
                .is(() -> least(all.form4562.asked, before.notBelowZero()));
        Line rest = line("W-179/3", "Income left").is(before.minus(first));
        Line gifts = line("W-179/4", "Gifts within their share of it")
                .is(() ->
                        least(all.charity.giftsAndCarried, rest.notBelowZero().times(CorporationLaw.CHARITABLE_SHARE)));
        income = line("W-179/5", "Income before section 179, less these gifts")
                .is(before.minus(gifts).notBelowZero());
        Line allowed = line("W-179/6", "Section 179 that it allows").is(() -> least(all.form4562.asked, income));
        line("W-179/7", "Income after section 179, before gifts").is(before.minus(allowed));
    }
}
