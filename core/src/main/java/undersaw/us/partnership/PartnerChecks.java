package undersaw.us.partnership;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import undersaw.calc.LineValue;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.engagement.Station;
import undersaw.line.LineId;
import undersaw.owners.Holdings;
import undersaw.owners.Measure;
import undersaw.owners.OwnerRegister;
import undersaw.owners.OwnershipChanges;
import undersaw.owners.Positions;

/** Checks of the partners, of what they hold, and of special allocations. */
final class PartnerChecks {
    private static final List<Measure> MEASURES = List.of(Measure.PROFIT, Measure.LOSS, Measure.CAPITAL);
    private static final int MILLIONTHS = 6;
    private static final BigDecimal WHOLE = BigDecimal.valueOf(100);
    private static final Map<String, String> ROLES =
            Map.of("1a", "general", "1b", "limited", "1c", "member", "1d", "general");
    private static final Set<String> WITHOUT_179 = Set.of("trust", "estate");

    private PartnerChecks() {}

    static List<Check> all() {
        return List.of(
                new Check("P-0206", QUERY, PartnerChecks::activityUnsaid),
                new Check("P-0301", STOP, PartnerChecks::notTheWhole),
                new Check("P-0303", STOP, PartnerChecks::undatedChange),
                new Check("P-0305", NOTE, PartnerChecks::allocatedSpecially),
                new Check("P-0306", STOP, PartnerChecks::section179Barred),
                new Check("P-0307", QUERY, PartnerChecks::prorated),
                new Check("P-0309", STOP, PartnerChecks::alone),
                new Check("P-0312", QUERY, PartnerChecks::roleUnsaid),
                new Check("P-0401", QUERY, PartnerChecks::memberUnsaid));
    }

    private static boolean isPartner(Examination look, String owner) {
        return look.calculation()
                .value(LineId.of("1065/K-1/W/held").in(owner))
                .filter(value -> value.amount().isPositive())
                .isPresent();
    }

    private static String answer(Examination look, String line, String owner) {
        return look.calculation()
                .value(LineId.of(line).in(owner))
                .map(value -> value.value().plain())
                .orElse("");
    }

    /** Partners whose register says a word in a column. */
    private static List<String> partners(Examination look, String column, String... words) {
        return look.rows("OWNERS/" + column).stream()
                .filter(value -> Set.of(words).contains(value.value().plain()))
                .map(value -> value.key().instance())
                .filter(owner -> isPartner(look, owner))
                .toList();
    }

    private static List<Found> activityUnsaid(Examination look) {
        return partners(look, "kind", "individual").stream()
                .filter(owner -> !answer(look, "OWNERS/role", owner).equals("general"))
                .filter(owner -> answer(look, "1065/K-1/active", owner).isEmpty())
                .map(owner -> new Found(
                        new Place.OnLine(LineId.of("1065/K-1/active").in(owner)),
                        "Say whether " + OwnerRegister.name(look.calculation(), owner)
                                + " takes an active part; the analysis by kind of partner depends on it.",
                        Answer.YES_OR_NO))
                .toList();
    }

    private static List<Holdings.Segment> held(Examination look, Measure measure) {
        return Positions.of(look.calculation(), measure).orElseThrow().segments();
    }

    /** Each share must be held by somebody, on every day of the year. */
    private static List<Found> notTheWhole(Examination look) {
        List<Found> found = new ArrayList<>();
        for (Measure measure : MEASURES) {
            for (Holdings.Segment days : held(look, measure)) {
                BigDecimal sum = BigDecimal.valueOf(days.total(), MILLIONTHS);
                if (sum.compareTo(WHOLE) != 0) {
                    boolean last = days.to().equals(look.period().end());
                    found.add(onLine(
                            "1065/K-1/J/" + measure.words() + (last ? "/end" : "/begin"),
                            "Shares of " + measure.words() + " from " + days.from() + " add to "
                                    + sum.stripTrailingZeros().toPlainString() + ". They must add to 100."));
                    break;
                }
            }
        }
        return found;
    }

    /** In each kind of partnership partners stand in one role, but for the general partners of a limited one. */
    private static List<Found> roleUnsaid(Examination look) {
        String usual = ROLES.entrySet().stream()
                .filter(kind -> look.says("1065/B/" + kind.getKey(), "yes"))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse("general, limited or member");
        return look.rows("1065/K-1/W/held").stream()
                .filter(partner -> partner.amount().isPositive()
                        && look.inRow("OWNERS/role", partner).isEmpty())
                .map(partner -> new Found(
                        new Place.OnLine(
                                LineId.of("OWNERS/role").in(partner.key().instance())),
                        "Say what "
                                + OwnerRegister.name(
                                        look.calculation(), partner.key().instance())
                                + " is; in this kind of partnership usually " + usual + ".",
                        Answer.TYPE))
                .toList();
    }

