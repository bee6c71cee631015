package undersaw.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LargestRemainderTest {
    private static List<BigInteger> weights(String text) {
        return Arrays.stream(text.split(" ")).map(BigInteger::new).toList();
    }

    /** Three thirds of six decimals and equal halves, worked by rule (no source). */
    @ParameterizedTest
    @CsvSource({
        "100, 33333333 33333333 33333334, 33 33 34",
        "-100, 33333333 33333333 33333334, -33 -33 -34",
        "101, 33333333 33333333 33333334, 34 33 34",
        "1, 33333333 33333333 33333334, 0 0 1",
        "101, 50 50, 51 50",
        "7, 0 1 0, 0 7 0",
        "0, 0 0, 0 0",
        "99751, 4150050 5825050, 41501 58250",
    })
    void theLargestRemaindersTakeTheOddOnes(long whole, String weights, String parts) {
        assertThat(LargestRemainder.parts(whole, weights(weights))).containsExactly(longs(parts));
    }

    @ParameterizedTest
    @CsvSource({
        "101, 50 50, 1, 51 50",
        "101, 50 50, 0, 50 51",
        "-101, 50 50, 1, -51 -50",
        "100, 1 1 1, 2, 33 33 34",
        "101, 1 0 1, 1, 51 0 50",
    })
    void aNamedOneTakesTheRest(long whole, String weights, int taker, String parts) {
        assertThat(LargestRemainder.parts(whole, weights(weights), taker)).containsExactly(longs(parts));
    }

    private static long[] longs(String text) {
        return Arrays.stream(text.split(" ")).mapToLong(Long::parseLong).toArray();
    }

    @Test
    void whatCannotBeDividedIsRefused() {
        assertThatThrownBy(() -> LargestRemainder.parts(5, weights("0 0")))
                .hasMessage("found weights that total nothing for a whole of 5");
        assertThatThrownBy(() -> LargestRemainder.parts(5, weights("2 -1")))
                .hasMessage("found a weight of -1, expected none below zero");
        assertThatThrownBy(() -> LargestRemainder.parts(5, weights("0 0"), 0)).hasMessageContaining("total nothing");
    }

    /** Whatever is divided: the parts come to the whole, and none is a unit or more from its exact share. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void partsComeToTheWholeAndStayNearTheirShare(long seed) {
        Random chance = new Random(seed);
        for (int round = 0; round < 400; round++) {
            List<BigInteger> weights = new ArrayList<>();
            int count = 1 + chance.nextInt(12);
            for (int i = 0; i < count; i++) {
                weights.add(chance.nextInt(4) == 0 ? BigInteger.ZERO : new BigInteger(1 + chance.nextInt(90), chance));
            }
            weights.set(chance.nextInt(count), BigInteger.valueOf(1 + chance.nextInt(1000)));
            long whole = chance.nextLong(-1_000_000_000_000L, 1_000_000_000_000L);
            near(whole, weights, LargestRemainder.parts(whole, weights), -1);
            int taker = chance.nextInt(count);
            near(whole, weights, LargestRemainder.parts(whole, weights, taker), taker);
        }
    }

    private static void near(long whole, List<BigInteger> weights, long[] parts, int taker) {
        assertThat(Arrays.stream(parts).sum()).isEqualTo(whole);
        BigDecimal total = new BigDecimal(weights.stream().reduce(BigInteger.ZERO, BigInteger::add));
        for (int i = 0; i < parts.length; i++) {
            BigDecimal exact = BigDecimal.valueOf(whole)
                    .multiply(new BigDecimal(weights.get(i)))
                    .divide(total, 9, RoundingMode.HALF_UP);
            if (i != taker) {
                assertThat(exact.subtract(BigDecimal.valueOf(parts[i])).abs()).isLessThanOrEqualTo(BigDecimal.ONE);
            }
            if (weights.get(i).signum() == 0) {
                assertThat(parts[i]).isZero();
            }
        }
    }
}
