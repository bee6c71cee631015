package undersaw.us.scorporation;

import static undersaw.form.formula.Formulas.sum;

import undersaw.form.formula.Divided;
import undersaw.form.formula.Formula;
import undersaw.line.LineId;
import undersaw.owners.ByHoldings;
import undersaw.owners.Measure;
import undersaw.study.Kind;
import undersaw.study.Sockets;

/** What a comparison of kinds of entity takes from an S corporation's return. */
final class Comparison {
    private Comparison() {}

    static Sockets of(SCorporationForms all) {
        ScheduleK k = all.scheduleK;
        Formula preferred =
                sum(k.qualifiedDividends.notBelowZero(), k.longTerm.notBelowZero(), k.business1231.notBelowZero());
        Formula deductions = sum(k.section179, k.investmentInterest, k.expenditures, k.otherDeductions);
        return new Sockets(
                Kind.S_CORPORATION,
                () -> k.ordinary,
                () -> all.page1.officers,
                () -> new Divided(byShare(all, all.page1.officers.id())),
                () -> k.incomeItems().minus(sum(k.ordinary, preferred, deductions)),
                () -> preferred,
                () -> sum(k.cashGifts, k.otherGifts),
                () -> sum(k.exemptInterest, k.exemptOther).minus(k.nondeductible),
                () -> all.distributions.all,
                () -> all.page1.totalTax,
                () -> all.scheduleM2.dividends,
                () -> all.owners.kind.isAnyOf("individual"),
                line -> byShare(all, line));
    }

    private static ByHoldings byShare(SCorporationForms all, LineId line) {
        return new ByHoldings(line, Measure.SHARES, all.shares.rounding.id());
    }
}
