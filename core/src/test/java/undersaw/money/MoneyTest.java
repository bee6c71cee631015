package undersaw.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Rounding to whole dollars as the instructions allow: under 50 cents dropped, 50 to 99 raised (from memory). */
class MoneyTest {
    @ParameterizedTest
    @CsvSource({"0,0", "0.49,0", "0.50,1", "1.49,1", "1.50,2", "-0.49,0", "-0.50,-1", "-1.50,-2", "409.50,410"})
    void roundsHalfADollarAwayFromZero(String exact, String whole) {
        assertThat(Money.parse(exact).roundedToDollars()).isEqualTo(Money.parse(whole));
    }

    @ParameterizedTest
    @CsvSource({"1950,21,410", "1949,21,409", "100,23.3,23", "0,21,0", "-1950,21,-410"})
    void takesAShareStraightToWholeDollars(String base, String percent, String expected) {
        assertThat(Money.parse(base).timesInDollars(Percent.of(percent))).isEqualTo(Money.parse(expected));
    }

    @ParameterizedTest
    @CsvSource({"333.33,50,166.67", "-333.33,50,-166.67", "0.01,50,0.01"})
    void takesAShareInCents(String base, String percent, String expected) {
        assertThat(Money.parse(base).times(Percent.of(percent))).isEqualTo(Money.parse(expected));
    }

    @ParameterizedTest
    @ValueSource(strings = {"12,500", "1.234", "$5", "", "five", "1e3", " 5", "--5", "."})
    void readsOnlyPlainDecimals(String text) {
        assertThat(Money.isPlain(text)).isFalse();
        assertThatThrownBy(() -> Money.parse(text)).hasMessageContaining("expected a plain decimal");
    }

    @ParameterizedTest
    @CsvSource({"1234.5,1234.50", "-7,-7", "0.05,0.05", "12.00,12"})
    void writesWhatItReads(String text, String written) {
        assertThat(Money.parse(text)).hasToString(written);
        assertThat(Money.parse(Money.parse(text).toString())).isEqualTo(Money.parse(text));
    }

    @Test
    void printsThousandsAndParentheses() {
        assertThat(Money.parse("-1234567.80").printed()).isEqualTo("(1,234,567.80)");
        assertThat(Money.parse("1234567").printed()).isEqualTo("1,234,567");
        assertThat(Money.parse("0.5").printedWithCents()).isEqualTo("0.50");
    }

    @Test
    void neverWrapsRound() {
        assertThatThrownBy(() -> Money.ofCents(Long.MAX_VALUE).plus(Money.ofCents(1)))
                .isInstanceOf(ArithmeticException.class);
    }
}
