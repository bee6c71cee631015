package undersaw.us.nonprofit;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;

/** Schedule B (Form 990): contributors; names and addresses are not for the public (2024 form, from memory). */
final class ScheduleB extends Form {
    final Line amount;
    final Line total;

    ScheduleB(NonprofitForms all) {
        super("990-B", "Schedule B");
        partByNeed(
                        "B",
                        "Schedule B: contributors",
                        "IRC 6033(b)(5), 6104(d)(3)(A); 26 CFR 1.6033-2(a)(2)(iii)",
                        "donors givers gifts of 5,000")
                .list("contributors")
                .ofTheYear();
        line("a/name", "Name").column("name").as(LineKind.TEXT).confidential();
        line("a/address", "Address").column("address").as(LineKind.TEXT).confidential();
        line("date", "Date").column("date").as(LineKind.DATE);
        line("d", "Kind").column("kind").as(LineKind.TEXT);
        amount = line("c", "Amount").column("amount");
        total = line("total", "Contributions listed").once().is(amount.total());
    }
}
