package undersaw.us.corporation;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.ledger.CarryoverKind;
import undersaw.line.LineId;

/** Worked figures of published instructions and of the statute; all recalled, none open while writing. */
class PublishedExamplesTest {
    private static long at(Calculation calculation, String line) {
        return calculation.amount(LineId.of(line)).dollars();
    }

    private static SampleReturns dividendsAndLoss(String loss) {
        return SampleReturns.corporation()
                .income("4600", "1120/C/2/a", "full", "100000")
                .expense("6000", "1120/26", "full", loss);
    }

    /** Publication 542, "Dividends-Received Deduction", Example 1 (from memory). */
    @Test
    void aLossLiftsTheLimitOnDividendsReceived() {
        Calculation calculation = dividendsAndLoss("75000").calculate();
        assertThat(at(calculation, "1120/28")).isEqualTo(25_000);
        assertThat(at(calculation, "1120/29b")).isEqualTo(65_000);
        assertThat(at(calculation, "1120/30")).isEqualTo(-40_000);
        assertThat(at(calculation, "1120/J/1a")).isZero();
        assertThat(at(calculation, "1120/W-NOL/11")).isEqualTo(40_000);
    }

    /** Publication 542, "Dividends-Received Deduction", Example 2 (from memory). */
    @Test
    void withoutALossTheDeductionIsLimitedToAShareOfIncome() {
        Calculation calculation = dividendsAndLoss("15000").calculate();
        assertThat(at(calculation, "1120/28")).isEqualTo(85_000);
        assertThat(at(calculation, "1120/29b")).isEqualTo(55_250);
        assertThat(at(calculation, "1120/30")).isEqualTo(29_750);
    }

    /** IRC 246(b)(2): exactly nothing left is no loss, so the limit applies (from memory). */
    @Test
    void incomeEqualToTheFullDeductionIsNoLoss() {
        Calculation calculation = dividendsAndLoss("35000").calculate();
        assertThat(at(calculation, "1120/28")).isEqualTo(65_000);
        assertThat(at(calculation, "1120/29b")).isEqualTo(42_250);
    }

