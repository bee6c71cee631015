package undersaw.us.corporation;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.check.TieOut;
import undersaw.form.Part;
import undersaw.law.calendar.Period;
import undersaw.ledger.Carryover;
import undersaw.ledger.CarryoverKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.registry.Returns;
import undersaw.returns.PartNeed;

/** Section 179, first-year costs, property sold, and the limit on interest; each value beside its source. */
class PropertyAndInterestTest {
    private static SampleReturns sample() {
        return SampleReturns.corporation();
    }

    private static String at(Calculation year, String line) {
        String written = year.answer(LineId.of(line));
        return written.isEmpty() ? "0" : written;
    }

    private static void holds(Calculation year, Map<String, String> expected) {
        expected.forEach((line, amount) -> assertThat(at(year, line)).as(line).isEqualTo(amount));
    }

    private static List<Carryover> left(Calculation year) {
        return Returns.of(year.snapshot()).carriedForward(year);
    }

    private static void tiesAgree(Calculation year) {
        assertThat(Returns.review(year, LocalDate.of(2026, 3, 9)).tieOuts())
                .filteredOn(tie -> !tie.agrees())
                .extracting(TieOut::message)
                .isEmpty();
    }

    /** Publication 946, "Two different taxable income limits", example of XYZ (from memory; the edition is unsure). */
    @Test
    void section179AndGiftsLimitEachOther() {
        Calculation year = sample().income("4000", "1120/1a", "full", "520000")
                .expense("6610", "1120/19", "charitable", "10000")
                .fact("4562/2", "500000")
                .fact("4562/8", "500000")
                .calculate();
        holds(
                year,
                Map.of(
                        "1120/W-179/1", "520000",
                        "1120/W-179/3", "20000",
                        "1120/W-179/4", "2000",
                        "1120/W-179/5", "518000",
                        "1120/W-179/6", "500000",
                        "1120/W-179/7", "20000",
                        "4562/12", "500000",
                        "1120/19", "2000",
                        "1120/28", "18000"));
    }

    /** IRC 179(b)(1), (2) for 2025 and 2024 (from memory): a dollar above the threshold takes one of limit. */
    @ParameterizedTest
    @CsvSource({
        "2025, 4100000, 2400000",
        "2025, 6600000, 0",
        "2024, 3060000, 1210000",
        "2024, 3050000, 1220000",
    })
    void theDollarLimitFallsAboveTheThreshold(int year, String placed, String limit) {
        Calculation found = SampleReturns.corporation()
                .during(Period.calendarYear(year))
                .income("4000", "1120/1a", "full", "9000000")
                .fact("4562/2", placed)
                .fact("4562/8", placed)
                .calculate();
        assertThat(at(found, "4562/5")).isEqualTo(limit);
        assertThat(at(found, "4562/9")).isEqualTo(limit);
    }

    /** IRC 179(b)(3) (from memory): elected 100,000, business income 40,000; 60,000 goes on. */
    @Test
    void section179AboveIncomeIsCarriedOn() {
        Calculation year = sample().income("4000", "1120/1a", "full", "40000")
                .fact("4562/2", "100000")
                .fact("4562/8", "100000")
                .calculate();
        holds(year, Map.of("4562/12", "40000", "4562/13", "60000", "1120/28", "0"));
        assertThat(left(year)).contains(new Carryover(CarryoverKind.SECTION_179, 2025, Money.ofDollars(60_000)));
    }

    @Test
    void section179CarriedInIsUsedAfterThisYears() {
        Calculation year = sample().income("4000", "1120/1a", "full", "50000")
                .fact("4562/2", "30000")
                .fact("4562/8", "30000")
                .carried(CarryoverKind.SECTION_179, 2024, "25000")
                .calculate();
        holds(year, Map.of("4562/12", "50000", "4562/13", "5000", "1120/20", "50000"));
        assertThat(left(year)).contains(new Carryover(CarryoverKind.SECTION_179, 2024, Money.ofDollars(5_000)));
    }

