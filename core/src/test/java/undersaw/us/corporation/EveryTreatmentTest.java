package undersaw.us.corporation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.floors.CompiledClasses;
import undersaw.line.LineId;
import undersaw.registry.Returns;

/**
 * Every treatment of an account once: what reaches its line, and where the rest stands on Schedule M-1. Sections of
 * the Internal Revenue Code stand beside each row (from memory).
 */
class EveryTreatmentTest {
    private static final List<String> ELSEWHERE = List.of(
            // worked by forms and worksheets of their own, each with tests of its own
            "federal-tax",
            "charitable",
            "depreciation-books",
            "amortization-books",
            "disposal-books",
            "capital-books",
            "inventory-change",
            "cost-of-sales-perpetual",
            "interest-163j",
            "start-up-195",
            "organizational",
            "bad-debt-reserve",
            "full");

    private static long at(Calculation year, String line) {
        return year.amount(LineId.of("1120/" + line)).dollars();
    }

    private static SampleReturns profitable() {
        return SampleReturns.corporation().income("4000", "1120/1a", "full", "900000");
    }

    private static void reconciles(Calculation year) {
        assertThat(at(year, "M-1/10")).isEqualTo(at(year, "28"));
    }

    @ParameterizedTest
    @CsvSource({
        "meals-half, 26, 500, M-1/5c, 500, IRC 274(n)(1)",
        "meals-full, 26, 1000, M-1/5c, 0, IRC 274(n)(2)",
        "meals-employer, 26, 500, M-1/5c, 500, IRC 274(o)",
        "meals-none, 26, 0, M-1/5c, 1000, IRC 274(k)",
        "entertainment-none, 26, 0, M-1/5c, 1000, IRC 274(a)(1)",
        "club-dues-none, 26, 0, M-1/5c, 1000, IRC 274(a)(3)",
        "travel-companion-none, 26, 0, M-1/5c, 1000, IRC 274(m)(3)",
        "commuting-none, 26, 0, M-1/5d, 1000, IRC 274(l)",
        "fines-none, 26, 0, M-1/5d, 1000, IRC 162(f)",
        "penalty-tax-none, 26, 0, M-1/5d, 1000, IRC 162(f)",
        "political-none, 26, 0, M-1/5d, 1000, IRC 162(e)",
        "lobbying-none, 26, 0, M-1/5d, 1000, IRC 162(e)",
        "bribes, 26, 0, M-1/5d, 1000, IRC 162(c)",
        "settlement-nda-none, 26, 0, M-1/5d, 1000, IRC 162(q)",
        "officer-life-none, 26, 0, M-1/5d, 1000, IRC 264(a)(1)",
        "interest-265-none, 18, 0, M-1/5d, 1000, IRC 265",
        "state-tax-deferred, 17, 0, M-1/5d, 1000, IRC 461(h)",
        "related-loss-none, 26, 0, M-1/5d, 1000, IRC 267(a)(1)",
        "goodwill-impairment, 26, 0, M-1/5d, 1000, IRC 197",
        "stock-issue-cost, 26, 0, M-1/5d, 1000, IRC 263(a)",
        "unrealized-gain, 26, 0, M-1/5d, 1000, IRC 1001",
        "equity-method, 26, 0, M-1/5d, 1000, IRC 301",
        "cash-value-gain, 26, 0, M-1/5d, 1000, IRC 72(e)",
    })
    void anExpenseThatTheLawLimits(
            String treatment, String line, long reached, String bridge, long difference, String source) {
        Calculation year =
                profitable().expense("6000", "1120/" + line, treatment, "1000").calculate();
        assertThat(at(year, line)).as(source).isEqualTo(reached);
        assertThat(at(year, bridge)).as(source).isEqualTo(difference);
        reconciles(year);
    }

    @ParameterizedTest
    @CsvSource({
        "life-proceeds-exempt, 10, M-1/7b, IRC 101(a)",
        "cash-value-gain, 10, M-1/7b, IRC 72(e)",
        "interest-exempt, 5, M-1/7a, IRC 103",
        "tax-exempt-other, 10, M-1/7b, IRC 103",
        "tax-refund-federal, 10, M-1/7b, IRC 111",
        "unrealized-gain, 10, M-1/7b, IRC 1001",
        "equity-method, 10, M-1/7b, IRC 301",
        "debt-cancellation-exempt, 10, M-1/7b, IRC 108",
    })
    void incomeThatIsNotTaxed(String treatment, String line, String bridge, String source) {
        Calculation year =
                profitable().income("4900", "1120/" + line, treatment, "1000").calculate();
        assertThat(at(year, line)).as(source).isZero();
        assertThat(at(year, bridge)).as(source).isEqualTo(1_000);
        reconciles(year);
    }

