package undersaw.us.corporation;

import static undersaw.check.Check.when;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.time.LocalDate;
import java.time.Month;
import java.util.List;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.ClientChecks;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.engagement.Heading.Flag;

/** Checks of the client's facts and the tax year. */
final class HeadingChecks {
    private HeadingChecks() {}

    static List<Check> all() {
        return List.of(
                when(
                        "C-0108",
                        STOP,
                        look -> !look.client().activity().code().matches("\\d{6}"),
                        look -> ClientChecks.field("activityCode", "Choose the six-digit activity code.")),
                when(
                        "C-0104",
                        STOP,
                        HeadingChecks::formedLate,
                        look -> ClientChecks.field(
                                "formed", "Enter the date of incorporation; it cannot lie after the year end.")),
                when(
                        "C-0107",
                        STOP,
                        look -> look.says("1120/hdr/A1a", "yes"),
                        look -> Found.at(
                                Place.line("1120/hdr/A1a"),
                                "Consolidated returns are prepared in the group engagement. Move it there.")),
                when(
                        "C-0110",
                        QUERY,
                        look -> look.heading().is(Flag.FINAL)
                                && !look.amount("1120/L/15/d").isZero(),
                        look -> ClientChecks.field(
                                "final",
                                "A final return still shows assets of "
                                        + look.amount("1120/L/15/d").printed()
                                        + ". Book the liquidation or take off \"final\".")),
                when(
                        "C-0115",
                        QUERY,
                        look -> look.says("1120/hdr/A3", "yes")
                                && !endsDecember31(look.period().end()),
                        look -> Found.at(
                                Place.line("1120/hdr/A3"),
                                "A personal service corporation keeps the calendar "
                                        + "year unless it elected otherwise (Form 8716).")),
                when(
                        "C-0116",
                        STOP,
                        HeadingChecks::startsWrongly,
                        look -> ClientChecks.field(
                                "formed",
                                "The first year starts when the corporation comes into being. Check both dates.")));
    }

    private static boolean formedLate(Examination look) {
        LocalDate formed = look.client().formed();
        return formed == null || formed.isAfter(look.period().end());
    }

    private static boolean startsWrongly(Examination look) {
        LocalDate formed = look.client().formed();
        return formed != null
                && (look.period().start().isBefore(formed)
                        || look.heading().is(Flag.INITIAL)
                                && formed.isAfter(look.period().start()));
    }

    private static boolean endsDecember31(LocalDate end) {
        return end.getMonth() == Month.DECEMBER && end.getDayOfMonth() == 31;
    }
}
