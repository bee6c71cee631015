package undersaw.us.corporation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import undersaw.calc.Calculation;
import undersaw.ledger.Carryover;
import undersaw.ledger.CarryoverKind;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * What a corporation's year leaves to later years, oldest used first (IRC 170(d)(2), 172(b), 1212(a); from memory).
 *
 * <p>This year's gifts are deducted before those carried; a year that can no longer be used next year is dropped.
 */
final class CorporationCarryforwards {
    private static final int GIFTS_LAST = 5;
    private static final int CAPITAL_LOSSES_LAST = 5;
    private static final int OLD_LOSSES_LAST = 20;
    private static final int LOSSES_WITHOUT_END_SINCE = 2018;

    private CorporationCarryforwards() {}

    static List<Carryover> of(Calculation calculation) {
        int year = calculation.snapshot().heading().period().lawYear();
        List<Carryover> left = new ArrayList<>();
        left.addAll(losses(calculation, year));
        left.addAll(gifts(calculation, year));
        left.addAll(capitalLosses(calculation, year));
        calculation.snapshot().lists().carryovers().stream()
                .filter(each -> switch (each.kind()) {
                    case NOL, CHARITABLE, CAPITAL_LOSS -> false;
                    default -> true;
                })
                .forEach(left::add);
        return List.copyOf(left);
    }

    private static List<Carryover> losses(Calculation calculation, int year) {
        List<Carryover> left = unused(calculation, CarryoverKind.NOL, line(calculation, "29a"));
        left.removeIf(each -> each.year() < LOSSES_WITHOUT_END_SINCE && each.year() + OLD_LOSSES_LAST < year + 1);
        add(left, CarryoverKind.NOL, year, line(calculation, "W-NOL/11"));
        return left;
    }

    private static List<Carryover> gifts(Calculation calculation, int year) {
        Money ofTheYear = line(calculation, "W-CHAR/1");
        Money deducted = line(calculation, "19");
        List<Carryover> left = unused(
                calculation, CarryoverKind.CHARITABLE, deducted.minus(ofTheYear).notBelowZero());
        left.removeIf(each -> each.year() + GIFTS_LAST < year + 1);
        add(left, CarryoverKind.CHARITABLE, year, ofTheYear.minus(deducted).notBelowZero());
        return left;
    }

    private static List<Carryover> capitalLosses(Calculation calculation, int year) {
        List<Carryover> left = unused(calculation, CarryoverKind.CAPITAL_LOSS, line(calculation, "W-CAP/3"));
        left.removeIf(each -> each.year() + CAPITAL_LOSSES_LAST < year + 1);
        add(left, CarryoverKind.CAPITAL_LOSS, year, line(calculation, "W-CAP/4"));
        return left;
    }

    private static Money line(Calculation calculation, String within) {
        return calculation.amount(LineId.of("1120/" + within));
    }

    private static List<Carryover> unused(Calculation calculation, CarryoverKind kind, Money used) {
        List<Carryover> left = new ArrayList<>();
        Money toUse = used;
        for (Carryover each : calculation.snapshot().lists().carryovers().stream()
                .filter(carryover -> carryover.kind() == kind)
                .sorted(Comparator.comparingInt(Carryover::year))
                .toList()) {
            Money taken = each.amount().min(toUse);
            toUse = toUse.minus(taken);
            add(left, kind, each.year(), each.amount().minus(taken));
        }
        return left;
    }

    private static void add(List<Carryover> list, CarryoverKind kind, int year, Money amount) {
        if (amount.isPositive()) {
            list.add(new Carryover(kind, year, amount));
        }
    }
}