    private static List<Found> undatedChange(Examination look) {
        if (!changesWithin(look).isEmpty()) {
            return List.of();
        }
        List<Found> found = new ArrayList<>();
        for (String measure : List.of("profit", "loss", "capital")) {
            for (LineValue begin : look.rows("OWNERS/" + measure + "Begin")) {
                String end =
                        answer(look, "OWNERS/" + measure + "End", begin.key().instance());
                if (!end.isEmpty()
                        && new BigDecimal(end)
                                        .compareTo(new BigDecimal(begin.value().plain()))
                                != 0) {
                    found.add(Found.at(
                            new Place.OnLine(begin.key()),
                            "The share of " + measure + " of "
                                    + OwnerRegister.name(
                                            look.calculation(), begin.key().instance())
                                    + " changed, but no date is recorded. Add it to the changes of ownership."));
                }
            }
        }
        return found;
    }

    /** Rows of changes within the year. */
    private static List<LineValue> changesWithin(Examination look) {
        return look.rows("OWNERSHIP/date").stream()
                .filter(date -> OwnershipChanges.isWithin(
                        look.period(), LocalDate.parse(date.value().plain())))
                .toList();
    }

    private static List<Found> allocatedSpecially(Examination look) {
        return look.rows("ALLOCATIONS/line").stream()
                .map(line -> line.value().plain())
                .distinct()
                .map(line -> new Found(
                        new Place.AtStation(Station.OWNERS, "allocations"),
                        line + " is allocated specially. Check it against the agreement (section 704(b)).",
                        Answer.GO_THERE))
                .toList();
    }

    private static List<Found> section179Barred(Examination look) {
        if (!look.amount("1065/K/12").isPositive()) {
            return List.of();
        }
        return partners(look, "kind", WITHOUT_179.toArray(String[]::new)).stream()
                .map(owner -> onLine(
                        "1065/K/12",
                        "A trust or estate cannot take section 179. Lower line 12 by the share of "
                                + OwnerRegister.name(look.calculation(), owner) + " or allocate it specially."))
                .toList();
    }

    private static List<Found> prorated(Examination look) {
        if (look.has("1065/706/method")) {
            return List.of();
        }
        String changes = changesWithin(look).stream()
                .map(date -> OwnerRegister.name(look.calculation(), look.inRow("OWNERSHIP/owner", date)) + " on "
                        + date.value().plain())
                .collect(Collectors.joining(", "));
        return changes.isEmpty()
                ? List.of()
                : List.of(new Found(
                        Place.line("1065/706/method"),
                        "Shares changed: " + changes + ". Daily proration was used; confirm it with the word "
                                + "proration, or type interim and what each part of the year brought.",
                        Answer.TYPE));
    }

    private static List<Found> alone(Examination look) {
        Map<Measure, List<Holdings.Segment>> held = new EnumMap<>(Measure.class);
        MEASURES.forEach(measure -> held.put(measure, held(look, measure)));
        for (Holdings.Segment days : held.getOrDefault(Measure.CAPITAL, List.of())) {
            long partners = held.values().stream()
                    .flatMap(List::stream)
                    .filter(other ->
                            !other.from().isAfter(days.from()) && !other.to().isBefore(days.from()))
                    .flatMap(other -> other.positions().entrySet().stream())
                    .filter(position -> position.getValue() > 0)
                    .map(Map.Entry::getKey)
                    .distinct()
                    .count();
            if (partners < 2) {
                return List.of(onLine(
                        "1065/K-1/J/profit/end",
                        "A partnership needs two partners on each day; " + days.from() + " shows " + partners
                                + ". List the partners with their shares at Owners."));
            }
        }
        return List.of();
    }

    private static List<Found> memberUnsaid(Examination look) {
        return partners(look, "role", "member").stream()
                .filter(owner -> List.of("individual", "disregarded").contains(answer(look, "OWNERS/kind", owner)))
                .filter(owner -> answer(look, "1065/K-1/se", owner).isEmpty())
                .map(owner -> Found.at(
                        new Place.OnLine(LineId.of("1065/K-1/se").in(owner)),
                        "Say whether " + OwnerRegister.name(look.calculation(), owner)
                                + " is treated as a general or a limited partner for self-employment tax."))
                .toList();
    }
}
