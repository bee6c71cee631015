package undersaw.us.partnership;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.check.Examination;
import undersaw.check.TieOut;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.registry.Returns;

/** Schedules K-1 of partners: percentages and days, special allocations, what was recorded, self-employment, debts. */
class SchedulesK1Test {
    private final SampleReturns sample = SampleReturns.partnership();

    private static long dollars(Calculation year, String line) {
        return year.amount(LineId.of(line)).dollars();
    }

    private static long ofPartner(Calculation year, String line, String partner) {
        return year.value(LineKey.parse("1065/K-1/" + line + "@" + partner))
                .map(value -> value.amount().dollars())
                .orElse(0L);
    }

    private SampleReturns thirds() {
        return sample.partner("a", 1, "general", "33.333333")
                .partner("b", 2, "general", "33.333333")
                .partner("c", 3, "general", "33.333334");
    }

    /** Odd dollars of three thirds go to the largest remainder, then to the earlier row (worked by rule, no source). */
    @ParameterizedTest
    @CsvSource({"100,33,33,34", "-100,-33,-33,-34", "101,34,33,34", "1,0,0,1"})
    void thirdsComeToTheWhole(String amount, long a, long b, long c) {
        Calculation year = thirds().income("4000", "1065/1a", "full", amount).calculate();
        assertThat(List.of(ofPartner(year, "1", "a"), ofPartner(year, "1", "b"), ofPartner(year, "1", "c")))
                .containsExactly(a, b, c);
        assertThat(year.answer(LineId.of("1065/hdr/I"))).isEqualTo("3");
    }

    /** Who is named takes what rounding leaves (worked by rule, no source). */
    @Test
    void theNamedPartnerTakesTheOddDollar() {
        Calculation year = sample.partner("a", 1, "general", "50")
                .partner("b", 2, "general", "50")
                .fact("1065/K-1/rounding-owner", "b")
                .income("4000", "1065/1a", "full", "101")
                .calculate();
        assertThat(ofPartner(year, "1", "a")).isEqualTo(51);
        assertThat(ofPartner(year, "1", "b")).isEqualTo(50);
    }

    /** A partner who joins at the end of 20 May: 140 days before, 225 after (worked by rule, no source). */
    @Test
    void aPartnerWhoJoinsSharesFromTheNextDay() {
        Calculation year = sample.partner("a", 1, "general", "50")
                .partner("b", 2, "general", "50")
                .fact("OWNERS/profitBegin@a", "100")
                .fact("OWNERS/lossBegin@a", "100")
                .fact("OWNERS/capitalBegin@a", "100")
                .changed("a", "2025-05-20", "50")
                .changed("b", "2025-05-20", "50")
                .income("4000", "1065/1a", "full", "365000")
                .calculate();
        assertThat(ofPartner(year, "1", "a")).isEqualTo(140_000 + 112_500);
        assertThat(ofPartner(year, "1", "b")).isEqualTo(112_500);
        assertThat(year.value(LineKey.parse("1065/K-1/J/profit/begin@a"))
                        .orElseThrow()
                        .value()
                        .plain())
                .isEqualTo("100");
    }

    /** Losses go by shares of loss; deductions by the sign of the whole (house rule, no source). */
    @Test
    void lossesGoBySharesOfLoss() {
        sample.partner("a", 1, "general", "60").partner("b", 2, "limited", "40");
        sample.fact("OWNERS/lossEnd@a", "90").fact("OWNERS/lossEnd@b", "10");
        Calculation year = sample.expense("6000", "1065/21", "full", "1000")
                .income("4200", "1065/K/5", "portfolio-interest", "100")
                .expense("6300", "1065/K/13a", "charitable", "50")
                .calculate();
        assertThat(ofPartner(year, "1", "a")).isEqualTo(-900);
        assertThat(ofPartner(year, "5", "a")).isEqualTo(60);
        assertThat(ofPartner(year, "13/A", "a")).isEqualTo(45);
    }

    /** Amounts first, then percentages of the rest (IRC 704(b); house rule, worked by it). */
    @Test
    void specialAllocationsTakeThePlaceOfShares() {
        Calculation year = thirds().income("4600", "1065/K/10", "section-1231", "1000")
                .fact("ALLOCATIONS/line@1", "1065/K/10")
                .fact("ALLOCATIONS/owner@1", "a")
                .fact("ALLOCATIONS/amount@1", "400")
                .fact("ALLOCATIONS/line@2", "1065/K/10")
                .fact("ALLOCATIONS/owner@2", "b")
                .fact("ALLOCATIONS/percent@2", "100")
                .calculate();
        assertThat(ofPartner(year, "10", "a")).isEqualTo(400);
        assertThat(ofPartner(year, "10", "b")).isEqualTo(600);
        assertThat(ofPartner(year, "10", "c")).isZero();
        assertThat(codes(year)).contains("P-0305").doesNotContain("P-0310");
    }