    /** IRC 11(b): 21 percent of taxable income, never of a loss (from memory). */
    @ParameterizedTest
    @CsvSource({"1950,410", "1949,409", "100000,21000", "0,0", "-5000,0"})
    void theTaxIsTheStatutoryRate(String income, long tax) {
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "1000000")
                .expense("6000", "1120/26", "full", String.valueOf(1_000_000 - Long.parseLong(income)))
                .calculate();
        assertThat(at(calculation, "1120/J/1a")).isEqualTo(tax);
        assertThat(at(calculation, "1120/31")).isEqualTo(tax);
    }

    /** IRC 172(a)(2): later losses use 80 percent of income, earlier ones all of it and come first (from memory). */
    @ParameterizedTest
    @CsvSource({
        // income, left from 2016, left from 2021, deducted
        "100000,0,200000,80000",
        "100000,0,50000,50000",
        "100000,30000,200000,86000",
        "100000,150000,200000,100000",
        "0,1000,1000,0"
    })
    void lossesOfEarlierYearsAreUsedInTheOrderOfTheLaw(String income, String old, String later, long used) {
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", income)
                .carried(CarryoverKind.NOL, 2016, old)
                .carried(CarryoverKind.NOL, 2021, later)
                .calculate();
        assertThat(at(calculation, "1120/29a")).isEqualTo(used);
        assertThat(at(calculation, "1120/K/12")).isEqualTo(Long.parseLong(old) + Long.parseLong(later));
    }

    /** IRC 172(b)(1)(A): a loss of before 2018 ends after twenty years (from memory). */
    @Test
    void aLossOlderThanTwentyYearsIsGone() {
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "100000")
                .carried(CarryoverKind.NOL, 2004, "60000")
                .carried(CarryoverKind.NOL, 2005, "40000")
                .calculate();
        assertThat(at(calculation, "1120/29a")).isEqualTo(40_000);
    }

    /** IRC 170(b)(2)(A): gifts up to 10 percent of income before them, the rest carried on (from memory). */
    @ParameterizedTest
    @CsvSource({"100000,9000,9000,0", "100000,10000,10000,0", "100000,12000,10000,2000", "0,500,0,500"})
    void giftsAreLimitedToAShareOfIncome(String income, String gifts, long allowed, long carriedOn) {
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", income)
                .expense("6610", "1120/19", "charitable", gifts)
                .calculate();
        assertThat(at(calculation, "1120/19")).isEqualTo(allowed);
        assertThat(at(calculation, "1120/W-CHAR/10")).isEqualTo(carriedOn);
        assertThat(at(calculation, "1120/M-1/5b")).isEqualTo(carriedOn);
        assertThat(at(calculation, "1120/M-1/10")).isEqualTo(at(calculation, "1120/28"));
    }

    /** The limit on gifts takes income after the loss deduction and before the dividends deduction (from memory). */
    @Test
    void theLimitOnGiftsLooksAtIncomeAfterLosses() {
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "100000")
                .expense("6610", "1120/19", "charitable", "4000")
                .carried(CarryoverKind.NOL, 2022, "50000")
                .calculate();
        assertThat(at(calculation, "1120/W-CHAR/3")).isEqualTo(50_000);
        assertThat(at(calculation, "1120/19")).isEqualTo(4_000);
        assertThat(at(calculation, "1120/29a")).isEqualTo(50_000);
        assertThat(at(calculation, "1120/30")).isEqualTo(46_000);
    }

    /** P.L. 119-21 sec. 70426: from 2026 gifts below 1 percent of income are not deducted (from memory). */
    @Test
    void from2026GiftsBelowTheFloorAreNotDeducted() {
        Calculation calculation = SampleReturns.corporation()
                .with(SampleReturns.heading(2026))
                .income("4000", "1120/1a", "full", "100000")
                .expense("6610", "1120/19", "charitable", "12000")
                .calculate();
        assertThat(at(calculation, "1120/19")).isEqualTo(9_000);
    }

    /** IRC 1211(a), 1212(a): capital losses reduce only capital gains and are carried five years (from memory). */
    @Test
    void capitalLossesNeverReduceOtherIncome() {
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "50000")
                .fact("1120/D/1b/h", "3000")
                .fact("1120/D/8b/h", "-9000")
                .calculate();
        assertThat(at(calculation, "1120/8")).isZero();
        assertThat(at(calculation, "1120/W-CAP/4")).isEqualTo(6_000);
        assertThat(at(calculation, "1120/28")).isEqualTo(50_000);
    }

    /** Publication 542, "Capital Losses": 2,000 short and 5,000 long make a net capital gain of 7,000 (from memory). */
    @Test
    void aCarriedCapitalLossReducesShortTermGainsFirst() {
        Calculation calculation = SampleReturns.corporation()
                .fact("1120/D/1b/h", "8000")
                .fact("1120/D/8b/h", "5000")
                .carried(CarryoverKind.CAPITAL_LOSS, 2022, "6000")
                .calculate();
        assertThat(at(calculation, "1120/D/7")).isEqualTo(2_000);
        assertThat(at(calculation, "1120/D/17")).isEqualTo(5_000);
        assertThat(at(calculation, "1120/8")).isEqualTo(7_000);
        assertThat(at(calculation, "1120/W-CAP/3")).isEqualTo(6_000);
    }

    /** Form 1120, Schedule K question 13: both receipts and assets below 250,000 (from memory). */
    @ParameterizedTest
    @CsvSource({"249999,yes", "250000,no"})
    void aSmallCorporationNeedsNoBalanceSheet(String receipts, String answer) {
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", receipts)
                .expense("6000", "1120/26", "full", "100000")
                .calculate();
        assertThat(calculation.answer(LineId.of("1120/K/13"))).isEqualTo(answer);
        assertThat(calculation.printed().stream()
                        .anyMatch(value -> value.key().line().text().startsWith("1120/L/")))
                .isEqualTo(answer.equals("no"));
    }

    /** Form 1125-A in perpetual books: purchases are found from cost and the growth of inventory (common practice). */
    @Test
    void perpetualBooksLeadToTheSameCostOfGoodsSold() {
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "900000")
                .expense("5000", "1125-A/2", "cost-of-sales-perpetual", "400000")
                .balance("1400", "1120/L/3", "50000", "65000")
                .calculate();
        assertThat(at(calculation, "1125-A/2")).isEqualTo(415_000);
        assertThat(at(calculation, "1125-A/8")).isEqualTo(400_000);
        assertThat(at(calculation, "1120/M-1/10")).isEqualTo(at(calculation, "1120/28"));
    }
}
