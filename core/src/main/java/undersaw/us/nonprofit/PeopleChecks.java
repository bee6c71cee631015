package undersaw.us.nonprofit;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import undersaw.calc.LineValue;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.line.LineId;
import undersaw.money.Money;

/** Programs, people, events and contributors as they are listed (Instructions for Form 990-EZ, from memory). */
final class PeopleChecks {
    private static final int HOURS_OF_A_WEEK = 168;

    private PeopleChecks() {}

    static List<Check> all() {
        return List.of(
                when(
                        "N-0501",
                        STOP,
                        look -> look.calculation()
                                .instances(LineId.of("990-EZ/IV/a/name"))
                                .isEmpty(),
                        look -> onLine(
                                "990-EZ/IV/total",
                                "List every officer, director and trustee in Part IV, paid or not.")),
                when(
                        "N-0502",
                        STOP,
                        look -> !look.has("990-EZ/III/purpose"),
                        look -> onLine("990-EZ/III/purpose", "State the primary exempt purpose in Part III.")),
                when(
                        "N-0503",
                        STOP,
                        look -> look.calculation()
                                .instances(LineId.of("990-EZ/III/description"))
                                .isEmpty(),
                        look -> onLine("990-EZ/32", "Describe at least one program in Part III, with its expenses.")),
                new Check("N-0504", QUERY, PeopleChecks::withoutHours),
                when(
                        "N-0505",
                        QUERY,
                        look -> look.amount("990-EZ/IV/total").compareTo(look.amount("990-EZ/12")) > 0,
                        look -> onLine(
                                "990-EZ/IV/total",
                                "Those listed are paid "
                                        + look.amount("990-EZ/IV/total").printed() + ", line 12 holds "
                                        + look.amount("990-EZ/12").printed() + ". Is pay on another line?")),
                when(
                        "N-0507",
                        QUERY,
                        look -> !look.amount("990-EZ/32").equals(look.amount("990-EZ/W-FN/1"))
                                && !look.amount("990-EZ/W-FN/1").isZero(),
                        look -> onLine(
                                "990-EZ/32",
                                "Part III shows program expenses of "
                                        + look.amount("990-EZ/32").printed() + ", the books "
                                        + look.amount("990-EZ/W-FN/1").printed()
                                        + ". Make them agree, or say why not.")),
                when(
                        "N-0508",
                        STOP,
                        PeopleChecks::eventsNotListed,
                        look -> onLine(
                                "990-G/3/d",
                                "Event receipts are over "
                                        + look.law()
                                                .amount(NonprofitLaw.EVENTS_SCHEDULE)
                                                .printed()
                                        + ". List the events in Schedule G.")),
                new Check("N-0509", STOP, PeopleChecks::contributorsMissing),
                new Check("N-0510", NOTE, PeopleChecks::belowTheLimit),
                new Check("N-0511", STOP, PeopleChecks::withoutAddress),
                when(
                        "N-0512",
                        QUERY,
                        look -> look.amount("990-B/total").compareTo(look.amount("990-EZ/1")) > 0,
                        look -> onLine(
                                "990-B/total",
                                "The contributors listed gave "
                                        + look.amount("990-B/total").printed()
                                        + ", more than line 1. Are all gifts on line 1?")));
    }

    private static List<LineValue> column(Examination look, String line) {
        return look.calculation().rowValues(LineId.of(line));
    }

    private static List<Found> withoutHours(Examination look) {
        List<Found> found = new ArrayList<>();
        for (LineValue name : column(look, "990-EZ/IV/a/name")) {
            var hours = look.calculation()
                    .value(LineId.of("990-EZ/IV/b").in(name.key().instance()));
            boolean odd = hours.isEmpty()
                    || hours.get().value().plain().isEmpty()
                    || new BigDecimal(hours.get().value().plain()).intValue() > HOURS_OF_A_WEEK;
            if (odd) {
                found.add(Found.at(
                        new Place.OnLine(LineId.of("990-EZ/IV/b").in(name.key().instance())),
                        "Enter the average hours a week of " + name.value().plain() + "."));
            }
        }
        return found;
    }

    private static boolean eventsNotListed(Examination look) {
        Money receipts = Money.sum(List.of(look.amount("990-EZ/6b"), look.amount("990-EZ/6b/contributions")));
        return receipts.compareTo(look.law().amount(NonprofitLaw.EVENTS_SCHEDULE)) > 0
                && look.calculation().instances(LineId.of("990-G/1")).isEmpty();
    }

    /** The gift from which a giver is listed: under the special rule 2 percent of line 1, if that is more. */
    static Money listedFrom(Examination look) {
        Money usual = look.law().amount(NonprofitLaw.CONTRIBUTOR);
        boolean special = look.says("990-EZ/hdr/J", "501(c)(3)")
                && look.says("990-A/II/16a", "yes")
                && look.says("990-A/I/reason", ScheduleA.PUBLICLY_SUPPORTED);
        Money share = look.amount("990-EZ/1").timesInDollars(look.law().percent(NonprofitLaw.CONTRIBUTOR_SHARE));
        return special ? usual.max(share) : usual;
    }

    private static List<Found> contributorsMissing(Examination look) {
        boolean listed = !column(look, "990-B/c").isEmpty();
        boolean none = NetAssetChecks.isExplained(look, "hdr/H") || look.says("990-EZ/hdr/H", "yes");
        return listed || none || look.amount("990-EZ/1").compareTo(listedFrom(look)) < 0
                ? List.of()
                : List.of(onLine(
                        "990-B/total",
                        "Contributions are " + look.amount("990-EZ/1").printed()
                                + ". List in Schedule B whoever gave "
                                + listedFrom(look).printed()
                                + " or more, or tick item H."));
    }

    private static List<Found> belowTheLimit(Examination look) {
        List<Found> found = new ArrayList<>();
        for (LineValue gift : column(look, "990-B/c")) {
            if (gift.amount().compareTo(listedFrom(look)) < 0) {
                found.add(Found.at(
                        new Place.OnLine(gift.key()),
                        "A gift of " + gift.amount().printed() + " need not be listed; from "
                                + listedFrom(look).printed() + " on it must be."));
            }
        }
        return found;
    }

    private static List<Found> withoutAddress(Examination look) {
        List<Found> found = new ArrayList<>();
        for (LineValue gift : column(look, "990-B/c")) {
            String row = gift.key().instance();
            boolean complete =
                    look.calculation().value(LineId.of("990-B/a/name").in(row)).isPresent()
                            && look.calculation()
                                    .value(LineId.of("990-B/a/address").in(row))
                                    .isPresent();
            if (!complete) {
                found.add(Found.at(
                        new Place.OnLine(LineId.of("990-B/a/name").in(row)),
                        "The giver of " + gift.amount().printed() + " has no name or address in Schedule B."));
            }
        }
        return found;
    }
}
