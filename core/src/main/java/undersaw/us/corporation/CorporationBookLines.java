package undersaw.us.corporation;

import java.util.List;
import undersaw.line.LineId;
import undersaw.returns.BookLines;
import undersaw.returns.BookLines.Step;

/** The walk of Schedule M-1 (Instructions for Form 1120, Schedule M-1; from memory). */
final class CorporationBookLines {
    static final BookLines LINES = new BookLines(
            LineId.of("1120/M-1/1"),
            LineId.of("1120/28"),
            "taxable income before losses",
            LineId.of("1120/L/25"),
            LineId.of("1120/37"),
            List.of(
                    step("2", true, true),
                    step("3", true, false),
                    step("4", true, false),
                    step("5a", true, false),
                    step("5b", true, false),
                    step("5c", true, true),
                    step("5d", true, false),
                    step("7a", false, true),
                    step("7b", false, false),
                    step("8a", false, false),
                    step("8b", false, false),
                    step("8c", false, false)));

    private CorporationBookLines() {}

    private static Step step(String line, boolean adds, boolean permanent) {
        return new Step(LineId.of("1120/M-1/" + line), adds, permanent);
    }
}