    /** IRC 179(d)(6) (from memory): one limit for the group; the member has the share that it was given. */
    @Test
    void aGroupSharesOneLimit() {
        Calculation year = sample().income("4000", "1120/1a", "full", "9000000")
                .fact("4562/2", "500000")
                .fact("4562/8", "500000")
                .fact("4562/group-cost", "4000000")
                .fact("4562/group-share", "12.5")
                .calculate();
        // 2,500,000 less the 500,000 above 4,000,000, of which an eighth
        holds(year, Map.of("4562/4", "500000", "4562/5", "250000", "4562/12", "250000", "4562/13", "0"));
    }

    /** IRC 248(a), 195(b) (from memory): 52,000 of costs, 3,000 at once, the rest over 180 months. */
    @ParameterizedTest
    @CsvSource({
        "52000, 2025-10-01, 3000, 49000, 3, 817, 3817",
        "4000, 2025-01-01, 4000, 0, 12, 0, 4000",
        "56000, 2025-07-15, 0, 56000, 6, 1867, 1867",
        "55000, 2025-12-31, 0, 55000, 1, 306, 306",
    })
    void firstYearCostsAreDeductedInPart(
            String costs, String begun, String atOnce, String rest, String months, String spread, String all) {
        for (String treatment : List.of("start-up-195", "organizational")) {
            String sheet = treatment.equals("organizational") ? "1120/W-248/" : "1120/W-195/";
            Calculation year = sample().income("4000", "1120/1a", "full", "400000")
                    .expense("6900", "1120/26", treatment, costs)
                    .fact("TREAT/" + treatment + "/begun", begun)
                    .calculate();
            holds(
                    year,
                    Map.of(
                            sheet + "1",
                            costs,
                            sheet + "2",
                            atOnce,
                            sheet + "3",
                            rest,
                            sheet + "4",
                            months,
                            sheet + "5",
                            spread,
                            sheet + "6",
                            all,
                            "1120/26",
                            all,
                            "1120/M-1/10",
                            year.amount(LineId.of("1120/28")).toString()));
            tiesAgree(year);
        }
    }

    /** Publication 544, "Nonrecaptured section 1231 losses", example: gain 2,000, 700 of losses left (from memory). */
    @Test
    void earlierLossesMakeGainOrdinary() {
        Calculation year = sample().fact("4797/7", "2000").fact("4797/8", "700").calculate();
        holds(year, Map.of("4797/12", "700", "4797/17", "700", "1120/D/11", "1300", "1120/9", "700", "1120/8", "1300"));
    }

    /** IRC 1245, 1250 with 291(a)(1), 1231 (from memory; rulebook of depreciation, check values). */
    @ParameterizedTest
    @CsvSource({
        "1245, 2020-03-01, 6000, 7120, 10000, 3120, 0",
        "1245, 2020-03-01, 12000, 7120, 10000, 7120, 2000",
        "1245, 2020-03-01, 1000, 7120, 10000, -1880, 0",
        "1250, 2015-03-01, 450000, 100000, 400000, 20000, 130000",
        "1231, 2015-03-01, 90000, 0, 50000, 0, 40000",
        "1245, 2025-03-01, 9500, 2000, 10000, 1500, 0",
        "ordinary, 2015-03-01, 500, 0, 200, 300, 0",
    })
    void aSaleIsDividedByItsClass(
            String kind, String acquired, String price, String depreciation, String cost, String part2, String long_) {
        Calculation year = sample().fact("4797/row/description@1", "lathe")
                .fact("4797/row/class@1", kind)
                .fact("4797/row/acquired@1", acquired)
                .fact("4797/row/sold@1", "2025-06-30")
                .fact("4797/row/proceeds@1", price)
                .fact("4797/row/depreciation@1", depreciation)
                .fact("4797/row/cost@1", cost)
                .calculate();
        holds(year, Map.of("4797/17", part2, "1120/9", part2, "1120/D/11", long_, "1120/8", long_));
        assertThat(at(year, "1120/28"))
                .isEqualTo(Money.parse(part2).plus(Money.parse(long_)).toString());
    }

