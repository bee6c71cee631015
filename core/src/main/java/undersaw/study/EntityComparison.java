package undersaw.study;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import undersaw.calc.Calculation;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.line.LineId;

/**
 * One set of books as a corporation, as an S corporation and as a partnership: the taxes of the entity and of its
 * owners for one year, at rates that a person types.
 *
 * <p>It is found only once a rate is typed, so that a return which nobody studies costs nothing.
 */
public final class EntityComparison {
    /** The code of its forms. */
    public static final String CODE = "study";

    /** The owners' rate, with which a study begins. */
    public static final LineId RATE = LineId.of("study/r");

    private final Assumptions assumed;
    private final OwnersPay pay;
    private @Nullable TaxesByKind taxes;

    /** The comparison of a return. */
    public EntityComparison(Sockets in) {
        assumed = new Assumptions(in, () -> pay().employerPaid.total());
        pay = new OwnersPay(in, this);
        taxes = new TaxesByKind(this);
    }

    /** What the comparison of a return rests on, in the order of its sheet. */
    public static List<Line> assumed(Calculation year) {
        return year.plan().parts().stream()
                .filter(part -> part.code().equals(CODE))
                .flatMap(part -> year.plan().linesOf(part).stream())
                .toList();
    }

    /** Its forms, in the order in which a reader meets them. */
    public List<Form> forms() {
        return List.of(assumed, pay, taxes());
    }

    Assumptions assumed() {
        return assumed;
    }

    OwnersPay pay() {
        return pay;
    }

    TaxesByKind taxes() {
        return Objects.requireNonNull(taxes);
    }
}
