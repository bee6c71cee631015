package undersaw.us.forms;

import static undersaw.form.formula.Formulas.when;

import java.util.function.Supplier;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.line.LineId;

/** Form 7004, the extension of time to file (IRC 6081; 2024 form, from memory). */
public final class Form7004 extends Form {
    /**
     * What the return plugs in.
     *
     * @param code the form that the return registers it under
     * @param number of the return, as the form lists it, with the return's name
     * @param total its tax
     * @param payments its payments and credits
     * @param withExtension what was paid with the extension
     */
    public record Sockets(
            String code, String number, Supplier<Line> total, Supplier<Line> payments, Supplier<Line> withExtension) {}

    /** The form within a return. */
    public Form7004(Sockets in) {
        super(in.code(), "Form 7004");
        partByNeed("7004", "Form 7004: extension of time to file", "IRC 6081; Form 7004", "late extra time extension")
                .neededWhen(() -> in.withExtension().get().isNotZero())
                .foundOnlyThen();
        line(at("filed"), "Form 7004 was filed in time").as(LineKind.YES_NO).ofTheYear();
        line(at("1"), "Form code (" + in.number() + ")").as(LineKind.COUNT);
        Line tentative = line(at("tentative"), "Tentative total tax, where other than that of the return");
        Line total = line(at("6"), "Tentative total tax")
                .is(() -> when(tentative.isNotZero(), tentative, in.total().get()));
        Line paid = line(at("7"), "Payments and credits, this extension's left out")
                .is(() -> in.payments().get().minus(in.withExtension().get()));
        line(at("8"), "Balance due with the extension").is(total.minus(paid).notBelowZero());
    }

    private static LineId at(String within) {
        return LineId.of("7004/" + within);
    }
}
