package undersaw.us.corporation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.time.LocalDate;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.ledger.Carryover;
import undersaw.ledger.CarryoverKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.registry.Returns;
import undersaw.returns.CarryoverYear;

/** Gifts and losses that limit each other (IRC 170(b)(2), 172(a)(2) read literally; common practice, no source). */
class JointLimitTest {
    private static long at(Calculation calculation, String line) {
        return calculation.amount(LineId.of("1120/" + line)).dollars();
    }

    private static SampleReturns sample(long income, long gifts, long losses) {
        return SampleReturns.corporation()
                .income("4000", "1120/1a", "full", String.valueOf(income))
                .expense("6610", "1120/19", "charitable", String.valueOf(gifts))
                .carried(CarryoverKind.NOL, 2022, String.valueOf(losses));
    }

    /** By the straight-line equation C = (0.02 T - 0.02 P) / 0.92 with T 100,000 and no old losses: 2,173.91. */
    @Test
    void whereEightyPercentBindsTheEquationIsMet() {
        Calculation year = sample(100_000, 12_000, 200_000).calculate();
        assertThat(at(year, "19")).isEqualTo(2_174);
        assertThat(at(year, "28")).isEqualTo(97_826);
        assertThat(at(year, "29a")).isEqualTo(78_261);
        assertThat(at(year, "30")).isEqualTo(19_565);
        assertThat(at(year, "W-CHAR/4")).isEqualTo(2_174);
    }

    /** All losses used: C = 0.10 (T - Q), here 10 percent of 60,000. */
    @Test
    void whereAllLossesAreUsedTheRestOfIncomeCarriesTheGifts() {
        Calculation year = sample(100_000, 12_000, 40_000).calculate();
        assertThat(at(year, "19")).isEqualTo(6_000);
        assertThat(at(year, "29a")).isEqualTo(40_000);
    }

    /**
     * Where gifts and losses limit each other, the gifts C of each regime solve a straight line; worked by hand from
     * IRC 170(b)(2), 172(a)(2) and 246(b), common practice, no source. Business income or loss, dividends of small and
     * of large holdings, losses from before 2018 and later; then line 19, 29a and 29b.
     */
    @ParameterizedTest
    @CsvSource({
        // all losses used: C = 0.10 (T1 - P - Q)
        "100000,      0,      0,  10000,  20000,  7000, 30000,     0",
        // 80 percent binds: C = (0.02 T1 - 0.02 P) / 0.92
        "100000,      0,      0,  10000, 200000,  1957, 80434,     0",
        // the same with dividends in full: C = (0.02 T1 + 0.08 D) / 0.92, D = 6,500
        " 90000,      0,  10000,      0, 200000,  2739, 72609,  6500",
        // 80 percent binds and large holdings are limited: C = 0.072 T1 / 0.972
        "-20000,      0, 100000,      0, 200000,  5926, 20741, 48148",
        // 80 percent binds and small holdings are limited: C = 0.06 T1 / 0.96
        "-10000,  60000,      0,      0, 200000,  3125, 18750, 23438",
        // old losses take all income: C = D / 9
        " 90000,      0,  10000, 500000,      0,   722, 92778,  6500",
        // old losses take all and large holdings are limited: C = 0.065 T1 / 0.965
        "-20000,      0, 100000, 500000,      0,  5389, 26114, 48497",
        // old losses take all and small holdings are limited: C = 0.05 T1 / 0.95
        "-10000,  60000,      0, 500000,      0,  2632, 23684, 23684",
    })
    void eachRegimeMeetsItsEquation(
            long business, long small, long large, long old, long later, long gifts, long losses, long special) {
        SampleReturns sample = SampleReturns.corporation().expense("6610", "1120/19", "charitable", "20000");
        if (business > 0) {
            sample.income("4000", "1120/1a", "full", String.valueOf(business));
        } else {
            sample.expense("6000", "1120/26", "full", String.valueOf(-business));
        }
        Calculation year = sample.income("4600", "1120/C/1/a", "full", String.valueOf(small))
                .income("4610", "1120/C/2/a", "full", String.valueOf(large))
                .carried(CarryoverKind.NOL, 2015, String.valueOf(old))
                .carried(CarryoverKind.NOL, 2022, String.valueOf(later))
                .calculate();
        assertThat(at(year, "19")).isEqualTo(gifts);
        assertThat(at(year, "29a")).isEqualTo(losses);
        assertThat(at(year, "29b")).isEqualTo(special);
    }