    private static SampleReturns largeBorrower(int year) {
        return largeBorrower(year, "full");
    }

    private static SampleReturns largeBorrower(int year, String treatment) {
        SampleReturns sample = SampleReturns.corporation()
                .during(Period.calendarYear(year))
                .income("4000", "1120/1a", "full", "40000000")
                .income("4500", "1120/5", "full", "100000")
                .expense("6000", "1120/13", "full", "30000000")
                .expense("6500", "1120/18", treatment, "5000000")
                .expense("6700", "1120/20", "depreciation-books", "2000000")
                .fact("4562/17", "2000000");
        return sample.fact("448c/y1", "40000000").fact("448c/y2", "38000000").fact("448c/y3", "36000000");
    }

    /**
     * IRC 163(j)(1), (8) (from memory): 30 percent of adjusted income and interest income; depreciation is added back
     * from 2025, and was not from 2022 to 2024.
     */
    @ParameterizedTest
    @CsvSource({
        // 10,000,000 before interest and depreciation: 3,000,000 and 100,000
        "full, 2025, 10000000, 3100000, 1900000",
        "interest-163j, 2025, 10000000, 3100000, 1900000",
        // 8,000,000 after depreciation
        "full, 2024, 8000000, 2500000, 2500000",
        "interest-163j, 2024, 8000000, 2500000, 2500000",
    })
    void interestIsLimited(String treatment, int year, String adjusted, String deducted, String left) {
        Calculation found = largeBorrower(year, treatment).calculate();
        holds(
                found,
                Map.of(
                        "8990/1", "5000000",
                        "8990/22", adjusted,
                        "8990/30", deducted,
                        "8990/31", left,
                        "1120/18", deducted,
                        "1120/M-1/5d", left,
                        "1120/M-1/10", found.amount(LineId.of("1120/28")).toString()));
        tiesAgree(found);
        assertThat(left(found)).contains(new Carryover(CarryoverKind.INTEREST_163J, year, Money.parse(left)));
    }

    /** IRC 163(j)(3) (from memory): a small business is not limited, and takes what an earlier year left. */
    @Test
    void aSmallBusinessIsNotLimited() {
        Calculation year = sample().income("4000", "1120/1a", "full", "900000")
                .expense("6500", "1120/18", "full", "500000")
                .carried(CarryoverKind.INTEREST_163J, 2023, "40000")
                .fact("448c/y1", "31000000")
                .fact("448c/y2", "31000000")
                .fact("448c/y3", "31000000")
                .calculate();
        holds(year, Map.of("1120/18", "540000", "8990/31", "0", "1120/M-1/8c", "40000"));
        assertThat(left(year)).isEmpty();
    }

    @Test
    void interestOfEarlierYearsFillsWhatTheLimitLeaves() {
        Calculation year = largeBorrower(2025)
                .expense("6510", "1120/18", "full", "-3000000")
                .carried(CarryoverKind.INTEREST_163J, 2022, "1500000")
                .calculate();
        holds(year, Map.of("8990/5", "3500000", "8990/30", "3100000", "1120/18", "3100000", "1120/M-1/8c", "1100000"));
        assertThat(left(year)).contains(new Carryover(CarryoverKind.INTEREST_163J, 2022, Money.ofDollars(400_000)));
    }

    /** A small business has no Form 8990 until its receipts pass the limit; then the form says why it is there. */
    @Test
    void theFormJoinsWhenItsTestIsFailed() {
        Calculation small = sample().income("4000", "1120/1a", "full", "900000")
                .expense("6500", "1120/18", "full", "500000")
                .calculate();
        Part part = small.plan().parts().stream()
                .filter(each -> each.code().equals("8990"))
                .findFirst()
                .orElseThrow();
        assertThat(PartNeed.of(small, part).isJoined()).isFalse();
        assertThat(small.value(LineId.of("8990/30"))).isEmpty();
        PartNeed need = PartNeed.of(largeBorrower(2025).calculate(), part);
        assertThat(need.isJoined()).isTrue();
        assertThat(need.feeds().get(0).words()).contains("448c/average");
    }

