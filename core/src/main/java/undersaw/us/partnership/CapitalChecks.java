package undersaw.us.partnership;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;

import java.util.ArrayList;
import java.util.List;
import undersaw.calc.LineValue;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.owners.OwnerRegister;

/** Checks of capital accounts and of the partners' shares of debts. */
final class CapitalChecks {
    private static final List<String> DEBTS = List.of("15", "16", "17", "18", "19a", "19b", "20");

    private CapitalChecks() {}

    static List<Check> all() {
        return List.of(
                when(
                        "P-0403",
                        QUERY,
                        look -> look.amount("1065/DEBT/generals").isZero()
                                && !look.amount("1065/DEBT/recourse/end").isZero(),
                        look -> onLine(
                                "1065/DEBT/recourse/end",
                                "Recourse debts have no general partner who bears them and are shown as nonrecourse. "
                                        + "Name a partner who guarantees one behind its account.")),
                new Check("P-0405", NOTE, CapitalChecks::negative),
                new Check("P-0406", QUERY, CapitalChecks::beyondCapital),
                when(
                        "P-0407",
                        QUERY,
                        look -> !leftOut(look).isZero(),
                        look -> onLine(
                                "1065/K-1/K/recourse/end",
                                "Item K leaves out " + leftOut(look).printed() + " of the liabilities on Schedule L.")),
                when(
                        "P-0611",
                        NOTE,
                        look -> !look.amount("1065/M-2/9").equals(look.amount("1065/L/21/d")),
                        look -> onLine(
                                "1065/M-2/9",
                                "Tax capital differs from book capital by "
                                        + look.amount("1065/M-2/9")
                                                .minus(look.amount("1065/L/21/d"))
                                                .printed()
                                        + "; state the reasons.")));
    }

    /** Liabilities of Schedule L that no partner has a share of. */
    private static Money leftOut(Examination look) {
        Money liabilities = Money.sum(
                DEBTS.stream().map(row -> look.amount("1065/L/" + row + "/d")).toList());
        Money shared = Money.sum(Liabilities.CLASSES.stream()
                .map(each -> look.calculation().rowTotal(LineId.of("1065/K-1/K/" + each + "/end")))
                .toList());
        Money apart = liabilities.minus(shared);
        return apart.abs().compareTo(Money.ofDollars(DEBTS.size())) > 0 ? apart : Money.ZERO;
    }

    private static List<Found> negative(Examination look) {
        return look.rows("1065/K-1/L/ending").stream()
                .filter(value -> value.amount().isNegative())
                .map(value -> Found.at(
                        new Place.OnLine(value.key()),
                        OwnerRegister.name(look.calculation(), value.key().instance())
                                + " ends with negative tax capital of "
                                + value.amount().printed() + ". Check basis and at-risk."))
                .toList();
    }

    private static List<Found> beyondCapital(Examination look) {
        List<Found> found = new ArrayList<>();
        for (LineValue withdrawn : look.rows("1065/K-1/L/withdrawals")) {
            String owner = withdrawn.key().instance();
            Money held = Money.ZERO;
            for (String line : List.of("L/beginning", "L/contributed", "L/net-income", "L/other")) {
                held = held.plus(amount(look, line, owner));
            }
            for (String each : Liabilities.CLASSES) {
                held = held.plus(amount(look, "K/" + each + "/end", owner));
            }
            if (withdrawn.amount().isPositive() && withdrawn.amount().compareTo(held) > 0) {
                found.add(Found.at(
                        new Place.OnLine(withdrawn.key()),
                        "Distributions to " + OwnerRegister.name(look.calculation(), owner)
                                + " exceed capital and share of debts: there may be gain."));
            }
        }
        return found;
    }

    private static Money amount(Examination look, String line, String owner) {
        return look.calculation()
                .value(LineId.of("1065/K-1/" + line).in(owner))
                .map(LineValue::amount)
                .orElse(Money.ZERO);
    }
}
