package undersaw.owners;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import undersaw.form.formula.MemberFigures;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;

/**
 * The special allocations of one line, or of one property's line: amounts are given as they stand, percentages divide
 * what they leave, and without any what is left goes nowhere.
 *
 * @param amounts by owner
 * @param percents by owner, in millionths
 */
record Special(Map<String, Money> amounts, Map<String, BigInteger> percents) {
    private static final int DECIMALS = 6;

    /** All of them, by the place that they divide. */
    static Map<LineKey, Special> all(MemberFigures members) {
        return members.once(Allocations.ROWS, () -> read(members));
    }

    private static Map<LineKey, Special> read(MemberFigures members) {
        Map<LineKey, Special> all = new HashMap<>();
        for (String row : members.of(Allocations.ROWS)) {
            String named = members.answer(Allocations.LINE, row);
            String owner = members.answer(Allocations.OWNER, row);
            if (LineId.isShaped(named) && !owner.isEmpty()) {
                LineKey place = LineId.of(named).in(members.answer(Allocations.INSTANCE, row));
                all.computeIfAbsent(place, unused -> new Special(new HashMap<>(), new HashMap<>()))
                        .add(members, row, owner);
            }
        }
        return all;
    }

    private void add(MemberFigures members, String row, String owner) {
        String percent = members.answer(Allocations.PERCENT, row);
        if (!percent.isEmpty()) {
            percents.merge(
                    owner, new BigDecimal(percent).movePointRight(DECIMALS).toBigInteger(), BigInteger::add);
        } else if (!members.answer(Allocations.AMOUNT, row).isEmpty()) {
            amounts.merge(owner, members.amount(Allocations.AMOUNT, row), Money::plus);
        }
    }

    private Money given() {
        return Money.sum(amounts.values());
    }

    private WholeParts byPercent(List<String> owners) {
        return new WholeParts(
                owners,
                owners.stream()
                        .map(owner -> percents.getOrDefault(owner, BigInteger.ZERO))
                        .toList());
    }

    /** Cents for each owner. */
    Map<String, Long> of(List<String> owners, Money whole, OddUnits odd) {
        Map<String, Long> parts = new HashMap<>(byPercent(owners).of(whole.minus(given()), odd));
        amounts.forEach((owner, amount) -> parts.merge(owner, amount.cents(), Long::sum));
        return parts;
    }

    /** How one owner's part was found. */
    List<String> steps(List<String> owners, Money whole, OddUnits odd, String owner) {
        List<String> steps = new ArrayList<>();
        steps.add("special allocations: amounts of " + given().printed() + " first, what is left is "
                + whole.minus(given()).printed());
        Money own = amounts.get(owner);
        if (own != null) {
            steps.add("an amount of " + own.printed());
        }
        steps.addAll(byPercent(owners).steps(whole.minus(given()), odd, owner));
        return steps;
    }
}
