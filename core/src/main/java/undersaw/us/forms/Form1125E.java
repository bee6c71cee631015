package undersaw.us.forms;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;

/** Form 1125-E, compensation of officers (from memory). One row an officer. */
public final class Form1125E extends Form {
    public final Line total;
    public final Line onPage1;

    /** The form within a return. */
    public Form1125E() {
        super("1125-E", "Form 1125-E");
        partByNeed(
                        "1125-E",
                        "Form 1125-E: compensation of officers",
                        "IRC 162(a)(1); Form 1125-E",
                        "officers president salary")
                .list("officers", "id");
        line("1/a", "Officer").as(LineKind.TEXT);
        line("1/b", "Taxpayer number").as(LineKind.TAXPAYER_NUMBER);
        line("1/c", "Percent of time").as(LineKind.PERCENT);
        line("1/d", "Percent of common stock").as(LineKind.PERCENT);
        line("1/e", "Percent of preferred stock").as(LineKind.PERCENT);
        Line amount = line("1/f", "Compensation");
        total = line("2", "Total compensation of officers").once().is(amount.total());
        Line elsewhere =
                line("3", "Of this, in cost of goods sold or elsewhere").once();
        onPage1 = line("4", "Compensation on page 1").once().is(total.minus(elsewhere));
    }
}
