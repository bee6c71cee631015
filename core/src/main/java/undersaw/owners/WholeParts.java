package undersaw.owners;

import java.math.BigInteger;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import undersaw.money.LargestRemainder;
import undersaw.money.Money;
import undersaw.money.Unit;

/**
 * Amounts divided among owners in whole units.
 *
 * @param owners in their order
 * @param weights of each, none below zero
 */
record WholeParts(List<String> owners, List<BigInteger> weights) {
    /**
     * Cents for each owner; nobody gets anything where nobody weighs anything.
     *
     * @param taker who takes what rounding leaves; empty, or an owner without weight, for the largest remainders
     */
    Map<String, Long> of(Money amount, Unit unit, String taker) {
        long whole = unit.units(amount);
        if (whole == 0 || weights.stream().allMatch(weight -> weight.signum() == 0)) {
            return Map.of();
        }
        int at = taker.isEmpty() ? -1 : owners.indexOf(taker);
        long[] parts = at < 0 ? LargestRemainder.parts(whole, weights) : LargestRemainder.parts(whole, weights, at);
        Map<String, Long> divided = new HashMap<>();
        for (int i = 0; i < parts.length; i++) {
            divided.put(owners.get(i), unit.of(parts[i]).cents());
        }
        return divided;
    }
}