    /** Each year of origin stands on the worksheet with what it could give and what goes on (common practice). */
    @Test
    void yearsOfOriginAreRowsOfTheirWorksheet() {
        Calculation year = sample(100_000, 2_000, 60_000)
                .carried(CarryoverKind.NOL, 2023, "50000")
                .calculate();
        assertThat(Returns.of(year.snapshot()).carryoverYears(year).stream().flatMap(CarryoverYear::rows))
                .extracting(row -> row.key().toString(), row -> row.amount().dollars())
                .contains(
                        tuple("1120/W-NOL/2@2022", 60_000L),
                        tuple("1120/W-NOL/10@2022", 0L),
                        tuple("1120/W-NOL/10@2023", 31_600L));
        assertThat(at(year, "W-NOL/10")).isEqualTo(31_600);
    }

    /**
     * IRC 170(d)(2)(B), 172(b)(2): the loss used up is measured with gifts at 10 percent of income before it, here 80
     * percent of 90,000; the 6,261 that were deducted beyond stay in the loss and are no gift of next year (by rule, no
     * published example known).
     */
    @Test
    void giftsThatTheLossesCrowdOutStayInTheLoss() {
        Calculation open = sample(100_000, 12_000, 200_000).calculate();
        assertThat(at(open, "W-NOL-T2/9")).isEqualTo(72_000);
        assertThat(at(open, "W-CHAR/11/offered")).isEqualTo(6_261);
        assertThat(Returns.review(open, LocalDate.of(2026, 3, 9)).diagnostics())
                .filteredOn(each -> each.code().equals("C-0304"))
                .singleElement()
                .extracting(each -> each.message())
                .asString()
                .contains("6,261");

        Calculation year =
                sample(100_000, 12_000, 200_000).fact("1120/W-CHAR/11", "6261").calculate();
        assertThat(at(year, "W-NOL/10")).isEqualTo(128_000);
        assertThat(at(year, "W-CHAR/10")).isEqualTo(3_565);
        assertThat(Returns.review(year, LocalDate.of(2026, 3, 9)).tieOuts())
                .filteredOn(tie -> tie.code().matches("TO-1[78]"))
                .hasSize(2)
                .allMatch(tie -> tie.difference().isZero());
        assertThat(Returns.of(year.snapshot()).carriedForward(year))
                .extracting(
                        Carryover::kind, Carryover::year, each -> each.amount().dollars())
                .containsExactly(
                        tuple(CarryoverKind.NOL, 2022, 128_000L), tuple(CarryoverKind.CHARITABLE, 2025, 3_565L));
    }

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 60);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theGiftsAreTheShareOfWhatTheLossesLeave(long seed) {
        Random random = new Random(seed);
        Calculation year = sample(
                        20_000 + random.nextInt(5_000_000), random.nextInt(600_000), random.nextInt(6_000_000))
                .income("4600", "1120/C/" + (1 + random.nextInt(2)) + "/a", "full", "" + random.nextInt(400_000))
                .carried(CarryoverKind.NOL, 2012, String.valueOf(random.nextInt(300_000)))
                .calculate();
        long income = at(year, "28") + at(year, "19");
        long limit = Math.round(Math.max(0, income - at(year, "29a")) / 10.0);
        long expected = Math.min(at(year, "W-CHAR/A"), limit);
        assertThat(Math.abs(at(year, "19") - expected)).isLessThanOrEqualTo(1);
    }

    @Test
    void eachYearOfOriginSaysWhatWasUsedAndWhatHasExpired() {
        Calculation year = sample(100_000, 30_000, 0)
                .carried(CarryoverKind.CHARITABLE, 2020, "4000")
                .carried(CarryoverKind.CHARITABLE, 2023, "5000")
                .calculate();
        assertThat(Returns.of(year.snapshot()).carryoverYears(year))
                .filteredOn(each -> each.kind() == CarryoverKind.CHARITABLE)
                .extracting(CarryoverYear::year, CarryoverYear::expired, CarryoverYear::left)
                .containsExactly(
                        tuple(2020, Money.ofDollars(4_000), Money.ZERO),
                        tuple(2023, Money.ZERO, Money.ofDollars(5_000)),
                        tuple(2025, Money.ZERO, Money.ofDollars(20_000)));
    }
}
