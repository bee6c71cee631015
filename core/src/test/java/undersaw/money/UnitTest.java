package undersaw.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UnitTest {
    @ParameterizedTest
    @CsvSource({"0.49, 0, 0.49", "0.50, 1, 0.50", "-0.50, -1, -0.50", "12.345, 12, 12.35", "-12.345, -12, -12.35"})
    void roundsHalfAwayFromZero(String exact, String whole, String cents) {
        assertThat(Unit.DOLLARS.rounded(new BigDecimal(exact))).isEqualTo(Money.parse(whole));
        assertThat(Unit.CENTS.rounded(new BigDecimal(exact))).isEqualTo(Money.parse(cents));
    }

    @Test
    void countsItsUnits() {
        assertThat(Unit.DOLLARS.units(Money.parse("12.60"))).isEqualTo(13);
        assertThat(Unit.CENTS.units(Money.parse("12.60"))).isEqualTo(1260);
        assertThat(Unit.DOLLARS.of(13)).isEqualTo(Money.ofDollars(13));
        assertThat(Unit.CENTS.of(1260)).isEqualTo(Money.parse("12.60"));
    }

    @Test
    void whatAmountsCannotKeepIsRefused() {
        assertThatThrownBy(() -> new Unit("XTS", 3)).hasMessage("found 3 decimals of XTS, expected 0 or 2");
    }
}
