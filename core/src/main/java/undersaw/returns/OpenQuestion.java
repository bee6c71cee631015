package undersaw.returns;

import java.util.ArrayList;
import java.util.List;
import undersaw.calc.Calculation;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.Part;

/**
 * A question of the return that nobody has answered.
 *
 * @param line the question
 * @param keptOpen why it is not answered with no together with others; empty where it can be
 */
public record OpenQuestion(Line line, String keptOpen) {
    /** Every open question of a part, in the order of the form; those not asked as things stand are left out. */
    public static List<OpenQuestion> of(Calculation year, Part part) {
        List<OpenQuestion> open = new ArrayList<>();
        if (year.holds(part)) {
            for (Line line : year.plan().linesOf(part)) {
                boolean question = line.isTyped() && !line.isRepeating() && line.kind() == LineKind.YES_NO;
                if (question && year.value(line.id()).isEmpty() && isAsked(year, line)) {
                    open.add(new OpenQuestion(line, why(year, line)));
                }
            }
        }
        return List.copyOf(open);
    }

    /** Whether a question is asked: those that follow another are only when that one says yes. */
    public static boolean isAsked(Calculation year, Line line) {
        return line.askedAfter().isEmpty()
                || year.answer(line.askedAfter().get().id()).equals("yes");
    }

    private static String why(Calculation year, Line line) {
        boolean speaks =
                line.contradicted().isEmpty() || year.holds(line.contradicted().get());
        return speaks ? line.keptOpen() : "";
    }
}