    @ParameterizedTest
    @CsvSource({
        "stock-compensation, 13, IRC 83(h)",
        "lease-straight-line, 16, IRC 467",
        "research-capitalised, 26, 'IRC 174, 174A'",
        "merger-cost, 26, IRC 263(a)",
        "typed-adjustment, 26, common practice",
    })
    void anExpenseWhoseTaxAmountIsTyped(String treatment, String line, String source) {
        Calculation less = profitable()
                .expense("6000", "1120/" + line, treatment, "1000")
                .fact("TREAT/" + treatment + "@6000", "300")
                .calculate();
        assertThat(at(less, line)).as(source).isEqualTo(300);
        assertThat(at(less, "M-1/5d")).as(source).isEqualTo(700);
        reconciles(less);
        Calculation more = profitable()
                .expense("6000", "1120/" + line, treatment, "1000")
                .fact("TREAT/" + treatment + "@6000", "1400")
                .calculate();
        assertThat(at(more, line)).as(source).isEqualTo(1_400);
        assertThat(at(more, "M-1/8c")).as(source).isEqualTo(400);
        reconciles(more);
    }

    /** Limited for good: never more than the books have. */
    @ParameterizedTest
    @CsvSource({
        "gifts-25, 26, IRC 274(b)",
        "parachute-none, 12, IRC 280G",
        "credit-wages, 13, IRC 280C",
        "interest-267a, 18, IRC 267A",
    })
    void anExpenseThatIsCutToATypedAmount(String treatment, String line, String source) {
        Calculation year = profitable()
                .expense("6000", "1120/" + line, treatment, "1000")
                .fact("TREAT/" + treatment + "@6000", "300")
                .calculate();
        assertThat(at(year, line)).as(source).isEqualTo(300);
        assertThat(at(year, "M-1/5d")).as(source).isEqualTo(700);
        reconciles(year);
    }

    @ParameterizedTest
    @CsvSource({
        "installment-sale, IRC 453",
        "long-term-contract, IRC 460",
        "partnership-k1, IRC 702",
    })
    void incomeWhoseTaxAmountIsTyped(String treatment, String source) {
        Calculation less = profitable()
                .income("4900", "1120/10", treatment, "1000")
                .fact("TREAT/" + treatment + "@4900", "300")
                .calculate();
        assertThat(at(less, "10")).as(source).isEqualTo(300);
        assertThat(at(less, "M-1/7b")).as(source).isEqualTo(700);
        reconciles(less);
        Calculation more = profitable()
                .income("4900", "1120/10", treatment, "1000")
                .fact("TREAT/" + treatment + "@4900", "1400")
                .calculate();
        assertThat(at(more, "10")).as(source).isEqualTo(1_400);
        assertThat(at(more, "M-1/4")).as(source).isEqualTo(400);
        reconciles(more);
    }

    /** Recognized on the books, deducted later: what was put off last year comes now, this year's goes on. */
    @ParameterizedTest
    @CsvSource({
        "warranty-reserve, IRC 461(h)",
        "self-insurance-reserve, IRC 461(h)",
        "legal-reserve, IRC 461(h)(2)(C)",
        "restructuring-reserve, IRC 461(h)",
        "bonus-accrual, IRC 404(a)(5)",
        "vacation-accrual, IRC 404(a)(5)",
        "related-accrual, IRC 267(a)(2)",
        "pension-accrual, IRC 404(a)(6)",
        "deferred-compensation, IRC 404(a)(5)",
        "state-tax-contested, IRC 461(f)",
        "reserve-change, IRC 461(h)",
    })
    void anExpenseThatIsPutOff(String treatment, String source) {
        Calculation year = profitable()
                .expense("6000", "1120/26", treatment, "1000")
                .fact("TREAT/" + treatment + "/begin@6000", "150")
                .fact("TREAT/" + treatment + "/end@6000", "400")
                .calculate();
        assertThat(at(year, "26")).as(source).isEqualTo(750);
        assertThat(at(year, "M-1/5d")).as(source).isEqualTo(250);
        reconciles(year);
    }

    /** Reg. 1.263(a)-4(f): deducted when paid, ahead of the books. */
    @Test
    void anExpenseThatIsDeductedAhead() {
        Calculation year = profitable()
                .expense("6000", "1120/26", "prepaid-expense", "1000")
                .fact("TREAT/prepaid-expense/begin@6000", "150")
                .fact("TREAT/prepaid-expense/end@6000", "400")
                .calculate();
        assertThat(at(year, "26")).isEqualTo(1_250);
        assertThat(at(year, "M-1/8c")).isEqualTo(250);
        reconciles(year);
    }

