package undersaw.us.corporation;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.check.TieOut;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.registry.Returns;

/** A whole small return, every figure worked by hand from the lines of the form (from memory). */
class WholeReturnTest {
    private static final Calculation RETURN = SampleReturns.corporation()
            .income("4000", "1120/1a", "full", "900000.40")
            .expense("4100", "1120/1b", "full", "10000")
            .expense("5000", "1125-A/2", "full", "350000")
            .balance("1400", "1120/L/3", "40000", "60000")
            .balance("3900", "1120/L/25", "-40000", "-40000")
            .noncash("5900", "1125-A/7", "inventory-change", "-20000")
            .income("4900", "1120/5", "full", "1200")
            .income("4910", "1120/5", "interest-exempt", "3000")
            .expense("6000", "1120/13", "full", "150000.30")
            .expense("6500", "1120/26", "meals-half", "4001.01")
            .expense("6600", "1120/26", "fines-none", "750")
            .expense("6700", "1120/26", "full", "12000")
            .expense("6800", "1120/20", "depreciation-books", "30000")
            .expense("6900", "1120/M-1/2", "federal-tax", "70000")
            .fact("4562/22", "45000")
            .paid(new Payment(LocalDate.of(2025, 4, 15), PaymentKind.ESTIMATED, Money.ofDollars(80_000)))
            .calculate();

    private static long at(String line) {
        return RETURN.amount(LineId.of(line)).dollars();
    }

    @Test
    void incomeAndCostOfGoodsSoldFoot() {
        assertThat(at("1120/1c")).isEqualTo(890_000);
        // 40,000 + 350,000 - 60,000
        assertThat(at("1125-A/8")).isEqualTo(330_000);
        assertThat(at("1120/3")).isEqualTo(560_000);
        assertThat(at("1120/5")).isEqualTo(1_200);
        assertThat(at("1120/11")).isEqualTo(561_200);
    }

    @Test
    void deductionsFollowTheirTreatments() {
        // half of the meals is 2,000.51 (rounded to cents), fines bring nothing: 14,000.51 rounds to 14,001
        assertThat(at("1120/26")).isEqualTo(14_001);
        assertThat(at("1120/20")).isEqualTo(45_000);
        assertThat(at("1120/27")).isEqualTo(150_000 + 45_000 + 14_001);
        assertThat(at("1120/28")).isEqualTo(561_200 - 209_001);
    }

    @Test
    void taxIsTheStatutoryRateAndPaymentsReduceIt() {
        // IRC 11(b): 21% of 352,199 is 73,961.79 (from memory)
        assertThat(at("1120/J/1a")).isEqualTo(73_962);
        assertThat(at("1120/35")).isZero();
        assertThat(at("1120/36")).isEqualTo(80_000 - 73_962);
        assertThat(at("1120/37r")).isEqualTo(80_000 - 73_962);
    }

    @Test
    void bookIncomeWalksToTaxableIncome() {
        assertThat(at("1120/M-1/2")).isEqualTo(70_000);
        assertThat(at("1120/M-1/5c")).isEqualTo(2_001);
        assertThat(at("1120/M-1/5d")).isEqualTo(750);
        assertThat(at("1120/M-1/7a")).isEqualTo(3_000);
        assertThat(at("1120/K/9")).isEqualTo(3_000);
        assertThat(at("1120/M-1/8a")).isEqualTo(15_000);
        assertThat(at("1120/M-1/10")).isEqualTo(at("1120/28"));
    }

    @Test
    void everyTieOutAgrees() {
        assertThat(Returns.review(RETURN, LocalDate.of(2026, 3, 1)).tieOuts())
                .hasSizeGreaterThanOrEqualTo(15)
                .allSatisfy(tie -> assertThat(tie.agrees()).as(tie.message()).isTrue());
    }

    @Test
    void theBalanceSheetBalancesAndRetainedEarningsRoll() {
        assertThat(at("1120/L/15/d")).isEqualTo(at("1120/L/28/d"));
        assertThat(at("1120/M-2/8")).isEqualTo(at("1120/L/25/d"));
        List<TieOut> ties = Returns.review(RETURN, LocalDate.of(2026, 3, 1)).tieOuts();
        assertThat(ties).extracting(TieOut::code).contains("TO-01d", "TO-02", "TO-03", "TO-22");
    }
}