    /** Question 24 says yes and nobody has typed receipts: interest is limited until they prove otherwise. */
    @Test
    void theLimitHoldsUntilReceiptsProveOtherwise() {
        SampleReturns sample = sample().income("4000", "1120/1a", "full", "900000")
                .expense("6500", "1120/18", "full", "500000")
                .fact("1120/K/24", "yes");
        assertThat(at(sample.calculate(), "1120/18")).isEqualTo("270000");
        assertThat(at(sample.fact("448c/y1", "900000").calculate(), "1120/18")).isEqualTo("500000");
        assertThat(at(sample.fact("8990/shelter", "yes").calculate(), "1120/18"))
                .isEqualTo("270000");
    }

    /** IRC 448(c)(1), (3)(A) (from memory): the average of the years there are. */
    @ParameterizedTest
    @CsvSource({"30, 0, 0, 30", "30, 20, 0, 25", "30, 20, 11, 20"})
    void receiptsAreAveragedOverTheYearsThereAre(String first, String second, String third, String average) {
        Calculation year = sample().fact("448c/y1", first)
                .fact("448c/y2", second)
                .fact("448c/y3", third)
                .calculate();
        assertThat(at(year, "448c/average")).isEqualTo(average);
    }

    /** IRC 1212(a)(1)(A) (from memory): three years back, the oldest first; the rest goes five years on. */
    @Test
    void aCapitalLossGoesBackBeforeItGoesOn() {
        Calculation year = sample().fact("8949/proceeds@1", "1000")
                .fact("8949/cost@1", "10000")
                .fact("8949/term@1", "long")
                .fact("1120/W-CAP/G1", "3500")
                .fact("1120/W-CAP/G2", "4000")
                .fact("1120/W-CAP/G3", "500")
                .calculate();
        holds(
                year,
                Map.of(
                        "1120/W-CAP/4", "9000",
                        "1120/W-CAP/B1", "3500",
                        "1120/W-CAP/B2", "4000",
                        "1120/W-CAP/B3", "500",
                        "1120/W-CAP/5", "1000"));
        assertThat(left(year)).contains(new Carryover(CarryoverKind.CAPITAL_LOSS, 2025, Money.ofDollars(1_000)));
    }

    /** Publication 542, "Capital Losses", the year of the loss: 6,000 goes back to a year of 13,000 (from memory). */
    @Test
    void theLossOfTheExampleGoesBackWhole() {
        Calculation year = sample().fact("1120/D/1a/h", "3000")
                .fact("1120/D/8a/h", "-9000")
                .fact("1120/W-CAP/G1", "13000")
                .calculate();
        holds(year, Map.of("1120/W-CAP/4", "6000", "1120/W-CAP/B1", "6000", "1120/W-CAP/5", "0"));
        assertThat(left(year)).isEmpty();
    }

    /** IRC 382(b)(1) (from memory): losses from before a change of ownership are used up to the limit only. */
    @Test
    void anOwnershipChangeLimitsLosses() {
        SampleReturns sample =
                sample().income("4000", "1120/1a", "full", "100000").carried(CarryoverKind.NOL, 2022, "90000");
        assertThat(at(sample.calculate(), "1120/29a")).isEqualTo("80000");
        assertThat(at(sample.fact("1120/W-NOL/382", "12500").calculate(), "1120/29a"))
                .isEqualTo("12500");
    }