    @ParameterizedTest
    @CsvSource({"advance-payments, IRC 451(c)", "prepaid-rent-income, Reg. 1.61-8(b)"})
    void incomeThatIsTaxedAhead(String treatment, String source) {
        Calculation year = profitable()
                .income("4900", "1120/10", treatment, "1000")
                .fact("TREAT/" + treatment + "/begin@4900", "150")
                .fact("TREAT/" + treatment + "/end@4900", "400")
                .calculate();
        assertThat(at(year, "10")).as(source).isEqualTo(1_250);
        assertThat(at(year, "M-1/4")).as(source).isEqualTo(250);
        reconciles(year);
    }

    /** Schedule M-1 line 2, text of the line: federal income tax per books, a benefit below zero (IRC 275). */
    @ParameterizedTest
    @CsvSource({"federal-tax-deferred, 1000, 1000", "federal-tax-deferred, -1000, -1000"})
    void deferredFederalTaxIsAddedBack(String treatment, String booked, long added) {
        Calculation year =
                profitable().expense("8100", "1120/M-1/2", treatment, booked).calculate();
        assertThat(at(year, "M-1/2")).isEqualTo(added);
        assertThat(at(year, "28")).isEqualTo(900_000);
        reconciles(year);
    }

    /** IRC 263A: costs that inventory keeps, typed on an account of cost of goods sold. */
    @Test
    void inventoryCostsThatAreCapitalized() {
        Calculation year = profitable()
                .expense("5000", "1125-A/4", "unicap-263a", "1000")
                .fact("TREAT/unicap-263a@5000", "1300")
                .calculate();
        assertThat(year.amount(LineId.of("1125-A/4")).dollars()).isEqualTo(1_300);
        assertThat(at(year, "2")).isEqualTo(1_300);
        assertThat(at(year, "M-1/8c")).isEqualTo(300);
        reconciles(year);
    }

    /** A reserve on the balance sheet is in Schedule L and not in the inventory of Form 1125-A (IRC 471). */
    @Test
    void aReserveOnInventoryStaysOutOfCostOfGoodsSold() {
        Calculation year = profitable()
                .balance("1200", "1120/L/3", "0", "5000")
                .balance("1290", "1120/L/3", "0", "-800")
                .treated("1290", "inventory-reserve")
                .balance("3000", "1120/L/22b", "0", "-5000")
                .noncash("5800", "1125-A/5", "inventory-reserve", "800")
                .calculate();
        assertThat(at(year, "L/3/d")).isEqualTo(4_200);
        assertThat(year.amount(LineId.of("1125-A/7")).dollars()).isEqualTo(5_000);
        assertThat(at(year, "M-1/5d")).isEqualTo(800);
    }

    /** From 2026 meals for the employer's convenience are not deductible at all (IRC 274(o)). */
    @ParameterizedTest
    @CsvSource({"2024, 500", "2025, 500", "2026, 0"})
    void theEmployersConvenienceEnds(int year, long reached) {
        Calculation calculation = profitable()
                .with(SampleReturns.heading(year))
                .expense("6000", "1120/26", "meals-employer", "1000")
                .calculate();
        assertThat(at(calculation, "26")).isEqualTo(reached);
    }

    @ParameterizedTest
    @MethodSource("elsewhere")
    void whatIsWorkedElsewhereHasTestsOfItsOwn(String treatment) {
        assertThat(CompiledClasses.with(EveryTreatmentTest.class).texts())
                .filteredOn(text -> List.of(text.text().split(", ")).contains(treatment))
                .filteredOn(text -> !text.type().equals(EveryTreatmentTest.class.getName()))
                .isNotEmpty();
    }

    private static List<String> elsewhere() {
        return ELSEWHERE;
    }

    @Test
    void noTreatmentIsLeftOut() throws NoSuchMethodException {
        List<String> tested = new ArrayList<>(ELSEWHERE);
        tested.addAll(List.of("unicap-263a", "prepaid-expense", "inventory-reserve"));
        for (var method : EveryTreatmentTest.class.getDeclaredMethods()) {
            CsvSource rows = method.getAnnotation(CsvSource.class);
            if (rows != null) {
                for (String row : rows.value()) {
                    tested.add(row.split(",")[0].strip());
                }
            }
        }
        assertThat(Returns.find("1120").orElseThrow().treatments())
                .extracting(treatment -> treatment.id())
                .allSatisfy(id -> assertThat(tested).contains(id));
    }
}
