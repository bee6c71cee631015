package undersaw.us.scorporation;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.check.Examination;
import undersaw.check.TieOut;
import undersaw.law.calendar.Period;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.registry.Returns;

/** Schedules K-1 by shares and days, rental property, and what ties to Schedule K. */
class SchedulesK1Test {
    private final SampleReturns sample = SampleReturns.sCorporation();

    private static long dollars(Calculation year, String line) {
        return year.amount(LineId.of(line)).dollars();
    }

    private static long ofOwner(Calculation year, String line, String owner) {
        return year.value(LineKey.parse("1120-S/K-1/" + line + "@" + owner))
                .map(value -> value.amount().dollars())
                .orElse(0L);
    }

    /** Reg. 1.1377-1(c) Example 1 (from memory): half of B's shares go to C within a year of 360 days. */
    @Test
    void incomeIsDividedByShareAndDay() {
        Calculation year = sample.during(new Period(LocalDate.of(2025, 1, 6), LocalDate.of(2025, 12, 31)))
                .owner("a", 1)
                .owner("b", 2)
                .owner("c", 3)
                .shares("a", "2025-01-06", "100")
                .shares("b", "2025-01-06", "100")
                .shares("b", "2025-07-24", "50")
                .shares("c", "2025-07-24", "50")
                .income("4000", "1120-S/1a", "full", "720000")
                .calculate();
        assertThat(ofOwner(year, "1", "a")).isEqualTo(360_000);
        assertThat(ofOwner(year, "1", "b")).isEqualTo(280_000);
        assertThat(ofOwner(year, "1", "c")).isEqualTo(80_000);
        assertThat(year.answer(LineId.of("1120-S/hdr/I"))).isEqualTo("3");
        assertThat(year.value(LineKey.parse("1120-S/K-1/G@b"))
                        .orElseThrow()
                        .value()
                        .plain())
                .isEqualTo("38.888889");
        assertThat(year.value(LineKey.parse("1120-S/K-1/H/end@b"))
                        .orElseThrow()
                        .value()
                        .plain())
                .isEqualTo("50");
    }

    /** Odd dollars go to the largest remainder, equal ones to the earlier row (worked by rule, no source). */
    @Test
    void equalRemaindersGoToTheEarlierRow() {
        sample.owner("zed", 1).owner("amy", 2).shares("zed", "2025-01-01", "5").shares("amy", "2025-01-01", "5");
        Calculation year = sample.income("4000", "1120-S/1a", "full", "101").calculate();
        assertThat(ofOwner(year, "1", "zed")).isEqualTo(51);
        assertThat(ofOwner(year, "1", "amy")).isEqualTo(50);
        Calculation named = sample.fact("1120-S/K-1/rounding-owner", "amy").calculate();
        assertThat(ofOwner(named, "1", "zed")).isEqualTo(51);
        assertThat(ofOwner(named, "1", "amy")).isEqualTo(50);
    }

    @Test
    void aRentalPropertyStandsAsSoonAsAnAccountNamesIt() {
        Calculation year = sample.owner("amy", 1)
                .shares("amy", "2025-01-01", "10")
                .income("4100", "8825/2a@mill", "rental-real-estate", "12000")
                .expense("6100", "8825/9@mill", "rental-real-estate", "5000.49")
                .expense("6200", "8825/11@barn", "rental-real-estate", "700")
                .expense("6300", "8825/14@mill", "book-depreciation", "900")
                .fact("8825/14@mill", "1500")
                .calculate();
        assertThat(year.instances(LineId.of("8825/17"))).containsExactly("barn", "mill");
        assertThat(dollars(year, "8825/21")).isEqualTo(12_000 - 5_000 - 1_500 - 700);
        assertThat(ofOwner(year, "2", "amy")).isEqualTo(4_800);
        assertThat(dollars(year, "1120-S/M-1/6a")).isEqualTo(600);
        assertThat(dollars(year, "1120-S/M-1/8")).isEqualTo(dollars(year, "1120-S/K/18"));
    }

    /** Meals at half, exempt interest and a fine (IRC 274(n), 103, 162(f); worked by rule). */
    @Test
    void booksAndIncomeDifferByTheTreatments() {
        Calculation year = sample.owner("amy", 1)
                .shares("amy", "2025-01-01", "10")
                .income("4000", "1120-S/1a", "full", "100000")
                .income("4200", "1120-S/K/4", "portfolio-interest", "300")
                .income("4300", "1120-S/K/16a", "tax-exempt-interest", "200")
                .income("4400", "1120-S/K/5a", "qualified-dividends", "80")
                .expense("6000", "1120-S/20", "meals-50", "1000")
                .expense("6100", "1120-S/20", "fines", "70")
                .expense("6200", "1120-S/K/12a", "separately-stated-charitable", "400")
                .expense("6300", "1120-S/12", "federal-tax", "50")
                .calculate();
        assertThat(dollars(year, "1120-S/22")).isEqualTo(99_500);
        assertThat(dollars(year, "1120-S/K/18")).isEqualTo(99_500 + 300 + 80 - 400);
        assertThat(dollars(year, "1120-S/K/5b")).isEqualTo(80);
        assertThat(dollars(year, "1120-S/K/16c")).isEqualTo(500 + 70 + 50);
        assertThat(dollars(year, "1120-S/M-1/3b")).isEqualTo(500);
        assertThat(dollars(year, "1120-S/M-1/3c")).isEqualTo(120);
        assertThat(dollars(year, "1120-S/M-1/5a")).isEqualTo(200);
        assertThat(dollars(year, "1120-S/M-1/8")).isEqualTo(dollars(year, "1120-S/K/18"));
        assertThat(dollars(year, "1120-S/M-2/6/a")).isEqualTo(99_500 + 380 - 400 - 620);
        assertThat(dollars(year, "1120-S/M-2/6/d")).isEqualTo(200);
    }

