package undersaw.us.nonprofit;

import static undersaw.check.Check.when;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.math.BigDecimal;
import java.util.List;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.line.LineId;
import undersaw.money.Money;

/** Gaming as Part III of Schedule G shows it (Instructions for Schedule G (Form 990), from memory). */
final class GamingChecks {
    private static final BigDecimal WHOLE = BigDecimal.valueOf(100);

    private GamingChecks() {}

    static List<Check> all() {
        return List.of(
                when(
                        "N-0520",
                        STOP,
                        look -> isDue(look) && look.amount("990-G/III/1/d").isZero(),
                        look -> Found.onLine(
                                "990-G/III/1/d",
                                "Gaming brought in "
                                        + look.amount("990-EZ/6a").printed() + ", over "
                                        + look.law()
                                                .amount(NonprofitLaw.EVENTS_SCHEDULE)
                                                .printed()
                                        + ". Fill in Schedule G, Part III.")),
                new Check("N-0521", STOP, GamingChecks::unanswered),
                when(
                        "N-0522",
                        STOP,
                        look -> isDue(look) && look.says("990-G/III/9a", "no") && !look.has("990-G/III/9b"),
                        look -> Found.onLine("990-G/III/9b", "Say why gaming goes on in a state without a license.")),
                when(
                        "N-0523",
                        STOP,
                        look -> isDue(look) && look.says("990-G/III/10a", "yes") && !look.has("990-G/III/10b"),
                        look -> Found.onLine("990-G/III/10b", "Say why the gaming license was lost.")),
                when(
                        "N-0524",
                        STOP,
                        look -> isDue(look) && look.says("990-G/III/15a", "yes") && !look.has("990-G/III/15c"),
                        look -> Found.onLine("990-G/III/15c", "Name the third party that receives gaming revenue.")),
                when(
                        "N-0525",
                        QUERY,
                        look -> isDue(look) && places(look).compareTo(WHOLE) != 0,
                        look -> Found.onLine(
                                "990-G/III/13a",
                                "Lines 13a and 13b make " + places(look).toPlainString()
                                        + " percent. Together they should make 100.")));
    }

    private static boolean isDue(Examination look) {
        Money limit = look.law().amount(NonprofitLaw.EVENTS_SCHEDULE);
        return look.amount("990-EZ/6a").compareTo(limit) > 0;
    }

    private static List<Found> unanswered(Examination look) {
        return isDue(look)
                ? Gaming.questions()
                        .map(number -> "990-G/III/" + number)
                        .filter(line -> !look.has(line))
                        .map(line -> new Found(
                                Place.line(line),
                                "Answer question " + LineId.of(line).within() + " of Schedule G.",
                                Answer.YES_OR_NO))
                        .toList()
                : List.of();
    }

    private static BigDecimal places(Examination look) {
        return percent(look, "990-G/III/13a").add(percent(look, "990-G/III/13b"));
    }

    private static BigDecimal percent(Examination look, String line) {
        return look.calculation()
                .value(LineId.of(line))
                .map(value -> new BigDecimal(value.value().plain()))
                .orElse(BigDecimal.ZERO);
    }
}
