package undersaw.us.scorporation;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import undersaw.calc.LineValue;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.line.LineId;
import undersaw.money.Money;

/** Checks of Schedule M-2 and of what was distributed. */
final class DistributionChecks {
    private static final Map<String, String> COLUMNS = Map.of(
            "a", "adjustments account",
            "b", "previously taxed income",
            "c", "accumulated earnings and profits",
            "d", "other adjustments account");
    private static final BigDecimal HUNDREDTH = new BigDecimal("0.01");
    private static final int DIGITS = 12;

    private DistributionChecks() {}

    static List<Check> all() {
        return List.of(
                when(
                        "S-0501",
                        QUERY,
                        DistributionChecks::outOfProportion,
                        look -> onLine(
                                "1120-S/K/16d",
                                "Distributions are not in proportion to shares. Check for a second class of stock.")),
                new Check("S-0502", STOP, DistributionChecks::openingsMoved),
                when(
                        "S-0503",
                        STOP,
                        look -> look.amount("1120-S/M-2/7/a").compareTo(look.amount("1120-S/AAA/5")) > 0,
                        look -> onLine(
                                "1120-S/M-2/7/a", "Distributions may not make the adjustments account negative.")),
                when(
                        "S-0504",
                        QUERY,
                        look -> look.amount("1120-S/M-2/7/c").isPositive(),
                        look -> onLine(
                                "1120-S/K/17c",
                                look.amount("1120-S/M-2/7/c").printed()
                                        + " is a dividend: Form 1099-DIV, not Schedule K-1.")),
                when(
                        "S-0505",
                        NOTE,
                        look -> look.amount("1120-S/AAA/11").isPositive(),
                        look -> onLine(
                                "1120-S/AAA/11",
                                look.amount("1120-S/AAA/11").printed() + " was paid out beyond all accounts.")),
                when(
                        "S-0508",
                        QUERY,
                        look -> look.isTyped("1120-S/M-2/1/c")
                                && look.amount("1120-S/M-2/1/c").isPositive()
                                && !AnswerChecks.wasFormedBeforeElection(look),
                        look -> onLine("1120-S/M-2/1/c", "Accumulated E&P appears without a C year.")));
    }

    /** Paid for each share at the end of the year, within a hundredth of the others. */
    private static boolean outOfProportion(Examination look) {
        BigDecimal least = null;
        BigDecimal most = null;
        for (LineValue shares : look.rows("1120-S/K-1/G")) {
            BigDecimal held = new BigDecimal(shares.value().plain());
            Money paid = look.calculation()
                    .value(LineId.of("1120-S/DIST/recorded").in(shares.key().instance()))
                    .map(LineValue::amount)
                    .orElse(Money.ZERO);
            if (held.signum() > 0) {
                BigDecimal each = paid.toDecimal().divide(held, DIGITS, RoundingMode.HALF_UP);
                least = least == null ? each : least.min(each);
                most = most == null ? each : most.max(each);
            }
        }
        return most != null && most.signum() > 0 && most.subtract(least).compareTo(most.multiply(HUNDREDTH)) > 0;
    }

    private static List<Found> openingsMoved(Examination look) {
        List<Found> found = new ArrayList<>();
        for (String column : COLUMNS.keySet().stream().sorted().toList()) {
            Optional<Money> before = look.snapshot().prior().amount(LineId.of("1120-S/M-2/8/" + column));
            Money now = look.amount("1120-S/M-2/1/" + column);
            if (before.isPresent() && !before.get().equals(now)) {
                found.add(onLine(
                        "1120-S/M-2/1/" + column,
                        "Opening " + COLUMNS.get(column) + " of " + now.printed() + " is not last year's "
                                + before.get().printed() + "."));
            }
        }
        return found;
    }
}
