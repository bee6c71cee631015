package undersaw.us.scorporation;

import static undersaw.form.formula.Formulas.sum;

import undersaw.form.Form;
import undersaw.form.Line;

/**
 * The income that limits section 179 at the corporation: of its business, before what officers who hold shares are paid
 * (IRC 179(b)(3); Reg. 1.179-2(c)(3); from memory).
 */
final class Section179Income extends Form {
    final Line income;

    Section179Income(SCorporationForms all) {
        super("1120-S", "Income that limits section 179");
        part("W-179", "Income that limits section 179", "IRC 179(b)(3); Reg. 1.179-2(c)(3)")
                .worksheet()
                .neededWhen(() -> all.form4562.asked.isNotZero());
        Line pay = line("W-179/1", "Pay of shareholders counted in line 22").is(() -> all.page1.officers);
        income = line("W-179/2", "Income of the business before section 179 and this pay")
                .is(() -> sum(all.page1.ordinaryIncome, pay, all.scheduleK.business1231)
                        .notBelowZero());
    }
}
