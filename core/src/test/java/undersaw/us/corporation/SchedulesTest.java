package undersaw.us.corporation;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.money.Percent;

/** Schedules line by line, by the captions of the 2024 form (from memory). */
class SchedulesTest {
    private static long at(Calculation calculation, String line) {
        return calculation.amount(LineId.of(line)).dollars();
    }

    /** Form 1120 Schedule C, column b (from memory); income high enough that no limit bites. */
    @ParameterizedTest
    @CsvSource({"1,50", "2,65", "4,23.3", "5,26.7", "6,50", "7,65", "8,100", "10,100", "11,100", "12,100", "13,100"})
    void dividendsAreDeductedByTheShareOfTheirLine(String line, String percent) {
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "900000")
                .income("4600", "1120/C/" + line + "/a", "full", "1000")
                .calculate();
        assertThat(calculation.amount(LineId.of("1120/29b")))
                .isEqualTo(Money.ofDollars(1000).timesInDollars(Percent.of(percent)));
        assertThat(new BigDecimal(calculation.answer(LineId.of("1120/C/" + line + "/b"))))
                .isEqualByComparingTo(percent);
        assertThat(at(calculation, "1120/4")).isEqualTo(1000);
    }

    @ParameterizedTest
    @CsvSource({"14", "16a", "16b", "16c", "17", "18", "19", "20"})
    void otherDividendsAreIncomeWithNoDeduction(String line) {
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "900000")
                .income("4600", "1120/C/" + line + "/a", "full", "1000")
                .calculate();
        assertThat(at(calculation, "1120/4")).isEqualTo(1000);
        assertThat(at(calculation, "1120/29b")).isZero();
    }

    @Test
    void bothClassesOfDividendsShareTheLimitInOrder() {
        // income 20,000; large holdings: 65% of 10,000 = 6,500, limit 65% of 20,000 = 13,000;
        // small: 50% of 30,000 = 15,000, limit 50% of (20,000 - 10,000) = 5,000; together 11,500; in full 21,500 >
        // income,
        // which would be a loss: the loss exception gives it all
        Calculation loss = SampleReturns.corporation()
                .income("4600", "1120/C/2/a", "full", "10000")
                .income("4601", "1120/C/1/a", "full", "30000")
                .expense("6000", "1120/26", "full", "20000")
                .calculate();
        assertThat(at(loss, "1120/C/9/c")).isEqualTo(21_500);
        // 3,000 more income: 23,000 - 21,500 is no loss; 6,500 + min(50% of 13,000, 15,000) = 13,000
        Calculation limited = SampleReturns.corporation()
                .income("4600", "1120/C/2/a", "full", "10000")
                .income("4601", "1120/C/1/a", "full", "30000")
                .expense("6000", "1120/26", "full", "17000")
                .calculate();
        assertThat(at(limited, "1120/C/9/c")).isEqualTo(13_000);
        assertThat(at(limited, "1120/30")).isEqualTo(10_000);
    }

    @Test
    void scheduleJAddsTaxesAndTakesCredits() {
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "100000")
                .fact("1120/J/1c", "100")
                .fact("1120/J/1z", "11")
                .fact("1120/J/3", "1000")
                .fact("1120/J/5a", "300")
                .fact("1120/J/5c", "200")
                .fact("1120/J/8", "40")
                .fact("1120/J/9b", "7")
                .fact("1120/J/9z", "2")
                .fact("1120/J/11b", "60")
                .calculate();
        assertThat(at(calculation, "1120/J/2")).isEqualTo(21_111);
        assertThat(at(calculation, "1120/J/4")).isEqualTo(22_111);
        assertThat(at(calculation, "1120/J/6")).isEqualTo(500);
        assertThat(at(calculation, "1120/J/7")).isEqualTo(21_611);
        assertThat(at(calculation, "1120/J/10")).isEqualTo(9);
        assertThat(at(calculation, "1120/J/11a")).isEqualTo(21_660);
        assertThat(at(calculation, "1120/J/12")).isEqualTo(21_600);
        assertThat(at(calculation, "1120/31")).isEqualTo(21_600);
    }

    @Test
    void paymentsReachTheirLinesAndARefundIsSplit() {
        LocalDate day = LocalDate.of(2025, 6, 16);
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "100000")
                .paid(new Payment(day, PaymentKind.OVERPAYMENT_APPLIED, Money.ofDollars(1_000)))
                .paid(new Payment(day, PaymentKind.ESTIMATED, Money.parse("9999.50")))
                .paid(new Payment(day, PaymentKind.ESTIMATED, Money.ofDollars(10_000)))
                .paid(new Payment(day, PaymentKind.EXTENSION, Money.ofDollars(3_000)))
                .paid(new Payment(day, PaymentKind.WITHHELD, Money.ofDollars(50)))
                .fact("1120/J/15", "500")
                .fact("1120/J/20b", "20")
                .fact("2220/38", "33")
                .fact("1120/37", "600")
                .calculate();
        assertThat(at(calculation, "1120/J/14")).isEqualTo(20_000);
        assertThat(at(calculation, "1120/J/16")).isEqualTo(20_500);
        assertThat(at(calculation, "1120/J/19")).isEqualTo(23_550);
        assertThat(at(calculation, "1120/33")).isEqualTo(23_570);
        assertThat(at(calculation, "1120/36")).isEqualTo(23_570 - 21_000 - 33);
        assertThat(at(calculation, "1120/37r")).isEqualTo(23_570 - 21_000 - 33 - 600);
        assertThat(at(calculation, "1120/35")).isZero();
    }

    @Test
    void scheduleLNetsItsPairsAndSubtractsTreasuryStock() {
        Calculation calculation = SampleReturns.corporation()
                .balance("1100", "1120/L/2a", "500", "600")
                .balance("1101", "1120/L/2b", "-50", "-60")
                .balance("1500", "1120/L/10a", "9000", "9500")
                .balance("1501", "1120/L/10b", "-4000", "-4500")
                .balance("3000", "1120/L/22a", "-100", "-100")
                .balance("3010", "1120/L/22b", "-900", "-900")
                .balance("3100", "1120/L/27", "200", "200")
                .balance("3900", "1120/L/25", "-4650", "-4740")
                .calculate();
        assertThat(at(calculation, "1120/L/2b/a")).isEqualTo(50);
        assertThat(at(calculation, "1120/L/2b/b")).isEqualTo(450);
        assertThat(at(calculation, "1120/L/10b/d")).isEqualTo(5_000);
        assertThat(at(calculation, "1120/L/22b/b")).isEqualTo(1_000);
        assertThat(at(calculation, "1120/L/27/d")).isEqualTo(200);
        assertThat(at(calculation, "1120/L/15/b")).isEqualTo(5_450);
        assertThat(at(calculation, "1120/L/28/b")).isEqualTo(5_450);
        assertThat(at(calculation, "1120/L/28/d")).isEqualTo(5_540);
        assertThat(at(calculation, "1120/hdr/D")).isEqualTo(5_540);
    }

    @Test
    void scheduleM2RollsRetainedEarningsWithDistributions() {
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "300000")
                .balance("3900", "1120/L/25", "-20000", "-21500")
                .balance("3950", "1120/M-2/5a", "0", "8000")
                .balance("3960", "1120/M-2/6", "0", "300")
                .calculate();
        assertThat(at(calculation, "1120/M-2/1")).isEqualTo(20_000);
        assertThat(at(calculation, "1120/M-2/2")).isEqualTo(300_000);
        assertThat(at(calculation, "1120/M-2/3")).isEqualTo(1_500);
        assertThat(at(calculation, "1120/M-2/5a")).isEqualTo(8_000);
        assertThat(at(calculation, "1120/M-2/6")).isEqualTo(300);
        assertThat(at(calculation, "1120/M-2/8")).isEqualTo(313_200);
        assertThat(at(calculation, "1120/L/25/d")).isEqualTo(313_200);
    }

    @Test
    void officersTakeTheirTotalFromTheSchedule() {
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "900000")
                .expense("6010", "1120/12", "full", "120000")
                .fact("1125-E/1/f@a", "90000")
                .fact("1125-E/1/f@b", "50000")
                .fact("1125-E/3", "20000")
                .calculate();
        assertThat(at(calculation, "1125-E/2")).isEqualTo(140_000);
        assertThat(at(calculation, "1120/12")).isEqualTo(120_000);
        assertThat(at(calculation, "1120/M-1/10")).isEqualTo(at(calculation, "1120/28"));
    }

    /** Gains on the books meet Form 4797 on the right side of Schedule M-1 (common practice, no source). */
    @ParameterizedTest
    @CsvSource({"5000,7000,4,2000", "5000,3000,7b,2000", "-5000,-7000,8c,2000", "-5000,-3000,4,2000"})
    void propertySoldMeetsForm4797(String book, String tax, String line, long difference) {
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "900000")
                .income("4800", "1120/9", "disposal-books", book)
                .fact("4797/17", tax)
                .calculate();
        assertThat(at(calculation, "1120/9")).isEqualTo(Long.parseLong(tax));
        assertThat(at(calculation, "1120/M-1/" + line)).isEqualTo(difference);
        assertThat(at(calculation, "1120/M-1/10")).isEqualTo(at(calculation, "1120/28"));
    }

    @Test
    void depreciationAndAmortizationAreSplitBetweenPageAndCost() {
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "900000")
                .balance("1400", "1120/L/3", "10", "10")
                .expense("6700", "1120/20", "depreciation-books", "40000")
                .fact("4562/22", "60000")
                .fact("4562/22/cogs", "25000")
                .fact("4562/22/other", "5000")
                .fact("4562/44", "900")
                .fact("4562/44/cogs", "300")
                .calculate();
        assertThat(at(calculation, "1120/20")).isEqualTo(30_000);
        assertThat(at(calculation, "1125-A/5")).isEqualTo(25_300);
        assertThat(at(calculation, "1120/26")).isEqualTo(600);
        assertThat(at(calculation, "1120/M-1/8a")).isEqualTo(20_000);
        assertThat(at(calculation, "1120/M-1/8c")).isEqualTo(900);
    }
}