    @Test
    void aSpecialAllocationThatLeavesSomethingIsStopped() {
        Calculation year = thirds().income("4600", "1065/K/10", "section-1231", "1000")
                .fact("ALLOCATIONS/line@1", "1065/K/10")
                .fact("ALLOCATIONS/owner@1", "a")
                .fact("ALLOCATIONS/amount@1", "400")
                .calculate();
        assertThat(codes(year)).contains("P-0310");
    }

    /** Recorded to the cent, rounded once, divided by what was recorded (worked by rule, no source). */
    @Test
    void guaranteedPaymentsGoAsRecorded() {
        Calculation year = sample.partner("a", 1, "general", "50")
                .partner("b", 2, "general", "50")
                .expense("6100", "1065/10@a", "guaranteed-payment", "41500.50")
                .expense("6101", "1065/10@b", "guaranteed-payment", "58250.50")
                .calculate();
        assertThat(dollars(year, "1065/K/4a")).isEqualTo(99_751);
        assertThat(ofPartner(year, "4a", "a")).isEqualTo(41_501);
        assertThat(ofPartner(year, "4a", "b")).isEqualTo(58_250);
        assertThat(dollars(year, "1065/10")).isEqualTo(99_751);
    }

    /** Insurance stands on 4a and on 13M, and is a deduction of the books once (Rev. Rul. 91-26, from memory). */
    @Test
    void insuranceOfAPartnerIsPaidAndDeductedOnce() {
        Calculation year = sample.partner("a", 1, "general", "50")
                .partner("b", 2, "general", "50")
                .income("4000", "1065/1a", "full", "200000")
                .expense("6100", "1065/10@a", "guaranteed-payment", "60000")
                .expense("6110", "1065/10@a", "owner-health-insurance", "12000")
                .calculate();
        assertThat(dollars(year, "1065/K/4a")).isEqualTo(72_000);
        assertThat(ofPartner(year, "13/M", "a")).isEqualTo(12_000);
        assertThat(dollars(year, "1065/M-1/3")).isEqualTo(60_000);
        assertThat(dollars(year, "1065/M-1/9")).isEqualTo(dollars(year, "1065/ANI/1"));
        assertThat(dollars(year, "1065/M-2/3")).isEqualTo(128_000);
        assertThat(dollars(year, "1065/M-2/9")).isEqualTo(dollars(year, "1065/L/21/d"));
    }

    /** Limited partners count pay for services only, other kinds nothing (IRC 1402(a)(13), from memory). */
    @Test
    void selfEmploymentGoesByRoleAndKind() {
        Calculation year = sample.partner("gen", 1, "general", "25")
                .partner("lim", 2, "limited", "25")
                .partner("mem", 3, "member", "25")
                .partner("inc", 4, "general", "25")
                .fact("OWNERS/kind@inc", "corporation")
                .income("4000", "1065/1a", "full", "100000")
                .income("4100", "1065/6", "ordinary-gain-4797", "4000")
                .expense("6100", "1065/10@lim", "guaranteed-payment", "20000")
                .calculate();
        assertThat(dollars(year, "1065/SE/3a")).isEqualTo(80_000);
        assertThat(ofPartner(year, "14/A", "gen")).isEqualTo(20_000);
        assertThat(ofPartner(year, "14/A", "mem")).isEqualTo(20_000);
        assertThat(ofPartner(year, "14/A", "lim")).isEqualTo(20_000);
        assertThat(ofPartner(year, "14/A", "inc")).isZero();
        assertThat(dollars(year, "1065/K/14a")).isEqualTo(60_000);
        Calculation other = sample.fact("1065/K-1/se@mem", "limited").calculate();
        assertThat(ofPartner(other, "14/A", "mem")).isZero();
    }

    /** General partners bear recourse debts, all partners the others (Reg. 1.752-2, 1.752-3, from memory). */
    @Test
    void debtsGoToThoseWhoBearThem() {
        sample.partner("gen", 1, "general", "40").partner("lim", 2, "limited", "60");
        Calculation year = sample.balance("2000", "1065/L/15", "-1000", "-3000")
                .balance("2100", "1065/L/18", "0", "-5000")
                .balance("2200", "1065/L/19a@lim", "recourse", "0", "-700")
                .balance("2300", "1065/L/19b", "qualified-nonrecourse", "-900", "-900")
                .calculate();
        assertThat(ofPartner(year, "K/recourse/begin", "gen")).isEqualTo(1_000);
        assertThat(ofPartner(year, "K/recourse/end", "gen")).isEqualTo(3_000);
        assertThat(ofPartner(year, "K/recourse/end", "lim")).isEqualTo(700);
        assertThat(ofPartner(year, "K/nonrecourse/end", "gen")).isEqualTo(2_000);
        assertThat(ofPartner(year, "K/qualified-nonrecourse/end", "lim")).isEqualTo(540);
        Calculation members = sample.fact("OWNERS/role@gen", "member").calculate();
        assertThat(ofPartner(members, "K/recourse/end", "gen")).isZero();
        assertThat(ofPartner(members, "K/nonrecourse/end", "gen")).isEqualTo(3_200);
    }

