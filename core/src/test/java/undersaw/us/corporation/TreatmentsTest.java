package undersaw.us.corporation;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.registry.Returns;

/** What each treatment brings to its line and to Schedule M-1; authorities stand in treatments.csv (from memory). */
class TreatmentsTest {
    private static Calculation expense(String treatment, String amount) {
        return SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "900000")
                .expense("6000", "1120/26", treatment, amount)
                .calculate();
    }

    /** Publication 463: half of a business meal; 200 of which 110 is lavish leaves 90, of which 45 (from memory). */
    @ParameterizedTest
    @CsvSource({
        "full,200,200,M-1/5d,0",
        "meals-half,90,45,M-1/5c,45",
        "meals-half,0.99,1,M-1/5c,0",
        "meals-none,110,0,M-1/5c,110",
        "entertainment-none,500,0,M-1/5c,500",
        "fines-none,750,0,M-1/5d,750",
        "penalty-tax-none,80,0,M-1/5d,80",
        "political-none,300,0,M-1/5d,300",
        "officer-life-none,1200,0,M-1/5d,1200",
        "fines-none,-750,0,M-1/5d,-750"
    })
    void anExpenseReachesItsLineAndTheRestGoesToTheBridge(
            String treatment, String book, long reached, String line, long difference) {
        Calculation calculation = expense(treatment, book);
        assertThat(calculation.amount(LineId.of("1120/26"))).isEqualTo(Money.ofDollars(reached));
        assertThat(calculation.amount(LineId.of("1120/" + line))).isEqualTo(Money.ofDollars(difference));
        Money miss = calculation.amount(LineId.of("1120/M-1/10")).minus(calculation.amount(LineId.of("1120/28")));
        assertThat(miss.isZero()).isTrue();
    }

    @Test
    void exemptInterestIsOnTheBooksOnly() {
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "900000")
                .income("4520", "1120/5", "interest-exempt", "5250")
                .calculate();
        assertThat(calculation.amount(LineId.of("1120/5"))).isEqualTo(Money.ZERO);
        assertThat(calculation.amount(LineId.of("1120/M-1/7a"))).isEqualTo(Money.ofDollars(5250));
        assertThat(calculation.amount(LineId.of("1120/K/9"))).isEqualTo(Money.ofDollars(5250));
        assertThat(calculation.amount(LineId.of("1120/M-1/1"))).isEqualTo(Money.ofDollars(905_250));
    }

    @Test
    void federalTaxIsAddedBackAndNeverDeducted() {
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "100000")
                .expense("8000", "1120/M-1/2", "federal-tax", "21000")
                .calculate();
        assertThat(calculation.amount(LineId.of("1120/28"))).isEqualTo(Money.ofDollars(100_000));
        assertThat(calculation.amount(LineId.of("1120/M-1/2"))).isEqualTo(Money.ofDollars(21_000));
        assertThat(calculation.amount(LineId.of("1120/M-1/10"))).isEqualTo(Money.ofDollars(100_000));
    }

    /** IRC 404(a)(5): a bonus paid too late is deducted next year; last year's turns round now (from memory). */
    @ParameterizedTest
    @CsvSource({"0,10000,40000,M-1/5d,10000", "8000,0,58000,M-1/8c,8000", "8000,10000,48000,M-1/5d,2000"})
    void aTimingDifferenceTurnsRound(String begin, String end, long deducted, String line, long difference) {
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "900000")
                .expense("6100", "1120/13", "bonus-accrual", "50000")
                .fact("TREAT/bonus-accrual/begin@6100", begin)
                .fact("TREAT/bonus-accrual/end@6100", end)
                .calculate();
        assertThat(calculation.amount(LineId.of("1120/13"))).isEqualTo(Money.ofDollars(deducted));
        assertThat(calculation.amount(LineId.of("1120/" + line))).isEqualTo(Money.ofDollars(difference));
        assertThat(calculation.amount(LineId.of("1120/M-1/10"))).isEqualTo(calculation.amount(LineId.of("1120/28")));
    }

    /** IRC 451(c): advance payments taxed a year late lower income now (from memory). */
    @Test
    void incomeTaxedBeforeOrAfterTheBooksGoesTheRightWay() {
        Calculation later = SampleReturns.corporation()
                .income("4300", "1120/1a", "advance-payments", "90000")
                .fact("TREAT/advance-payments/end@4300", "12000")
                .calculate();
        assertThat(later.amount(LineId.of("1120/1a"))).isEqualTo(Money.ofDollars(102_000));
        assertThat(later.amount(LineId.of("1120/M-1/4"))).isEqualTo(Money.ofDollars(12_000));
    }

    @Test
    void aFigureTypedOverTheBooksLeavesItsDifferenceOnTheBridge() {
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "300000")
                .expense("6000", "1120/14", "full", "5000")
                .fact("1120/14", "4200")
                .calculate();
        assertThat(calculation.amount(LineId.of("1120/27"))).isEqualTo(Money.ofDollars(4_200));
        assertThat(calculation.value(LineId.of("1120/14")).orElseThrow().unreplaced())
                .isEqualTo(Money.ofDollars(5_000));
        assertThat(calculation.amount(LineId.of("1120/M-1/5d"))).isEqualTo(Money.ofDollars(800));
        assertThat(calculation.amount(LineId.of("1120/M-1/10"))).isEqualTo(calculation.amount(LineId.of("1120/28")));
    }

    @ParameterizedTest
    @CsvSource({
        "meals-50,meals-half",
        "tax-exempt-interest,interest-exempt",
        "'',full",
        "book-depreciation,depreciation-books"
    })
    void formerNamesAreReadAsTheOneKept(String written, String kept) {
        assertThat(Returns.all().get(0).treatment(written).orElseThrow().id()).isEqualTo(kept);
    }

    @Test
    void everyTreatmentNamesItsAuthority() {
        assertThat(Returns.all().get(0).treatments())
                .hasSizeGreaterThan(50)
                .allSatisfy(treatment ->
                        assertThat(treatment.citation()).as(treatment.id()).containsPattern("IRC|Reg\\."));
    }

    @Test
    void roundingIsPlacedOpenlyNotLost() {
        Calculation calculation = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "300000.49")
                .income("4500", "1120/5", "full", "10.49")
                .income("4900", "1120/10", "full", "10.49")
                .calculate();
        // books: 300,021.47 rounds to 300,021; the lines add up to 300,020
        assertThat(calculation.amount(LineId.of("1120/28"))).isEqualTo(Money.ofDollars(300_020));
        assertThat(calculation.amount(LineId.of("1120/M-1/1"))).isEqualTo(Money.ofDollars(300_021));
        assertThat(calculation.amount(LineId.of("1120/M-1/8c"))).isEqualTo(Money.ofDollars(1));
        assertThat(calculation.amount(LineId.of("1120/M-1/10"))).isEqualTo(Money.ofDollars(300_020));
    }
}
