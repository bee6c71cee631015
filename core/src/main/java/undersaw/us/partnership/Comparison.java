package undersaw.us.partnership;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.sum;

import undersaw.form.formula.Formula;
import undersaw.owners.ByAgreement;
import undersaw.study.Kind;
import undersaw.study.Sockets;

/** What a comparison of kinds of entity takes from a partnership's return. */
final class Comparison {
    private Comparison() {}

    static Sockets of(PartnershipForms all) {
        ScheduleK k = all.scheduleK;
        Formula preferred =
                sum(k.qualifiedDividends.notBelowZero(), k.longTerm.notBelowZero(), k.business1231.notBelowZero());
        Formula deductions = sum(k.section179, k.investmentInterest, k.expenditures, k.otherDeductions);
        return new Sockets(
                Kind.PARTNERSHIP,
                () -> k.ordinary,
                () -> k.guaranteed,
                () -> all.scheduleK1.box("4c"),
                () -> k.incomeItems().minus(sum(k.ordinary, preferred, deductions)),
                () -> preferred,
                () -> sum(k.cashGifts, k.otherGifts),
                () -> sum(k.exemptInterest, k.exemptOther).minus(k.nondeductible),
                () -> sum(k.cashDrawn, k.propertyDrawn),
                () -> NOTHING,
                () -> NOTHING,
                () -> all.owners.role.answered("general"),
                line -> ByAgreement.ofItsSign(line, all.percentages.rounding.id()));
    }
}