    /** The list divides among the lines of Schedule C what the account holds in one sum. */
    @Test
    void dividendsByPayerFindTheirLines() {
        Calculation year = sample().income("4000", "1120/1a", "full", "900000")
                .income("4600", "1120/C/1/a", "full", "10000")
                .fact("1120/C-payers/payer@1", "Kelp Rope")
                .fact("1120/C-payers/amount@1", "7000")
                .fact("1120/C-payers/line@1", "1")
                .fact("1120/C-payers/payer@2", "Skerry Light")
                .fact("1120/C-payers/amount@2", "2000")
                .fact("1120/C-payers/line@2", "2")
                .fact("1120/C-payers/payer@3", "Harbor Money")
                .fact("1120/C-payers/amount@3", "1000")
                .fact("1120/C-payers/line@3", "20")
                .calculate();
        holds(
                year,
                Map.of(
                        "1120/C/1/a", "7000",
                        "1120/C/2/a", "2000",
                        "1120/C/20/a", "1000",
                        "1120/C/23/a", "10000",
                        "1120/C/24/c", "4800"));
        tiesAgree(year);
    }

    /** Form 8949 boxes, Schedule D lines 1b, 2, 3, 8b, 9 and 10 (2024 form; boxes G to L of 2025; from memory). */
    @ParameterizedTest
    @CsvSource({"A, 1b", "B, 2", "C, 3", "D, 8b", "E, 9", "F, 10", "G, 1b", "H, 2", "I, 3", "J, 8b", "K, 9", "L, 10"})
    void aSaleStandsOnTheLineOfItsBox(String box, String line) {
        Calculation year = sample().fact("8949/proceeds@1", "900")
                .fact("8949/cost@1", "400")
                .fact("8949/box@1", box)
                .calculate();
        assertThat(at(year, "1120/D/" + line + "/h")).isEqualTo("500");
        assertThat(at(year, "1120/8")).isEqualTo("500");
    }

    static LongStream seeds() {
        return LongStream.range(0, 60);
    }

    /** Books and return agree, no limit is passed and more interest never raises the tax, on returns by chance. */
    @ParameterizedTest
    @MethodSource("seeds")
    void chanceReturnsAgree(long seed) {
        Random random = new Random(seed);
        SampleReturns sample = byChance(random);
        Calculation year = sample.calculate();
        tiesAgree(year);
        assertThat(year.amount(LineId.of("8990/30"))).isLessThanOrEqualTo(year.amount(LineId.of("8990/5")));
        assertThat(year.amount(LineId.of("4562/12")))
                .isLessThanOrEqualTo(year.amount(LineId.of("4562/5")).plus(year.amount(LineId.of("4562/10"))));
        Money tax = year.amount(LineId.of("1120/J/1a"));
        // IRC 11(b), 163(a): a deduction more (from memory)
        Calculation more = sample.expense("6599", "1120/18", "full", "" + (1 + random.nextInt(90_000)))
                .calculate();
        assertThat(more.amount(LineId.of("1120/J/1a"))).isLessThanOrEqualTo(tax);
    }

    private static SampleReturns byChance(Random random) {
        int receipts = 20_000_000 + random.nextInt(30_000_000);
        SampleReturns sample = sample().during(Period.calendarYear(2025))
                .income("4000", "1120/1a", "full", "" + receipts)
                .income("4500", "1120/5", "full", "" + random.nextInt(900_000))
                .expense("6000", "1120/13", "full", "" + random.nextInt(receipts))
                .expense("6500", "1120/18", "full", "" + random.nextInt(9_000_000))
                .expense("6610", "1120/19", "charitable", "" + random.nextInt(900_000))
                .expense("6700", "1120/20", "depreciation-books", "" + random.nextInt(900_000))
                .expense("6900", "1120/26", "start-up-195", "" + random.nextInt(60_000))
                .fact("TREAT/start-up-195/begun", "2025-05-05")
                .fact("4562/17", "" + random.nextInt(900_000))
                .fact("448c/y1", "" + receipts);
        if (random.nextBoolean()) {
            sample.fact("4562/2", "900000").fact("4562/8", "" + random.nextInt(900_000));
        }
        if (random.nextBoolean()) {
            sample.carried(CarryoverKind.INTEREST_163J, 2023, "" + random.nextInt(3_000_000));
        }
        return sample;
    }
}
