package undersaw.us.nonprofit;

import static undersaw.check.Check.when;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.List;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.line.LineId;

/** Schedule A: the status and the support behind it (26 CFR 1.170A-9(f), 1.509(a)-3; from memory). */
final class SupportChecks {
    private static final int YEARS_BEFORE = 4;

    private SupportChecks() {}

    static List<Check> all() {
        return List.of(
                when(
                        "N-0601",
                        STOP,
                        look -> QuestionChecks.isCharity(look) && !look.has("990-A/I/reason"),
                        look -> at("990-A/I/reason", "Say in Schedule A why this is no private foundation.")),
                when(
                        "N-0602",
                        QUERY,
                        look -> isTested(look, ScheduleA.PUBLICLY_SUPPORTED)
                                && look.says("990-A/II/16a", "no")
                                && look.says("990-A/II/17a", "yes"),
                        look -> at(
                                "990-A/II/16a",
                                "Public support is under 33⅓ percent. Facts and "
                                        + "circumstances may serve from 10 percent "
                                        + "on: explain them, or check last year's test.")),
                when(
                        "N-0603",
                        STOP,
                        look -> isTested(look, ScheduleA.PUBLICLY_SUPPORTED)
                                && look.says("990-A/II/16a", "no")
                                && look.says("990-A/II/17a", "no")
                                && !look.says("990-A/II/13", "yes"),
                        look -> at(
                                "990-A/II/16a",
                                "Neither support test is met. Last year's test may carry "
                                        + "this year; otherwise it is a "
                                        + "private foundation and files Form 990-PF.")),
                when(
                        "N-0604",
                        STOP,
                        look -> isTested(look, ScheduleA.BY_RECEIPTS)
                                && look.says("990-A/III/19a", "no")
                                && !look.says("990-A/II/13", "yes"),
                        look -> at(
                                "990-A/III/19a",
                                "The tests of section 509(a)(2) are not met. Last year's may "
                                        + "carry this year; otherwise "
                                        + "it is a private foundation and files Form 990-PF.")),
                when(
                        "N-0605",
                        QUERY,
                        look -> QuestionChecks.isCharity(look)
                                && (isTested(look, ScheduleA.PUBLICLY_SUPPORTED)
                                        || isTested(look, ScheduleA.BY_RECEIPTS))
                                && years(look) < YEARS_BEFORE
                                && !look.says("990-A/II/13", "yes"),
                        look -> at(
                                "990-A/years/II/1",
                                "Support of " + years(look) + " earlier years is entered, and the test takes four. "
                                        + "Complete them, or tick the first five years.")));
    }

    private static boolean isTested(Examination look, String reason) {
        return QuestionChecks.isCharity(look) && look.says("990-A/I/reason", reason);
    }

    private static long years(Examination look) {
        return look.calculation().plan().list("support").stream()
                .mapToLong(list -> look.calculation().rowsOf(list).size())
                .sum();
    }

    private static Found at(String line, String message) {
        return Found.at(Place.line(LineId.of(line)), message);
    }
}
