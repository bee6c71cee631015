package undersaw.us.scorporation;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.line.LineKey;

/** Books closed where a shareholder sells out (IRC 1377(a)(2), from memory; amounts worked by rule). */
class ElectionToCloseTest {
    @Test
    void eachPartOfTheYearGoesToItsShareholders() {
        SampleReturns sample = SampleReturns.sCorporation()
                .owner("amy", 1)
                .owner("bo", 2)
                .shares("amy", "2024-06-01", "50")
                .shares("bo", "2024-06-01", "50")
                .shares("bo", "2025-06-30", "0")
                .shares("amy", "2025-06-30", "100")
                .income("4000", "1120-S/1a", "full", "36500");
        Calculation byDays = sample.calculate();
        assertThat(ofHolder(byDays, "bo")).isEqualTo(36_500 * 181 / 365 / 2);
        Calculation closed = sample.fact("1120-S/1377/method", "interim")
                .fact("1120-S/1377/1@1", "30000")
                .fact("1120-S/1377/1@2", "6500")
                .calculate();
        assertThat(ofHolder(closed, "bo")).isEqualTo(15_000);
        assertThat(ofHolder(closed, "amy")).isEqualTo(21_500);
    }

    private static long ofHolder(Calculation year, String holder) {
        return year.value(LineKey.parse("1120-S/K-1/1@" + holder))
                .orElseThrow()
                .amount()
                .dollars();
    }
}
