package undersaw.us.scorporation;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.line.LineKey;
import undersaw.money.Money;

/** Basis of shareholders in stock and debt, Form 7203. */
class StockBasisTest {
    private final SampleReturns sample =
            SampleReturns.sCorporation().owner("ada", 1).shares("ada", "2024-01-01", "10");

    private static long of(Calculation year, String line) {
        return year.value(LineKey.parse("7203/" + line + "@ada"))
                .map(LineValue::amount)
                .orElse(Money.ZERO)
                .dollars();
    }

    /** Reg. 1.1368-3 Example 1 (from memory, figures unsure): distributions before losses. */
    @Test
    void distributionsComeBeforeLosses() {
        Calculation year = sample.fact("7203/1@ada", "10")
                .income("4200", "1120-S/K/4", "portfolio-interest", "50")
                .expense("6000", "1120-S/20", "full", "26")
                .paidOut("3900", "1120-S/L/24@ada", "shareholder-distribution", "38")
                .calculate();
        assertThat(of(year, "5")).isEqualTo(60);
        assertThat(of(year, "7")).isEqualTo(22);
        assertThat(of(year, "15")).isZero();
        assertThat(of(year, "35/c")).isEqualTo(22);
        assertThat(of(year, "35/e")).isEqualTo(4);
    }

    /** IRC 1368(b)(2) (from memory), worked by rule. */
    @Test
    void whatIsPaidBeyondBasisIsGain() {
        Calculation year = sample.fact("7203/1@ada", "10")
                .income("4000", "1120-S/1a", "full", "5")
                .paidOut("3900", "1120-S/L/24@ada", "shareholder-distribution", "40")
                .calculate();
        assertThat(of(year, "7/gain")).isEqualTo(25);
        assertThat(of(year, "15")).isZero();
    }

    /** IRC 1366(d)(1)(B) (from memory), worked by rule: the loss passes stock and takes debt. */
    @Test
    void lossesBeyondStockAreTakenOffDebt() {
        Calculation year = sample.fact("7203/1@ada", "100")
                .balance("2300", "1120-S/L/19@ada", "shareholder-loan", "-500", "-500")
                .expense("6000", "1120-S/20", "full", "300")
                .expense("6300", "1120-S/K/12a", "separately-stated-charitable", "100")
                .calculate();
        assertThat(of(year, "47/a")).isEqualTo(400);
        assertThat(of(year, "35/c")).isEqualTo(75);
        assertThat(of(year, "42/c")).isEqualTo(25);
        assertThat(of(year, "35/d")).isEqualTo(225);
        assertThat(of(year, "31")).isEqualTo(200);
        assertThat(of(year, "47/e")).isZero();
    }

    /** IRC 1367(b)(2)(B); Rev. Rul. 64-162 (from memory), worked by rule. */
    @Test
    void aNetIncreaseRestoresDebtFirstAndWhatIsRepaidAboveBasisIsIncome() {
        Calculation year = sample.fact("7203/1@ada", "1")
                .fact("7203/21@ada", "200")
                .balance("2300", "1120-S/L/19@ada", "shareholder-loan", "-500", "-400")
                .income("4000", "1120-S/1a", "full", "100")
                .calculate();
        assertThat(of(year, "23")).isEqualTo(100);
        assertThat(of(year, "24")).isEqualTo(300);
        assertThat(of(year, "26")).isEqualTo(60);
        assertThat(of(year, "34")).isEqualTo(40);
        assertThat(of(year, "15")).isEqualTo(1);
    }

    @Test
    void nothingIsKeptForThoseWhoseBasisNobodyTyped() {
        Calculation year = sample.income("4000", "1120-S/1a", "full", "100").calculate();
        assertThat(year.value(LineKey.parse("7203/15@ada"))).isEmpty();
    }
}
