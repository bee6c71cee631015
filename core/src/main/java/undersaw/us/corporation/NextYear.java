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

/** Estimated tax of next year (IRC 6655; from memory). */
final class NextYear extends Form {
    private static final List<String> INSTALLMENTS = List.of("1", "2", "3", "4");

    NextYear(CorporationForms all) {
        super("est", "Next year");
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

    /** Nothing under 500; otherwise the smaller of this year's tax and what is expected. */
    private static Formula base(CorporationForms all, Line expected) {
        Formula thisYear = all.scheduleJ.totalTax.asFormula();
        Formula chosen =
                when(expected.isZero(), thisYear, when(thisYear.isZero(), expected, least(thisYear, expected)));
        return when(chosen.isBelow(law(CorporationLaw.ESTIMATE_THRESHOLD)), NOTHING, chosen);
    }
}