    /** Capital is carried by what was put in, earned and drawn (Instructions for Form 1065, item L; worked by rule). */
    @Test
    void capitalRollsFromBeginningToEnd() {
        Calculation year = sample.partner("a", 1, "general", "50")
                .partner("b", 2, "general", "50")
                .fact("1065/K-1/L/beginning@a", "1000")
                .income("4000", "1065/1a", "full", "10000")
                .income("4300", "1065/K/18a", "interest-exempt", "200")
                .expense("6200", "1065/21", "fines-none", "100")
                .paidOut("3100", "1065/L/21@a", "owner-draw", "3000")
                .balance("3200", "1065/L/21@b", "owner-contribution", "0", "-500")
                .calculate();
        assertThat(ofPartner(year, "L/ending", "a")).isEqualTo(1_000 + 5_000 + 50 - 3_000);
        assertThat(ofPartner(year, "L/ending", "b")).isEqualTo(500 + 5_000 + 50);
        assertThat(dollars(year, "1065/M-2/9")).isEqualTo(8_600);
        assertThat(ofPartner(year, "19/A", "a")).isEqualTo(3_000);
    }

    /** Basis takes up income and debts, then money drawn, then losses as far as it goes (IRC 704(d), 705, 752). */
    @Test
    void lossesWaitForBasis() {
        Calculation year = sample.partner("a", 1, "general", "50")
                .partner("b", 2, "general", "50")
                .fact("1065/BASIS/1@a", "1000")
                .fact("1065/BASIS/1@b", "9000")
                .expense("6000", "1065/21", "full", "5000")
                .balance("2000", "1065/L/15", "0", "-800")
                .calculate();
        assertThat(year.value(LineKey.parse("1065/BASIS/14@a"))
                        .orElseThrow()
                        .amount()
                        .dollars())
                .isEqualTo(2_500 - 1_400);
        assertThat(year.value(LineKey.parse("1065/BASIS/13@b"))
                        .orElseThrow()
                        .amount()
                        .dollars())
                .isEqualTo(9_000 + 400 - 2_500);
    }

    private static List<String> codes(Calculation year) {
        return Returns.review(year, LocalDate.of(2026, 3, 1)).diagnostics().stream()
                .map(each -> each.code())
                .toList();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void whateverThePartnersAndAmountsAllTiesOut(long seed) {
        Random chance = new Random(seed);
        List<String> percents = List.of("41.5", "30.25", "20", "8.25");
        List<String> roles = List.of("general", "limited", "member", "general");
        for (int i = 0; i < percents.size(); i++) {
            sample.partner("p" + i, i + 1, roles.get(i), percents.get(i))
                    .fact("1065/K-1/L/beginning@p" + i, String.valueOf(chance.nextInt(50_000)))
                    .paidOut("31" + i, "1065/L/21@p" + i, "owner-draw", chance.nextInt(900) + "." + chance.nextInt(10))
                    .expense("61" + i, "1065/10@p" + i, "guaranteed-payment", chance.nextInt(900) + ".50");
        }
        sample.fact("OWNERS/kind@p3", "corporation")
                .fact("OWNERS/lossEnd@p0", "50")
                .fact("OWNERS/lossEnd@p1", "21.75");
        List<String> lines = List.of("1065/1a", "1065/K/5", "1065/K/7", "1065/K/10", "8825/2a@x", "8825/2b@y");
        lines.forEach(line -> sample.income("4" + lines.indexOf(line), line, "full", amount(chance)));
        List<String> costs = List.of("1065/21", "1065/K/13a", "1065/K/13c", "1065/K/21", "8825/15@x");
        costs.forEach(line -> sample.expense("6" + costs.indexOf(line), line, "full", amount(chance)));
        sample.expense("69", "1065/21", "meals-50", amount(chance)).fact("1065/K/15f/M", "777");
        sample.balance("2000", "1065/L/15", "-1000.50", "-3000.25").balance("2100", "1065/L/18", "0", "-77.77");
        Calculation year = sample.calculate();
        List<TieOut> ties = Returns.of(year.snapshot()).tieOuts(new Examination(year, LocalDate.of(2026, 3, 1)));
        assertThat(ties)
                .filteredOn(tie -> !tie.code().equals("P-T01"))
                .isNotEmpty()
                .filteredOn(tie -> !tie.agrees())
                .extracting(tie -> tie.code() + " " + tie.message())
                .isEmpty();
        assertThat(year.rowTotal(LineId.of("1065/K-1/1"))).isEqualTo(year.amount(LineId.of("1065/K/1")));
    }

    private static String amount(Random chance) {
        return (chance.nextInt(4) == 0 ? "-" : "") + chance.nextInt(90_000) + "." + (10 + chance.nextInt(90));
    }
}
