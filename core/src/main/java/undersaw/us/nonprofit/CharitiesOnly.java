package undersaw.us.nonprofit;

import static undersaw.form.formula.Formulas.law;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;

/** Form 990-EZ, Part VI: questions that only charities answer, 47 to 52 (2024 form, from memory). */
final class CharitiesOnly extends Form {
    final Line highlyPaid;
    final Line contractors;

    CharitiesOnly(NonprofitForms all) {
        super(NonprofitReturn.CODE, "Charities only");
        part("VI", "Part VI: section 501(c)(3) organizations only", "Instructions for Form 990-EZ, Part VI")
                .excusedWhen(() -> all.heading.exemption.isNotAnyOf("501(c)(3)", "4947(a)(1)"));
        asked("47", "Lobbying, or an election under section 501(h)").cites("IRC 501(h); Schedule C");
        asked("48", "A school").cites("IRC 170(b)(1)(A)(ii); Schedule E");
        Line transfers = asked("49a", "Transfers to an exempt organization that is not a charity");
        asked("49b", "If so, was it a section 527 organization").after(transfers);
        highlyPaid = asked("50", "An employee, not listed in Part IV, paid more than 100,000")
                .notNoWhile(
                        () -> all.revenue.salaries.isAbove(law(NonprofitLaw.HIGHLY_PAID)),
                        "line 12 holds more than 100,000");
        contractors = asked("51", "A contractor paid more than 100,000")
                .notNoWhile(
                        () -> all.revenue.professionalFees.isAbove(law(NonprofitLaw.HIGHLY_PAID)),
                        "line 13 holds more than 100,000");
        asked("52", "Schedule A is attached").alone("every charity attaches it");
    }

    private Line asked(String number, String question) {
        return line(number, question).as(LineKind.YES_NO);
    }
}
