package undersaw.us.corporation;

import java.util.List;
import java.util.function.Supplier;
import undersaw.form.Form;
import undersaw.form.LineKind;
import undersaw.form.formula.Answered;
import undersaw.form.formula.Any;
import undersaw.form.formula.Condition;
import undersaw.line.LineId;

/**
 * Forms that an answer calls for and that are prepared elsewhere: one box each says that it goes with the return
 * (Instructions for Form 1120, Schedule K; from memory).
 */
final class FormsElsewhere extends Form {
    /** Every answer that calls for such a form, in the order of the questions. */
    static final List<Call> CALLS = List.of(
            new Call("hdr/A2", "yes", "PH", "Schedule PH"),
            new Call("K/6", "yes", "5452", "Form 5452"),
            new Call("K/7", "yes", "5472", "Form 5472"),
            new Call("K/14", "yes", "UTP", "Schedule UTP"),
            new Call("K/22", "yes", "8991", "Form 8991"),
            new Call("K/25", "yes", "8996", "Form 8996"),
            new Call("K/29b", "yes", "4626", "Form 4626"),
            new Call("K/29c", "no", "4626", "Form 4626"),
            new Call("K/30a", "yes", "7208", "Form 7208"),
            new Call("K/30b", "yes", "7208", "Form 7208"),
            new Call("K/30c", "yes", "7208", "Form 7208"));

    /**
     * An answer that calls for a form.
     *
     * @param question where it is given, within Form 1120
     * @param answer the answer that calls for it
     * @param number the form's number or letters
     * @param title its name in a sentence
     */
    record Call(String question, String answer, String number, String title) {
        LineId asked() {
            return LineId.of("1120/" + question);
        }

        /** The box that says the form goes with the return. */
        LineId box() {
            return LineId.of("1120/with/" + number);
        }

        Condition isMade() {
            return new Answered(asked(), answer);
        }
    }

    FormsElsewhere() {
        super("1120", "Forms prepared elsewhere");
        Supplier<Condition> called =
                () -> new Any(CALLS.stream().map(Call::isMade).toList());
        part("with", "Prepared elsewhere: forms that an answer calls for", "Instructions for Form 1120, Schedule K")
                .neededWhen(called);
        for (String number : CALLS.stream().map(Call::number).distinct().toList()) {
            String title = CALLS.stream()
                    .filter(call -> call.number().equals(number))
                    .map(Call::title)
                    .findFirst()
                    .orElseThrow();
            line("with/" + number, title + " is prepared and goes with the return")
                    .as(LineKind.YES_NO)
                    .ofTheYear();
        }
    }
}
