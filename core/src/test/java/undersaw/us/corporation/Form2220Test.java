package undersaw.us.corporation;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.law.calendar.Period;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * Instalments, underpayments and their interest, by hand after IRC 6655 and Form 2220 (from memory): 7 percent in
 * 2025 and the first quarter of 2026, 6 percent from April 2026 (IRC 6621 and revenue rulings, from memory).
 */
class Form2220Test {
    private static SampleReturns earning(String income) {
        return SampleReturns.corporation().income("4000", "1120/1a", "full", income);
    }

    private static Payment estimated(int month, int day, long amount) {
        return new Payment(LocalDate.of(2025, month, day), PaymentKind.ESTIMATED, Money.ofDollars(amount));
    }

    private static long at(Calculation calculation, String line) {
        return calculation.amount(LineId.of(line)).dollars();
    }

    /** 260 and 90 days at 7, 15 days at 6 percent for the first; 198, 107 and 16 days of 2025 for the others. */
    @Test
    void interestOnFourInstalmentsThatWereNeverPaid() {
        Calculation year = earning("200000").calculate();
        assertThat(at(year, "2220/10/a")).isEqualTo(10_500);
        assertThat(at(year, "2220/17/d")).isEqualTo(10_500);
        assertThat(at(year, "2220/38")).isEqualTo(1_998);
        assertThat(at(year, "1120/34")).isEqualTo(1_998);
    }

    /** Ten days late: 10,500 at 7 percent for 10 of 365 days is 20.14. */
    @Test
    void aPaymentThatComesLateCuresTheOldestInstalmentFirst() {
        Calculation year = earning("200000")
                .paid(estimated(4, 25, 10_500))
                .paid(estimated(6, 16, 10_500))
                .paid(estimated(9, 15, 10_500))
                .paid(estimated(12, 15, 10_500))
                .calculate();
        assertThat(at(year, "2220/17/a")).isEqualTo(10_500);
        assertThat(at(year, "2220/11/b")).isEqualTo(21_000);
        assertThat(at(year, "2220/17/b")).isZero();
        assertThat(at(year, "2220/38")).isEqualTo(20);
    }

    @Test
    void whatIsPaidOnTimeBearsNoInterestAndAnOverpaymentServesTheNext() {
        Calculation year = earning("200000").paid(estimated(4, 15, 42_000)).calculate();
        assertThat(at(year, "2220/18/a")).isEqualTo(31_500);
        assertThat(at(year, "2220/12/d")).isEqualTo(10_500);
        assertThat(at(year, "2220/38")).isZero();
    }

    @Test
    void withheldTaxCountsInEqualPartsAndAnOverpaymentNotBeforeTheFirstDate() {
        Calculation year = earning("200000")
                .paid(new Payment(LocalDate.of(2025, 12, 31), PaymentKind.WITHHELD, Money.ofDollars(4_000)))
                .paid(new Payment(LocalDate.of(2025, 1, 2), PaymentKind.OVERPAYMENT_APPLIED, Money.ofDollars(9_500)))
                .calculate();
        assertThat(at(year, "2220/11/a")).isEqualTo(10_500);
        assertThat(at(year, "2220/11/b")).isEqualTo(1_000);
        assertThat(at(year, "2220/17/a")).isZero();
    }

    /** Form 2220 line 3: under 500 there is no penalty, from 500 on there is. */
    @ParameterizedTest
    @CsvSource({"2376, 499, 0", "2381, 500, 24"})
    void fromFiveHundredOn(String income, long tax, long penalty) {
        Calculation year = earning(income).calculate();
        assertThat(at(year, "2220/3")).isEqualTo(tax);
        assertThat(at(year, "2220/38")).isEqualTo(penalty);
    }

    @Test
    void lastYearsTaxProtectsAnyButALargeCorporation() {
        assertThat(at(earning("200000").fact("2220/4", "20000").calculate(), "2220/10/a"))
                .isEqualTo(5_000);
        Calculation large = earning("200000")
                .fact("2220/4", "20000")
                .fact("2220/large", "yes")
                .calculate();
        assertThat(at(large, "2220/10/a")).isEqualTo(5_000);
        assertThat(at(large, "2220/10/b")).isEqualTo(16_000);
        assertThat(at(large, "2220/10/c")).isEqualTo(10_500);
    }

    /** Income that comes late in the year: 2,100, 6,300, 10,500 and the rest of 42,000. */
    @Test
    void theAnnualizedMethodFollowsTheIncome() {
        Calculation year = earning("200000")
                .fact("2220/7", "yes")
                .fact("2220/A/20/a", "10000")
                .fact("2220/A/20/b", "20000")
                .fact("2220/A/20/c", "60000")
                .fact("2220/A/20/d", "150000")
                .calculate();
        assertThat(at(year, "2220/10/a")).isEqualTo(2_100);
        assertThat(at(year, "2220/10/b")).isEqualTo(6_300);
        assertThat(at(year, "2220/10/c")).isEqualTo(10_500);
        assertThat(at(year, "2220/10/d")).isEqualTo(23_100);
    }

    @Test
    void aShortYearHasFewerInstalmentsOrNone() {
        Calculation eight = earning("200000")
                .during(new Period(LocalDate.of(2025, 3, 1), LocalDate.of(2025, 10, 31)))
                .calculate();
        assertThat(at(eight, "2220/10/c")).isEqualTo(14_000);
        assertThat(at(eight, "2220/10/d")).isZero();
        Calculation three = earning("200000")
                .during(new Period(LocalDate.of(2025, 10, 1), LocalDate.of(2025, 12, 31)))
                .calculate();
        assertThat(at(three, "2220/38")).isZero();
    }

    /** Next year's instalments rest on the smaller of this year's tax and what is expected, the first less line 37. */
    @Test
    void nextYearsEstimates() {
        Calculation year = earning("200000")
                .paid(estimated(4, 15, 43_000))
                .fact("1120/37", "600")
                .fact("est/expected", "30000")
                .calculate();
        assertThat(at(year, "est/1")).isEqualTo(6_900);
        assertThat(at(year, "est/4")).isEqualTo(7_500);
        assertThat(at(earning("200000").calculate(), "est/2")).isEqualTo(10_500);
        assertThat(at(earning("2000").calculate(), "est/2")).isZero();
    }

    @Test
    void theExtensionShowsWhatIsStillOwed() {
        Calculation year = earning("200000")
                .paid(estimated(4, 15, 30_000))
                .paid(new Payment(LocalDate.of(2026, 4, 15), PaymentKind.EXTENSION, Money.ofDollars(9_000)))
                .calculate();
        assertThat(at(year, "7004/7")).isEqualTo(30_000);
        assertThat(at(year, "7004/8")).isEqualTo(12_000);
    }
}
