package undersaw.us.scorporation;

import java.util.List;
import undersaw.line.LineId;
import undersaw.returns.BookLines;
import undersaw.returns.BookLines.Step;

/** The walk of Schedule M-1 (Instructions for Form 1120-S, Schedule M-1; from memory). */
final class SCorporationBookLines {
    static final BookLines LINES = new BookLines(
            line("M-1/1"),
            line("K/18"),
            "the income of the shareholders, Schedule K line 18",
            line("L/24"),
            line("28"),
            List.of(
                    new Step(line("M-1/2"), true, false),
                    new Step(line("M-1/3a"), true, false),
                    new Step(line("M-1/3b"), true, true),
                    new Step(line("M-1/3c"), true, false),
                    new Step(line("M-1/5a"), false, true),
                    new Step(line("M-1/5b"), false, false),
                    new Step(line("M-1/6a"), false, false),
                    new Step(line("M-1/6b"), false, false)));

    private SCorporationBookLines() {}

    private static LineId line(String within) {
        return LineId.of("1120-S/" + within);
    }
}
