package undersaw.us.corporation;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import undersaw.form.MapTarget;
import undersaw.ledger.Treatment;
import undersaw.line.LineId;
import undersaw.money.Money;

/** The places that accounts can be mapped to, and the worksheets that collect what other forms compute. */
final class CorporationTargets {
    private static final LineId DEPRECIATION = LineId.of("1120/W-M1/1");
    private static final LineId AMORTIZATION = LineId.of("1120/W-M1/2");
    private static final LineId DISPOSALS = LineId.of("1120/W-M1/3");
    private static final LineId CAPITAL_ASSETS = LineId.of("1120/W-M1/4");
    private static final LineId START_UP = LineId.of("1120/W-195/1");
    private static final LineId ORGANIZATION = LineId.of("1120/W-248/1");
    private static final LineId GIFTS = LineId.of("1120/W-CHAR/1");

    /** Lines whose figure other forms find, whatever the treatment says. */
    private static final Map<String, LineId> BY_LINE = Map.of(
            "1120/8", CAPITAL_ASSETS,
            "1120/9", DISPOSALS,
            "1120/19", GIFTS,
            "1120/20", DEPRECIATION);

    private static final Map<String, LineId> BY_TREATMENT = Map.of(
            "depreciation-books", DEPRECIATION,
            "amortization-books", AMORTIZATION,
            "disposal-books", DISPOSALS,
            "capital-books", CAPITAL_ASSETS,
            "charitable", GIFTS,
            "start-up-195", START_UP,
            "organizational", ORGANIZATION);

    private final Map<LineId, MapTarget> targets = new HashMap<>();

    CorporationTargets(List<MapTarget> all) {
        all.forEach(target -> targets.put(target.id(), target));
    }

    @Nullable
    MapTarget find(LineId line) {
        return targets.get(line);
    }

    boolean isFoundElsewhere(LineId line) {
        return BY_LINE.containsKey(line.text());
    }

    /** The worksheet line that collects the account; nothing where inventories do its work. */
    Optional<LineId> poolOf(Treatment treatment, LineId line) {
        return Optional.ofNullable(BY_TREATMENT.getOrDefault(treatment.id(), BY_LINE.get(line.text())));
    }

    /** The balance in the sign of that worksheet line: gains are credits, all others debits. */
    Money pool(Treatment treatment, LineId line, Money balance) {
        LineId pool = poolOf(treatment, line).orElse(DEPRECIATION);
        return pool.equals(DISPOSALS) || pool.equals(CAPITAL_ASSETS) ? balance.negated() : balance;
    }
}
