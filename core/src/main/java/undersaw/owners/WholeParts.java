package undersaw.owners;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import undersaw.money.LargestRemainder;
import undersaw.money.Money;

/**
 * Amounts divided among owners in whole units.
 *
 * @param owners in their order
 * @param weights of each, none below zero
 */
record WholeParts(List<String> owners, List<BigInteger> weights) {
    private static final int PLACES = 6;

    /**
     * How one owner's part of an amount was found.
     *
     */
    List<String> steps(Money amount, OddUnits odd, String owner) {
        BigInteger total = weights.stream().reduce(BigInteger.ZERO, BigInteger::add);
        int at = owners.indexOf(owner);
        if (total.signum() == 0 || at < 0) {
            return List.of();
        }
        BigDecimal share = new BigDecimal(weights.get(at))
                .movePointRight(2)
                .divide(new BigDecimal(total), PLACES, RoundingMode.HALF_UP);
        BigDecimal exact = amount.toDecimal()
                .multiply(new BigDecimal(weights.get(at)))
                .divide(new BigDecimal(total), 2, RoundingMode.HALF_UP);
        long part = of(amount, odd).getOrDefault(owner, 0L);
        boolean isTaker = owner.equals(odd.taker());
        return List.of(
                plain(share) + " percent of " + amount.printed() + " is " + plain(exact),
                "in whole dollars " + Money.ofCents(part).printed()
                        + (isTaker
                                ? ": what the others leave"
                                : ": rounded down, odd dollars to the largest remainders, equal ones by their order"));
    }

    private static String plain(BigDecimal number) {
        return number.stripTrailingZeros().toPlainString();
    }

    /**
     * Cents for each owner; nobody gets anything where nobody weighs anything.
     */
    Map<String, Long> of(Money amount, OddUnits odd) {
        long whole = odd.unit().units(amount);
        if (whole == 0 || weights.stream().allMatch(weight -> weight.signum() == 0)) {
            return Map.of();
        }
        int at = odd.taker().isEmpty() ? -1 : owners.indexOf(odd.taker());
        long[] parts = at < 0 ? LargestRemainder.parts(whole, weights) : LargestRemainder.parts(whole, weights, at);
        Map<String, Long> divided = new HashMap<>();
        for (int i = 0; i < parts.length; i++) {
            divided.put(owners.get(i), odd.unit().of(parts[i]).cents());
        }
        return divided;
    }
}