    /** IRC 1375; Reg. 1.1375-1(f) Example 1 (from memory; today's rate). */
    @Test
    void passiveIncomeAboveAQuarterOfReceiptsIsTaxed() {
        Calculation year = sample.owner("amy", 1)
                .shares("amy", "2025-01-01", "10")
                .fact("1120-S/M-2/1/c", "500")
                .income("4000", "1120-S/1a", "full", "100000")
                .income("4200", "1120-S/K/4", "portfolio-interest", "60000")
                .income("4300", "1120-S/K/5a", "portfolio-dividends", "40000")
                .fact("1120-S/ENPI/5", "10000")
                .calculate();
        assertThat(dollars(year, "1120-S/ENPI/8")).isEqualTo(45_000);
        assertThat(dollars(year, "1120-S/23a")).isEqualTo(9_450);
        assertThat(dollars(year, "1120-S/K/4")).isEqualTo(60_000 - 5_670);
        assertThat(dollars(year, "1120-S/K/5a")).isEqualTo(40_000 - 3_780);
        assertThat(dollars(year, "1120-S/M-1/8")).isEqualTo(dollars(year, "1120-S/K/18"));
    }

    /** Reg. 1.179-2(c)(3) (from memory), worked by rule: pay of shareholders is added back. */
    @Test
    void section179IsHeldAgainstIncomeBeforePayOfShareholders() {
        Calculation year = sample.owner("amy", 1)
                .shares("amy", "2025-01-01", "10")
                .income("4000", "1120-S/1a", "full", "28355")
                .expense("6000", "1120-S/7", "officer-compensation", "88000")
                .income("4500", "1120-S/K/9", "section-1231", "3101")
                .fact("4562/2", "40000")
                .fact("4562/8", "7323")
                .calculate();
        assertThat(dollars(year, "1120-S/22")).isEqualTo(-59_645);
        assertThat(dollars(year, "4562/11")).isEqualTo(31_456);
        assertThat(dollars(year, "1120-S/K/11")).isEqualTo(7_323);
        assertThat(ofOwner(year, "11", "amy")).isEqualTo(7_323);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void whateverTheOwnersAndAmountsAllTiesOut(long seed) {
        Random chance = new Random(seed);
        int owners = 1 + chance.nextInt(9);
        for (int i = 1; i <= owners; i++) {
            sample.owner("o" + i, i).shares("o" + i, "2025-01-01", String.valueOf(1 + chance.nextInt(50)));
            if (chance.nextBoolean()) {
                sample.shares("o" + i, "2025-0" + (2 + chance.nextInt(7)) + "-1" + chance.nextInt(9), "7.25");
            }
            sample.paidOut(
                    "39" + i,
                    "1120-S/L/24@o" + i,
                    "shareholder-distribution",
                    chance.nextInt(900) + "." + chance.nextInt(10));
        }
        List<String> lines = List.of("1120-S/1a", "1120-S/K/4", "1120-S/K/6", "1120-S/K/9", "8825/2a@x", "8825/2b@y");
        lines.forEach(line -> sample.income("4" + lines.indexOf(line), line, "full", amount(chance)));
        List<String> costs = List.of("1120-S/20", "1120-S/K/12a", "1120-S/K/12c", "1120-S/K/16f", "8825/15@x");
        costs.forEach(line -> sample.expense("6" + costs.indexOf(line), line, "full", amount(chance)));
        sample.expense("69", "1120-S/20", "meals-50", amount(chance)).fact("1120-S/K/13g/M", "777");
        Calculation year = sample.calculate();
        List<TieOut> ties = Returns.of(year.snapshot()).tieOuts(new Examination(year, LocalDate.of(2026, 3, 1)));
        assertThat(ties)
                .isNotEmpty()
                .filteredOn(tie -> !tie.agrees())
                .extracting(tie -> tie.code() + " " + tie.message())
                .isEmpty();
        assertThat(year.rowTotal(LineId.of("1120-S/K-1/1"))).isEqualTo(year.amount(LineId.of("1120-S/K/1")));
    }

    private static String amount(Random chance) {
        return (chance.nextInt(4) == 0 ? "-" : "") + chance.nextInt(90_000) + "." + (10 + chance.nextInt(90));
    }
}
