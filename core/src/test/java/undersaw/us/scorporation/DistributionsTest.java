package undersaw.us.scorporation;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.line.LineId;
import undersaw.line.LineKey;

/** The order in which distributions use up the accounts of Schedule M-2. */
class DistributionsTest {
    private final SampleReturns sample = SampleReturns.sCorporation()
            .owner("ada", 1)
            .owner("bo", 2)
            .shares("ada", "2025-01-01", "60")
            .shares("bo", "2025-01-01", "40");

    private Calculation year() {
        return sample.calculate();
    }

    private static long dollars(Calculation year, String line) {
        return year.amount(LineId.of("1120-S/" + line)).dollars();
    }

    private static long ofOwner(Calculation year, String line, String owner) {
        return year.value(LineKey.parse("1120-S/" + line + "@" + owner))
                .map(value -> value.amount().dollars())
                .orElse(0L);
    }

    private void paid(String owner, String amount) {
        sample.balance("39" + owner.length(), "1120-S/L/24@" + owner, "shareholder-distribution", "0", amount);
    }

    /** A net negative adjustment does not cut what may be drawn (IRC 1368(e)(1)(C), from memory; worked by rule). */
    @Test
    void aLossOfTheYearDoesNotCutTheAccount() {
        sample.expense("6000", "1120-S/20", "full", "80").fact("1120-S/M-2/1/a", "100");
        paid("ada", "60");
        sample.balance("3902", "1120-S/L/24@bo", "shareholder-distribution", "0", "40");
        Calculation year = year();
        assertThat(dollars(year, "AAA/5")).isEqualTo(100);
        assertThat(dollars(year, "M-2/7/a")).isEqualTo(100);
        assertThat(dollars(year, "M-2/8/a")).isEqualTo(-80);
        assertThat(ofOwner(year, "K-1/16/D", "ada")).isEqualTo(60);
        assertThat(ofOwner(year, "K-1/16/D", "bo")).isEqualTo(40);
    }

    /** Premiums on a policy for the corporation lower the other account only (Rev. Rul. 2008-42, from memory). */
    @Test
    void premiumsOfAPolicyForTheCorporationLowerTheOtherAccount() {
        sample.income("4000", "1120-S/1a", "full", "5000")
                .expense("6000", "1120-S/20", "life-insurance-premium", "1000");
        paid("ada", "5000");
        Calculation year = year();
        assertThat(dollars(year, "M-2/6/a")).isEqualTo(5000);
        assertThat(dollars(year, "M-2/6/d")).isEqualTo(-1000);
        assertThat(dollars(year, "M-2/7/a")).isEqualTo(5000);
        assertThat(dollars(year, "M-2/8/a")).isZero();
        assertThat(dollars(year, "M-2/8/d")).isEqualTo(-1000);
        assertThat(dollars(year, "K/16c")).isEqualTo(1000);
    }

    /** Adjustments first, then taxed income, earnings, other adjustments, and nothing (IRC 1368(c); worked by rule). */
    @ParameterizedTest
    @CsvSource({
        "no, 250, 100, 20, 80, 50, 0, 170, 80",
        "no, 400, 100, 20, 80, 50, 150, 320, 80",
        "yes, 90, 10, 0, 80, 0, 0, 10, 80",
        "no, 60, 60, 0, 0, 0, 0, 60, 0",
    })
    void distributionsUseUpTheAccountsInOrder(
            String earningsFirst, String paid, long a, long b, long c, long d, long beyond, long box, long dividend) {
        sample.fact("1120-S/M-2/1/a", "100")
                .fact("1120-S/M-2/1/b", "20")
                .fact("1120-S/M-2/1/c", "80")
                .fact("1120-S/M-2/1/d", "50")
                .fact("1120-S/AAA/elect-ep-first", earningsFirst);
        paid("ada", paid);
        Calculation year = year();
        assertThat(dollars(year, "M-2/7/a")).isEqualTo(a);
        assertThat(dollars(year, "M-2/7/b")).isEqualTo(b);
        assertThat(dollars(year, "M-2/7/c")).isEqualTo(c);
        assertThat(dollars(year, "M-2/7/d")).isEqualTo(d);
        assertThat(dollars(year, "AAA/11")).isEqualTo(beyond);
        assertThat(dollars(year, "K/16d")).isEqualTo(box);
        assertThat(dollars(year, "K/17c")).isEqualTo(dividend);
        assertThat(ofOwner(year, "K-1/16/D", "ada")).isEqualTo(box);
    }

    /** The dividend is split by what each was paid; odd dollars by largest remainder (worked by rule, no source). */
    @Test
    void aDividendIsSplitByWhatEachWasPaid() {
        sample.fact("1120-S/M-2/1/c", "100")
                .balance("3901", "1120-S/L/24@ada", "shareholder-distribution", "0", "200.50");
        sample.balance("3902", "1120-S/L/24@bo", "shareholder-distribution", "0", "100.50");
        Calculation year = year();
        assertThat(dollars(year, "AAA/6")).isEqualTo(301);
        assertThat(ofOwner(year, "DIST/whole", "ada")).isEqualTo(201);
        assertThat(ofOwner(year, "DIST/whole", "bo")).isEqualTo(100);
        assertThat(ofOwner(year, "DIST/dividend", "ada")).isEqualTo(67);
        assertThat(ofOwner(year, "K-1/16/D", "ada")).isEqualTo(134);
        assertThat(ofOwner(year, "K-1/16/D", "bo")).isEqualTo(67);
        assertThat(dollars(year, "K/16d")).isEqualTo(201);
    }

    @Test
    void whatIsPaidToNobodyByNameGoesByShares() {
        sample.balance("3901", "1120-S/L/24", "shareholder-distribution", "0", "1000");
        Calculation year = year();
        assertThat(ofOwner(year, "K-1/16/D", "ada")).isEqualTo(600);
        assertThat(dollars(year, "AAA/11")).isEqualTo(1000);
        assertThat(ofOwner(year, "DIST/whole", "ada")).isEqualTo(600);
        assertThat(ofOwner(year, "DIST/whole", "bo")).isEqualTo(400);
    }
}
