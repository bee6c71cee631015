package undersaw.us.partnership;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import undersaw.calc.LineValue;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.owners.OwnerRegister;
import undersaw.us.passthrough.LateCheck;

/** Checks of what partners were paid, of self-employment earnings, and of capital from year to year. */
final class PaymentChecks {
    private static final Set<String> PERSONS = Set.of("individual", "disregarded");
    private static final Set<String> RELIEVED = Set.of("individual", "estate", "disregarded", "");
    private static final int FEW = 10;
    private static final Money ROUNDED = Money.ofDollars(2);

    private PaymentChecks() {}

    static List<Check> all() {
        return List.of(
                new Check("P-0402", QUERY, PaymentChecks::paidForWhat),
                new Check("P-0404", QUERY, PaymentChecks::countedTwice),
                when(
                        "P-0408",
                        STOP,
                        look -> closedBefore(look)
                                .filter(closed -> !closed.equals(look.amount("1065/M-2/1")))
                                .isPresent(),
                        look -> onLine(
                                "1065/M-2/1",
                                "Opening capital of "
                                        + look.amount("1065/M-2/1").printed() + " is not last year's closing "
                                        + closedBefore(look).orElseThrow().printed()
                                        + ". Correct the partners' opening capital.")),
                new Check("P-0504", QUERY, PaymentChecks::noEarnings),
                when(
                        "P-0612",
                        QUERY,
                        look -> unexplained(look).abs().compareTo(ROUNDED) > 0,
                        look -> onLine(
                                "1065/M-2/9",
                                "The gap between tax and book capital moved by "
                                        + unexplained(look).printed()
                                        + " more than Schedule M-1 explains. Look for entries in capital accounts.")),
                when(
                        "P-0902",
                        NOTE,
                        look -> new LateCheck(PartnershipLines.LINES).isLate(look) && isRelieved(look),
                        look -> onLine(
                                "1065/28",
                                "The late penalty may be relieved: ten or fewer partners who reported in time "
                                        + "(Rev. Proc. 84-35).")));
    }

    private static Optional<Money> closedBefore(Examination look) {
        return look.snapshot().prior().amount(LineId.of("1065/M-2/9"));
    }

    private static List<Found> paidForWhat(Examination look) {
        return look.rows("1065/K-1/4a").stream()
                .filter(paid -> paid.amount().isPositive())
                .filter(paid -> look.inRow("OWNERS/role", paid).equals("limited")
                        && look.inRow("OWNERS/kind", paid).equals("individual")
                        && look.inRow("1065/K-1/4b", paid).matches("|0"))
                .map(paid -> Found.at(
                        new Place.OnLine(paid.key()),
                        "Guaranteed payments to " + name(look, paid)
                                + ", a limited partner, count for self-employment only as far as they pay for "
                                + "services. Say which pay for capital, or confirm."))
                .toList();
    }

    private static List<Found> countedTwice(Examination look) {
        return look.rows("1065/K-1/13/R").stream()
                .filter(paid -> paid.amount().isPositive()
                        && look.inRow("1065/K-1/19/A", paid)
                                .equals(paid.amount().toString()))
                .map(paid -> Found.at(
                        new Place.OnLine(paid.key()),
                        "The plan payment of " + name(look, paid) + " equals the draw and may be counted twice."))
                .toList();
    }

    private static List<Found> noEarnings(Examination look) {
        if (!look.amount("1065/K/14a").isZero() || look.amount("1065/SE/3a").isZero()) {
            return List.of();
        }
        return look.rows("OWNERS/role").stream()
                .filter(role ->
                        role.value().plain().equals("general") && PERSONS.contains(look.inRow("OWNERS/kind", role)))
                .limit(1)
                .map(role -> onLine(
                        "1065/K/14a",
                        "Self-employment earnings look wrong for " + name(look, role) + ": there are none."))
                .toList();
    }

    /** What moved the gap between the two kinds of capital, but for what Schedule M-1 tells. */
    private static Money unexplained(Examination look) {
        Money tax = look.amount("1065/M-2/9").minus(look.amount("1065/M-2/1"));
        Money book = look.amount("1065/L/21/d").minus(look.amount("1065/L/21/b"));
        Money differences = look.amount("1065/M-2/3")
                .plus(look.amount("1065/M-2/4"))
                .minus(look.amount("1065/M-2/7"))
                .minus(look.amount("1065/M-1/1"));
        return look.says("1065/B/4", "yes") ? Money.ZERO : tax.minus(book).minus(differences);
    }

    private static boolean isRelieved(Examination look) {
        List<LineValue> partners = look.rows("1065/K-1/W/held");
        return partners.size() <= FEW
                && look.rows("ALLOCATIONS/line").isEmpty()
                && partners.stream().allMatch(partner -> RELIEVED.contains(look.inRow("OWNERS/kind", partner)));
    }

    private static String name(Examination look, LineValue row) {
        return OwnerRegister.name(look.calculation(), row.key().instance());
    }
}
