package undersaw.money;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Divides whole units by weights so that the parts come to the whole: each part is rounded down, and what is left goes
 * by ones to the largest remainders, equal ones in their order (the method of Hamilton, common practice, no source).
 */
public final class LargestRemainder {
    private LargestRemainder() {}

    /**
     * The parts of a whole, in the order of the weights; a weight of zero gets nothing.
     *
     * @param whole units to divide; parts of a whole below zero are below zero
     * @param weights zero or more each
     * @throws IllegalArgumentException when a weight is below zero, or all are zero and the whole is not
     */
    public static long[] parts(long whole, List<BigInteger> weights) {
        BigInteger total = total(whole, weights);
        long[] parts = new long[weights.size()];
        if (whole == 0) {
            return parts;
        }
        BigInteger units = BigInteger.valueOf(whole).abs();
        BigInteger[] left = new BigInteger[weights.size()];
        long open = units.longValueExact();
        for (int i = 0; i < parts.length; i++) {
            BigInteger[] found = units.multiply(weights.get(i)).divideAndRemainder(total);
            parts[i] = found[0].longValueExact();
            left[i] = found[1];
            open -= parts[i];
        }
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < parts.length; i++) {
            if (left[i].signum() > 0) {
                order.add(i);
            }
        }
        order.sort(Comparator.comparing((Integer at) -> left[at]).reversed());
        for (int i = 0; i < open; i++) {
            parts[order.get(i)]++;
        }
        if (whole < 0) {
            for (int i = 0; i < parts.length; i++) {
                parts[i] = -parts[i];
            }
        }
        return parts;
    }

    /**
     * The parts where one of them takes what rounding leaves: all others are rounded half up, away from zero.
     *
     * @param taker who takes the rest; without a weight of its own the largest remainders decide as ever
     */
    public static long[] parts(long whole, List<BigInteger> weights, int taker) {
        BigInteger total = total(whole, weights);
        if (whole == 0 || weights.get(taker).signum() == 0) {
            return parts(whole, weights);
        }
        BigInteger units = BigInteger.valueOf(whole).abs();
        long[] parts = new long[weights.size()];
        long others = 0;
        for (int i = 0; i < parts.length; i++) {
            if (i != taker) {
                BigInteger twice = units.multiply(weights.get(i)).shiftLeft(1).add(total);
                parts[i] = Long.signum(whole) * twice.divide(total.shiftLeft(1)).longValueExact();
                others += parts[i];
            }
        }
        parts[taker] = whole - others;
        return parts;
    }

    private static BigInteger total(long whole, List<BigInteger> weights) {
        BigInteger total = BigInteger.ZERO;
        for (BigInteger weight : weights) {
            if (weight.signum() < 0) {
                throw new IllegalArgumentException("found a weight of " + weight + ", expected none below zero");
            }
            total = total.add(weight);
        }
        if (total.signum() == 0 && whole != 0) {
            throw new IllegalArgumentException("found weights that total nothing for a whole of " + whole);
        }
        return total;
    }
}
