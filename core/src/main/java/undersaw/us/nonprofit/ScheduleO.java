package undersaw.us.nonprofit;

import undersaw.form.Form;
import undersaw.form.LineKind;

/** Schedule O (Form 990): explanations, each with the line that it belongs to (2024 form, from memory). */
final class ScheduleO extends Form {
    ScheduleO() {
        super("990-O", "Schedule O");
        partByNeed(
                        "O",
                        "Schedule O: supplemental information",
                        "Instructions for Schedule O (Form 990)",
                        "explanations statement narrative")
                .list("explanations");
        line("line", "Line").column("line").as(LineKind.TEXT);
        line("words", "Explanation").column("explanation").as(LineKind.TEXT);
    }
}
