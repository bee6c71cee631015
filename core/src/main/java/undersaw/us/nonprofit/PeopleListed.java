package undersaw.us.nonprofit;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;

/** Form 990-EZ, Part IV: officers, directors, trustees and key employees, paid or not (2024 form, from memory). */
final class PeopleListed extends Form {
    final Line compensation;

    PeopleListed() {
        super(NonprofitReturn.CODE, "Officers and directors");
        part(
                        "IV",
                        "Part IV: officers, directors, trustees and key employees",
                        "IRC 6033(b)(6), (7); Instructions for Form 990-EZ, Part IV")
                .list("people");
        line("IV/a/name", "Name").column("name").as(LineKind.TEXT);
        line("IV/a/title", "Title").column("title").as(LineKind.TEXT);
        line("IV/b", "Hours a week").column("hours").as(LineKind.NUMBER);
        Line pay = line("IV/c", "Compensation").column("compensation");
        line("IV/d", "Benefits and deferred pay").column("benefits");
        line("IV/e", "Other compensation").column("other");
        compensation = line("IV/total", "Compensation of those listed").once().is(pay.total());
    }
}
