package undersaw.us.partnership;

import static undersaw.check.Severity.STOP;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import undersaw.calc.LineValue;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.engagement.Station;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.owners.OwnerRegister;
import undersaw.owners.Weighed;
import undersaw.us.passthrough.K1Boxes;

/** Whether special allocations use up what they divide, name partners, and stand on lines that are divided. */
final class AllocationChecks {
    private static final String CODE = "P-0302";
    private static final BigDecimal WHOLE = BigDecimal.valueOf(100);

    /** Depreciation is allocated as page 1 counts it, without what is in the cost of goods. */
    private static final Map<LineId, LineId> COUNTED = Map.of(LineId.of("1065/16a"), LineId.of("1065/16c"));

    private static final LineId OF_PROPERTY = LineId.of("8825/17");

    private AllocationChecks() {}

    static List<Check> all() {
        return List.of(new Check(CODE, STOP, AllocationChecks::look));
    }

    /** The rows of one line, or of one property. */
    private static final class Rows {
        private Money amounts = Money.ZERO;
        private BigDecimal percents = BigDecimal.ZERO;
        private boolean anyAmount;
        private boolean anyPercent;

        /** Takes a row in; tells whether it says one thing only. */
        boolean add(Examination look, LineValue line) {
            String percent = look.inRow("ALLOCATIONS/percent", line);
            String amount = look.inRow("ALLOCATIONS/amount", line);
            if (!percent.isEmpty()) {
                anyPercent = true;
                percents = percents.add(new BigDecimal(percent));
            } else if (!amount.isEmpty()) {
                anyAmount = true;
                amounts = amounts.plus(Money.parse(amount));
            }
            return percent.isEmpty() || amount.isEmpty();
        }
    }

    private static List<Found> look(Examination look) {
        List<Found> found = new ArrayList<>();
        Map<LineKey, Rows> all = new TreeMap<>();
        Set<LineId> divided =
                K1Boxes.divisions(look).stream().map(Weighed::line).collect(Collectors.toSet());
        for (LineValue line : look.rows("ALLOCATIONS/line")) {
            String named = line.value().plain();
            String owner = look.inRow("ALLOCATIONS/owner", line);
            if (!LineId.isShaped(named) || !isDivided(divided, LineId.of(named))) {
                found.add(at(named + " is no line that is divided among the partners. Name a line of Schedule K, "
                        + "8825/17 with its property, or 1065/16a."));
            } else if (!look.calculation().members(OwnerRegister.ROWS).contains(owner)) {
                found.add(at("The special allocation of " + named + " names " + (owner.isEmpty() ? "nobody" : owner)
                        + ", who is not in the register of owners."));
            } else {
                LineKey place = LineId.of(named).in(look.inRow("ALLOCATIONS/instance", line));
                if (!all.computeIfAbsent(place, unused -> new Rows()).add(look, line)) {
                    found.add(at(
                            "A special allocation of " + place + " has a percentage and an amount. Keep one of them."));
                }
            }
        }
        all.forEach((place, rows) -> left(look, place, rows, found));
        return found;
    }

    private static boolean isDivided(Set<LineId> divided, LineId line) {
        return COUNTED.containsKey(line) || line.equals(OF_PROPERTY) || divided.contains(line);
    }

    private static void left(Examination look, LineKey place, Rows rows, List<Found> found) {
        Money left = amount(look, place).minus(rows.amounts);
        if (rows.anyPercent && rows.percents.compareTo(WHOLE) != 0) {
            found.add(Found.at(
                    Place.line(place.line()),
                    "Percentages of the special allocation of " + place + " add to "
                            + rows.percents.stripTrailingZeros().toPlainString() + ". They must add to 100."));
        } else if (!rows.anyPercent && rows.anyAmount && !left.isZero()) {
            found.add(Found.at(
                    Place.line(place.line()),
                    "Special allocations of " + place + " leave " + left.printed()
                            + ". Give a percentage for the rest or correct the amounts."));
        }
    }

    private static Money amount(Examination look, LineKey place) {
        if (place.line().equals(OF_PROPERTY)) {
            return look.calculation().value(place).map(LineValue::amount).orElse(Money.ZERO);
        }
        return look.calculation().amount(COUNTED.getOrDefault(place.line(), place.line()));
    }

    private static Found at(String message) {
        return Found.at(new Place.AtStation(Station.OWNERS, "allocations"), message);
    }
}
