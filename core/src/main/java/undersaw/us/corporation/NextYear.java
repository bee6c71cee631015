package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.law;
import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.when;

import java.util.List;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Formula;
import undersaw.line.LineId;

/** Estimated tax of next year, and Form 7004, the extension of time to file (IRC 6655, 6081; from memory). */
final class NextYear extends Form {
    private static final List<String> INSTALLMENTS = List.of("1", "2", "3", "4");

    NextYear(CorporationForms all) {
        super("est", "Next year");
        partByNeed("7004", "Form 7004: extension of time to file", "IRC 6081; Form 7004", "late extra time extension")
                .neededWhen(() -> all.scheduleJ.extension.isNotZero())
                .foundOnlyThen();
        line(lineOf("7004/filed"), "Form 7004 was filed in time")
                .as(LineKind.YES_NO)
                .ofTheYear();
        line(lineOf("7004/1"), "Form code (12 for Form 1120)").as(LineKind.COUNT);
        Line tentative = line(lineOf("7004/tentative"), "Tentative total tax, where other than Schedule J line 12");
        Line total = line(lineOf("7004/6"), "Tentative total tax")
                .is(() -> when(tentative.isNotZero(), tentative, all.scheduleJ.totalTax));
        Line paid = line(lineOf("7004/7"), "Payments and credits, this extension's left out")
                .is(() -> all.scheduleJ.paymentsAndCredits.minus(all.scheduleJ.extension));
        line(lineOf("7004/8"), "Balance due with the extension")
                .is(total.minus(paid).notBelowZero());

        partByNeed(
                "est",
                "Next year: estimated tax and its instalments",
                "IRC 6655(d); worksheet in the manner of the former Form 1120-W",
                "estimates quarterly vouchers next year");
        line("told", "The client knows the instalments and their dates")
                .as(LineKind.YES_NO)
                .ofTheYear();
        Line expected = line("expected", "Tax expected for next year, where other than this year's");
        Line base = line("base", "Tax that next year's instalments rest on").is(() -> base(all, expected));
        for (String number : INSTALLMENTS) {
            boolean first = number.equals("1");
            Formula share = base.times(CorporationLaw.INSTALLMENT_SHARE);
            line(number, "Instalment " + number)
                    .is(() -> first ? share.minus(all.page1.credited).notBelowZero() : share)
                    .help(first ? "Less what line 37 of this return credits to next year." : "");
        }
    }

    private static LineId lineOf(String text) {
        return LineId.of(text);
    }

    /** Nothing under 500; otherwise the smaller of this year's tax and what is expected. */
    private static Formula base(CorporationForms all, Line expected) {
        Formula thisYear = all.scheduleJ.totalTax.asFormula();
        Formula chosen =
                when(expected.isZero(), thisYear, when(thisYear.isZero(), expected, least(thisYear, expected)));
        return when(chosen.isBelow(law(CorporationLaw.ESTIMATE_THRESHOLD)), NOTHING, chosen);
    }
}
