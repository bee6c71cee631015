package undersaw.owners;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import undersaw.money.Money;

/**
 * The pieces of an amount, each of which goes to owners by weights of its own: parts of a year whose books were closed,
 * single days, or one piece alone.
 *
 * <p>Pieces of one sign are put together as exact shares, and come to whole units once; pieces of both signs each by
 * itself.
 *
 * @param owners in their order
 * @param pieces of the amount
 */
record Pieces(List<String> owners, List<Piece> pieces) {
    /**
     * One piece.
     *
     * @param when which part of the year it belongs to, in words
     * @param amount of it
     * @param weights of the owners, none below zero
     * @param held what an owner's weight rests on, one sentence for each stretch of days
     */
    record Piece(String when, Money amount, List<BigInteger> weights, Told held) {}

    /** What an owner's weight rests on. */
    interface Told {
        List<String> of(String owner);
    }

    Money whole() {
        return Money.sum(pieces.stream().map(Piece::amount).toList());
    }

    boolean isOfOneSign() {
        return pieces.stream().map(Piece::amount).noneMatch(Money::isNegative)
                || pieces.stream().map(Piece::amount).noneMatch(Money::isPositive);
    }

    /** What each owner weighs in all pieces together; pieces of both signs cannot be told in one weight. */
    List<BigInteger> weights() {
        if (pieces.size() == 1) {
            return pieces.get(0).weights();
        }
        BigInteger common = BigInteger.ONE;
        for (Piece piece : pieces) {
            BigInteger total = total(piece);
            common = common.multiply(total).divide(common.gcd(total));
        }
        List<BigInteger> sums =
                new ArrayList<>(owners.stream().map(owner -> BigInteger.ZERO).toList());
        for (Piece piece : pieces) {
            BigInteger factor = BigInteger.valueOf(piece.amount().abs().cents()).multiply(common.divide(total(piece)));
            for (int i = 0; i < sums.size(); i++) {
                sums.set(i, sums.get(i).add(factor.multiply(piece.weights().get(i))));
            }
        }
        return sums;
    }

    private static BigInteger total(Piece piece) {
        return piece.weights().stream().reduce(BigInteger.ZERO, BigInteger::add).max(BigInteger.ONE);
    }

    /** Cents for each owner. */
    Map<String, Long> of(OddUnits odd) {
        if (isOfOneSign()) {
            return together().of(whole(), odd);
        }
        Map<String, Long> parts = new HashMap<>();
        for (Piece piece : pieces) {
            new WholeParts(owners, piece.weights())
                    .of(piece.amount(), odd)
                    .forEach((owner, part) -> parts.merge(owner, part, Long::sum));
        }
        return parts;
    }

    private WholeParts together() {
        return new WholeParts(owners, weights());
    }

    /** How one owner's part was found. */
    List<String> steps(OddUnits odd, String owner) {
        List<String> steps = new ArrayList<>();
        for (Piece piece : pieces) {
            if (pieces.size() > 1) {
                steps.add(piece.when() + ": " + piece.amount().printed());
            }
            steps.addAll(piece.held().of(owner));
            if (!isOfOneSign()) {
                steps.addAll(new WholeParts(owners, piece.weights()).steps(piece.amount(), odd, owner));
            }
        }
        if (isOfOneSign()) {
            steps.addAll(together().steps(whole(), odd, owner));
        }
        return steps;
    }
}
