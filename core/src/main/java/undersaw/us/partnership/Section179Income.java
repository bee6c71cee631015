package undersaw.us.partnership;

import static undersaw.form.formula.Formulas.sum;

import undersaw.form.Form;
import undersaw.form.Line;

/**
 * The income that limits section 179 at the partnership: of its business, before guaranteed payments (IRC 179(b)(3);
 * Reg. 1.179-2(c)(2); from memory).
 */
final class Section179Income extends Form {
    final Line income;

    Section179Income(PartnershipForms all) {
        super("1065", "Income that limits section 179");
        part("W-179", "Income that limits section 179", "IRC 179(b)(3); Reg. 1.179-2(c)(2)")
                .worksheet()
                .neededWhen(() -> all.form4562.asked.isNotZero());
        Line paid = line("W-179/1", "Guaranteed payments counted in line 23").is(() -> all.page1.guaranteed);
        income = line("W-179/2", "Income of the business before section 179 and these payments")
                .is(() -> sum(all.page1.ordinaryIncome, paid, all.scheduleK.business1231)
                        .notBelowZero());
    }
}
