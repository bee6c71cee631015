package undersaw.us.corporation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntPredicate;
import undersaw.calc.Calculation;
import undersaw.ledger.Carryover;
import undersaw.ledger.CarryoverKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.returns.CarryoverYear;
import undersaw.returns.CarryoverYear.Worksheet;

/**
 * What a corporation's year takes from earlier years and leaves to later ones, oldest used first (IRC 170(d)(2),
 * 163(j)(2), 172(b), 179(b)(3), 1212(a); from memory).
 *
 * <p>This year's gifts are deducted before those carried; a year that can no longer be used next year has expired.
 */
final class CorporationCarryforwards {
    private static final int GIFTS_LAST = 5;
    private static final int CAPITAL_LOSSES_LAST = 5;
    private static final int OLD_LOSSES_LAST = 20;
    private static final int LOSSES_WITHOUT_END_SINCE = 2018;

    private CorporationCarryforwards() {}

    /** What is left, without kinds of which nothing is used here. */
    static List<Carryover> of(Calculation calculation) {
        List<Carryover> left = new ArrayList<>();
        years(calculation).stream()
                .filter(each -> each.left().isPositive())
                .forEach(each -> left.add(new Carryover(each.kind(), each.year(), each.left())));
        calculation.snapshot().lists().carryovers().stream()
                .filter(each -> switch (each.kind()) {
                    case GENERAL_CREDIT -> true;
                    default -> false;
                })
                .forEach(left::add);
        return List.copyOf(left);
    }

    /** Each year of origin with its use. */
    static List<CarryoverYear> years(Calculation calculation) {
        int year = calculation.snapshot().heading().period().lawYear();
        Money given = line(calculation, "W-CHAR/1");
        Money deducted = line(calculation, "19");
        List<CarryoverYear> years = new ArrayList<>();
        Kind losses = new Kind(
                CarryoverKind.NOL,
                worksheet("W-NOL", "1120/W-NOL/2", "1120/W-NOL/10"),
                origin -> origin < LOSSES_WITHOUT_END_SINCE && origin + OLD_LOSSES_LAST < year + 1);
        // gifts that the deduction crowds out stay in the loss (IRC 170(d)(2)(B), 172(b)(2))
        Money stays = line(calculation, "W-CHAR/11");
        years.addAll(
                used(calculation, losses, line(calculation, "29a").minus(stays).notBelowZero()));
        add(years, losses, year, line(calculation, "W-NOL/11"));
        Kind gifts = new Kind(
                CarryoverKind.CHARITABLE,
                worksheet("W-CHAR", "1120/W-CHAR/2", "1120/W-CHAR/10"),
                origin -> origin + GIFTS_LAST < year + 1);
        years.addAll(used(calculation, gifts, deducted.minus(given).notBelowZero()));
        add(years, gifts, year, given.minus(deducted).minus(stays).notBelowZero());
        Kind capital = new Kind(
                CarryoverKind.CAPITAL_LOSS,
                worksheet("W-CAP", "1120/W-CAP/1", "1120/W-CAP/5"),
                origin -> origin + CAPITAL_LOSSES_LAST < year + 1);
        years.addAll(used(calculation, capital, line(calculation, "W-CAP/3")));
        add(years, capital, year, line(calculation, "W-CAP/5"));
        years.addAll(interest(calculation, year));
        years.addAll(section179(calculation, year));
        return List.copyOf(years);
    }

    /** Interest that the limit lets through is this year's first (IRC 163(j)(2)); none of it ends. */
    private static List<CarryoverYear> interest(Calculation calculation, int year) {
        Kind kind = new Kind(CarryoverKind.INTEREST_163J, worksheet("8990", "8990/2", "8990/31"), origin -> false);
        Money ofTheYear = calculation.amount(LineId.of("8990/5")).minus(calculation.amount(LineId.of("8990/2")));
        Money allowed = calculation.amount(LineId.of("8990/30"));
        List<CarryoverYear> years =
                new ArrayList<>(used(calculation, kind, allowed.minus(ofTheYear).notBelowZero()));
        add(years, kind, year, ofTheYear.minus(allowed).notBelowZero());
        return years;
    }

    /** Section 179: this year's election before what was carried (Reg. 1.179-3); none of it ends. */
    private static List<CarryoverYear> section179(Calculation calculation, int year) {
        Kind kind = new Kind(CarryoverKind.SECTION_179, worksheet("4562", "4562/10", "4562/13"), origin -> false);
        Money elected = calculation.amount(LineId.of("4562/9"));
        Money deducted = calculation.amount(LineId.of("4562/12"));
        List<CarryoverYear> years =
                new ArrayList<>(used(calculation, kind, deducted.minus(elected).notBelowZero()));
        add(years, kind, year, elected.minus(deducted).notBelowZero());
        return years;
    }

    /** One kind of carryover: its worksheet, and which years of origin end with this year. */
    private record Kind(CarryoverKind kind, Worksheet worksheet, IntPredicate ends) {}

    private static Worksheet worksheet(String part, String available, String carriedOn) {
        return new Worksheet(part, LineId.of(available), LineId.of(carriedOn));
    }

    private static Money line(Calculation calculation, String within) {
        return calculation.amount(LineId.of("1120/" + within));
    }

    private static List<CarryoverYear> used(Calculation calculation, Kind kind, Money used) {
        List<CarryoverYear> years = new ArrayList<>();
        Money toUse = used;
        for (Carryover each : calculation.snapshot().lists().carryovers().stream()
                .filter(carryover -> carryover.kind() == kind.kind())
                .sorted(Comparator.comparingInt(Carryover::year))
                .toList()) {
            Money available = each.amount().roundedToDollars();
            Money taken = available.min(toUse);
            toUse = toUse.minus(taken);
            Money expired = kind.ends().test(each.year()) ? available.minus(taken) : Money.ZERO;
            years.add(new CarryoverYear(kind.kind(), each.year(), available, taken, expired, kind.worksheet()));
        }
        return years;
    }

    private static void add(List<CarryoverYear> years, Kind kind, int year, Money amount) {
        if (amount.isPositive()) {
            years.add(new CarryoverYear(kind.kind(), year, amount, Money.ZERO, Money.ZERO, kind.worksheet()));
        }
    }
}
