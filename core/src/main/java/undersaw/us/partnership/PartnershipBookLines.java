package undersaw.us.partnership;

import java.util.List;
import undersaw.line.LineId;
import undersaw.returns.BookLines;
import undersaw.returns.BookLines.Step;

/** The walk of Schedule M-1 (Instructions for Form 1065, Schedule M-1; from memory). */
final class PartnershipBookLines {
    static final BookLines LINES = new BookLines(
            line("M-1/1"),
            line("ANI/1"),
            "the net income of the partners, line 1 of the analysis",
            line("L/21"),
            null,
            List.of(
                    new Step(line("M-1/2"), true, false),
                    new Step(line("M-1/3"), true, false),
                    new Step(line("M-1/4a"), true, false),
                    new Step(line("M-1/4b"), true, true),
                    new Step(line("M-1/4c"), true, false),
                    new Step(line("M-1/6a"), false, true),
                    new Step(line("M-1/6b"), false, false),
                    new Step(line("M-1/7a"), false, false),
                    new Step(line("M-1/7b"), false, false)));

    private PartnershipBookLines() {}

    private static LineId line(String within) {
        return LineId.of("1065/" + within);
    }
}
