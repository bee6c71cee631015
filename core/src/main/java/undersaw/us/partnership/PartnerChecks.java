package undersaw.us.partnership;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import undersaw.calc.LineValue;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.engagement.Station;
import undersaw.line.LineId;
import undersaw.owners.OwnerRegister;
import undersaw.owners.OwnershipChanges;

/** Checks of the partners, of what they hold, and of special allocations. */
final class PartnerChecks {
    private static final BigDecimal WHOLE = BigDecimal.valueOf(100);
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

    /** Each share must be held by somebody, in each stretch of the year that its boxes show. */
    private static List<Found> notTheWhole(Examination look) {
        List<Found> found = new ArrayList<>();
        for (OwnerRegister.Share share : OwnerRegister.SHARES) {
            String end = share.line().within();
            boolean begins = end.endsWith("Begin");
            String measure = end.substring(0, end.length() - (begins ? "Begin" : "End").length());
            LineId held = LineId.of("1065/K-1/J/" + measure + (begins ? "/begin" : "/end"));
            BigDecimal sum = look.rows(held.text()).stream()
                    .map(value -> new BigDecimal(value.value().plain()))
                    .reduce(BigDecimal.ZERO, BigDecimal::add);
            if (sum.compareTo(WHOLE) != 0) {
                found.add(onLine(
                        held.text(),
                        "Shares of " + share.words() + " of the year add to "
                                + sum.stripTrailingZeros().toPlainString() + ". They must add to 100."));
            }
        }
        return found;
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
        return changesWithin(look).stream()
                .map(date -> {
                    String owner = look.inRow("OWNERSHIP/owner", date);
                    return Found.at(
                            new Place.AtStation(Station.OWNERS, "ownership"),
                            OwnerRegister.name(look.calculation(), owner) + " changed on "
                                    + date.value().plain()
                                    + ". Daily proration was used; confirm that the agreement says so.");
                })
                .toList();
    }

    private static List<Found> alone(Examination look) {
        long partners = look.rows("1065/K-1/W/held").stream()
                .filter(value -> value.amount().isPositive())
                .count();
        return partners < 2
                ? List.of(onLine(
                        "1065/K-1/J/profit/end",
                        "A partnership needs two partners; " + partners + " is listed with a share."))
                : List.of();
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
