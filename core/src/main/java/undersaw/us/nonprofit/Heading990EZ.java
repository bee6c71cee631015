package undersaw.us.nonprofit;

import static undersaw.form.formula.Formulas.sum;

import undersaw.engagement.HeadingField;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;

/** Form 990-EZ, items A to L above Part I (2024 form, from memory). */
final class Heading990EZ extends Form {
    final Line exemption;
    final Line grossReceipts;

    Heading990EZ(NonprofitForms all) {
        super(NonprofitReturn.CODE, "Heading");
        part("hdr", "Heading", "Instructions for Form 990-EZ, items A to L");
        line("hdr/C", "Name").fromHeading(HeadingField.NAME, LineKind.TEXT);
        line("hdr/D", "Employer identification number").fromHeading(HeadingField.NUMBER, LineKind.TEXT);
        line("hdr/B/address", "Address changed").fromHeading(HeadingField.ADDRESS_CHANGE, LineKind.BOX);
        line("hdr/B/name", "Name changed").fromHeading(HeadingField.NAME_CHANGE, LineKind.BOX);
        line("hdr/B/initial", "Initial return").fromHeading(HeadingField.INITIAL, LineKind.BOX);
        line("hdr/B/final", "Final return or terminated").fromHeading(HeadingField.FINAL, LineKind.BOX);
        line("hdr/B/amended", "Amended return").as(LineKind.BOX).cites("Instructions for Form 990-EZ, item B");
        line("hdr/B/pending", "Application pending").as(LineKind.BOX);
        line("hdr/F", "Group exemption number").as(LineKind.COUNT).cites("Instructions for Form 990-EZ, item F");
        line("hdr/G", "Accounting method")
                .fromHeading(HeadingField.METHOD, LineKind.TEXT)
                .cites("IRC 446");
        line("hdr/H", "Schedule B is not required").as(LineKind.BOX).cites("Instructions for Form 990-EZ, item H");
        line("hdr/I", "Website").as(LineKind.TEXT);
        exemption = line("hdr/J", "Tax-exempt status")
                .oneOf("501(c)(3)", "501(c)", "4947(a)(1)", "527")
                .cites("IRC 501(c), 527, 4947(a)(1)")
                .help("The section under which the organization is exempt. Only charities under 501(c)(3) and "
                        + "trusts under 4947(a)(1) answer Part VI and give Schedule A.");
        line("hdr/J/number", "Number of the subsection, where 501(c)").as(LineKind.COUNT);
        line("hdr/K", "Form of organization").oneOf("corporation", "trust", "association", "other");
        grossReceipts = line("hdr/L", "Gross receipts")
                .is(() -> sum(
                        all.revenue.total, all.revenue.basisOfAssets, all.revenue.eventCosts, all.revenue.costOfGoods))
                .always()
                .cites("Instructions for Form 990-EZ, item L")
                .help("Line 9 with the costs added back that were taken off above it: what decides whether this "
                        + "form may be filed, or the full one, or only the notice.");
        line("hdr/formed", "Formed").fromHeading(HeadingField.FORMED, LineKind.DATE);
    }
}
