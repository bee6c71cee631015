package undersaw.study;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.line.LineId;
import undersaw.line.LineKey;

/** One set of books as three kinds of entity; amounts worked by rule (no source), rates of 2025 from memory. */
class EntityComparisonTest {
    /** Profit of 200,000 before pay of 80,000 to the only owner who works, no deduction under section 199A. */
    private static SampleReturns partnership() {
        return SampleReturns.partnership()
                .partner("ada", 1, "general", "100")
                .income("4000", "1065/1a", "full", "200000")
                .expense("6000", "1065/10@ada", "guaranteed-payment", "80000")
                .fact("study/r", "24")
                .fact("study/rd", "15");
    }

    private static SampleReturns sCorporation() {
        return SampleReturns.sCorporation()
                .owner("ada", 1)
                .shares("ada", "2020-01-01", "100")
                .income("4000", "1120-S/1a", "full", "200000")
                .expense("6000", "1120-S/7", "officer-compensation", "80000")
                .expense("6010", "1120-S/12", "full", "6120")
                .fact("study/r", "0.24")
                .fact("study/rd", "0.15");
    }

    private static SampleReturns corporation() {
        return SampleReturns.corporation()
                .owner("ada", 1)
                .fact("OWNERS/capitalEnd@ada", "100")
                .income("4000", "1120/1a", "full", "200000")
                .expense("6000", "1120/12", "full", "80000")
                .expense("6010", "1120/17", "full", "6120")
                .fact("study/r", "24");
    }

    private static long dollars(Calculation year, String line) {
        return year.amount(LineId.of("study/" + line)).roundedToDollars().dollars();
    }

    private static void isTheExample(Calculation year) {
        assertThat(dollars(year, "P")).isEqualTo(200_000);
        assertThat(dollars(year, "entity/c")).isEqualTo(23_915);
        assertThat(dollars(year, "employer/s") + dollars(year, "owner/s")).isEqualTo(12_240);
        assertThat(dollars(year, "self/p")).isEqualTo(27_193);
        assertThat(dollars(year, "owners/p")).isEqualTo(44_737);
        assertThat(dollars(year, "total/c")).isEqualTo(55_355);
        assertThat(dollars(year, "total/s")).isEqualTo(58_771);
        assertThat(dollars(year, "total/p")).isEqualTo(71_930);
    }

    /** The same books come to the same comparison, whichever return they stand on. */
    @Test
    void threeReturnsOfTheSameBooksAgree() {
        isTheExample(partnership().calculate());
        isTheExample(sCorporation().calculate());
        isTheExample(corporation().calculate());
    }

    @Test
    void aReturnThatNobodyStudiesHasNoComparison() {
        Calculation year = partnership().without("study/r").calculate();
        assertThat(year.value(LineId.of("study/total/c"))).isEmpty();
        assertThat(year.value(LineKey.parse("study/G@ada"))).isEmpty();
    }

    /** Section 199A: a fifth, no more than half of the wages where limited; pay is wages but in a partnership. */
    @ParameterizedTest
    @CsvSource({"no, 22776, 21281", "yes, 22776, 5000"})
    void theOwnersDeductAFifthOrWhatWagesAllow(String limited, long ofS, long ofPartnership) {
        Calculation year = partnership()
                .fact("study/q", "yes")
                .fact("study/limit", limited)
                .fact("study/W", "10000")
                .calculate();
        assertThat(dollars(year, "199A/s")).isEqualTo(ofS);
        assertThat(dollars(year, "199A/p")).isEqualTo(ofPartnership);
    }

    /** Distributions are dividends as far as earnings and profits go (IRC 301(c), 316; from memory). */
    @ParameterizedTest
    @CsvSource({"50000, no, 7500", "50000, yes, 9400", "200000, no, 13495"})
    void aCorporationsDistributionsAreTaxedAgain(String distributed, String investment, long tax) {
        Calculation year = corporation()
                .fact("study/rd", "15")
                .fact("study/D", distributed)
                .fact("study/n/c", investment)
                .calculate();
        assertThat(dollars(year, "dividends/c")).isEqualTo(tax);
    }

    @Test
    void aLossHelpsOwnersOnlyWhereNothingHoldsItBack() {
        SampleReturns loss = SampleReturns.partnership()
                .partner("ada", 1, "general", "100")
                .expense("6000", "1065/21", "full", "10000")
                .fact("study/r", "24");
        assertThat(dollars(loss.calculate(), "owners/p")).isZero();
        assertThat(dollars(loss.fact("study/losses", "yes").calculate(), "owners/p"))
                .isEqualTo(-2_400);
        assertThat(dollars(loss.calculate(), "entity/c")).isZero();
    }

    /** Pay above the wage base and above the additional tax's threshold (IRC 3101(b)(2), 3121(a)(1); from memory). */
    @Test
    void payrollTaxStopsAtItsBaseAndRisesAboveTheThreshold() {
        Calculation year = partnership().fact("study/G@ada", "300000").calculate();
        // 176,100 at 6.2 percent and 300,000 at 1.45 percent; 100,000 at 0.9 percent
        assertThat(dollars(year, "employer/c")).isEqualTo(15_268);
        assertThat(dollars(year, "owner/c")).isEqualTo(15_268 + 900);
    }
}
