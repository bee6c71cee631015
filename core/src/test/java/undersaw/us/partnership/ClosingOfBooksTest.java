package undersaw.us.partnership;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.calc.Lineage;
import undersaw.line.LineKey;
import undersaw.owners.Convention;
import undersaw.registry.Returns;

/** A partner who joins: books closed at the change, conventions, days out of the ordinary, one property apart. */
class ClosingOfBooksTest {
    private final SampleReturns sample = SampleReturns.partnership()
            .partner("a", 1, "general", "50")
            .partner("b", 2, "general", "50")
            .fact("OWNERS/profitBegin@a", "100")
            .fact("OWNERS/lossBegin@a", "100")
            .fact("OWNERS/capitalBegin@a", "100");

    private SampleReturns joining(String date) {
        return sample.changed("a", date, "50").changed("b", date, "50");
    }

    private static long ofPartner(Calculation year, String line, String partner) {
        return year.value(LineKey.parse("1065/K-1/" + line + "@" + partner))
                .map(value -> value.amount().dollars())
                .orElse(0L);
    }

    private static List<String> codes(Calculation year) {
        return Returns.review(year, LocalDate.of(2026, 3, 1)).diagnostics().stream()
                .map(each -> each.code())
                .toList();
    }

    /** Each part of the year goes by its own shares (Reg. 1.706-4(a)(3), from memory; worked by rule). */
    @Test
    void partsOfTheYearGoToThoseWhoHeldThen() {
        Calculation year = joining("2025-05-20")
                .income("4000", "1065/1a", "full", "100001")
                .fact("1065/706/method", "interim")
                .fact("1065/706/1@1", "20000")
                .fact("1065/706/1@2", "80001")
                .calculate();
        assertThat(ofPartner(year, "1", "a")).isEqualTo(20_000 + 40_001);
        assertThat(ofPartner(year, "1", "b")).isEqualTo(40_000);
        assertThat(codes(year)).doesNotContain("P-0307", "P-0308", "P-0310");
        assertThat(Lineage.of(year, LineKey.parse("1065/K-1/1@b")).orElseThrow().steps())
                .anyMatch(step -> step.startsWith("Part 2 of the year: 80,001"));
    }

    /** What is allocated apart leaves the rest to go as the parts of the year went (worked by rule, no source). */
    @Test
    void depreciationApartLeavesTheRestToThePartsOfTheYear() {
        Calculation year = joining("2025-05-20")
                .income("4000", "1065/1a", "full", "103000")
                .fact("1065/16a", "3000")
                .fact("ALLOCATIONS/line@1", "1065/16a")
                .fact("ALLOCATIONS/owner@1", "b")
                .fact("ALLOCATIONS/percent@1", "100")
                .fact("1065/706/method", "interim")
                .fact("1065/706/1@1", "20000")
                .fact("1065/706/1@2", "80000")
                .calculate();
        // 103,000 in the same proportion: 20,600 before the change, 82,400 after it
        assertThat(ofPartner(year, "1", "a")).isEqualTo(20_600 + 41_200);
        assertThat(ofPartner(year, "1", "b")).isEqualTo(41_200 - 3_000);
        assertThat(codes(year)).doesNotContain("P-0308", "P-0310");
    }

    /** A gain and a loss are each rounded by themselves (worked by rule, no source). */
    @Test
    void partsOfBothSignsAreDividedByThemselves() {
        Calculation year = joining("2025-05-20")
                .income("4000", "1065/1a", "full", "5001")
                .fact("1065/706/method", "interim")
                .fact("1065/706/1@1", "-3000")
                .fact("1065/706/1@2", "8001")
                .calculate();
        assertThat(ofPartner(year, "1", "a")).isEqualTo(-3_000 + 4_001);
        assertThat(ofPartner(year, "1", "b")).isEqualTo(4_000);
    }

    /** Parts that do not come to the line are refused; until they do, days count. */
    @Test
    void partsMustComeToTheLine() {
        Calculation year = joining("2025-05-20")
                .income("4000", "1065/1a", "full", "365000")
                .fact("1065/706/method", "interim")
                .fact("1065/706/1@1", "20000")
                .calculate();
        assertThat(codes(year)).contains("P-0308").doesNotContain("P-0310");
        assertThat(ofPartner(year, "1", "b")).isEqualTo(112_500);
    }

    /** Reg. 1.706-4(c)(1) (from memory): days of the two parts of 2025 where a change falls on 20 or 10 May. */
    @ParameterizedTest
    @CsvSource({
        "CALENDAR_DAY, 2025-05-20, 140, 225",
        "SEMI_MONTHLY, 2025-05-20, 135, 230",
        "MONTHLY, 2025-05-20, 151, 214",
        "SEMI_MONTHLY, 2025-05-10, 120, 245",
        "MONTHLY, 2025-05-10, 120, 245",
    })
    void aChangeCountsByTheConvention(Convention convention, LocalDate date, int before, int after) {
        LocalDate counts = convention.counts(date);
        assertThat(counts.getDayOfYear()).isEqualTo(before);
        assertThat(365 - counts.getDayOfYear()).isEqualTo(after);
    }

    /** What a single day brought goes to the partners of that day, the rest by days (Reg. 1.706-4(e), from memory). */
    @ParameterizedTest
    @CsvSource({"2025-05-20, 0", "2025-05-21, 5000"})
    void aDayOutOfTheOrdinaryGoesToThePartnersOfThatDay(String day, long more) {
        Calculation year = joining("2025-05-20")
                .income("4600", "1065/K/10", "section-1231", "46500")
                .fact("1065/706/method", "proration")
                .fact("1065/706/extraordinary/10@" + day, "10000")
                .calculate();
        // of 36,500 by days: 225 of 365 days at one half
        assertThat(ofPartner(year, "10", "b")).isEqualTo(11_250 + more);
        assertThat(ofPartner(year, "10", "a")).isEqualTo(46_500 - 11_250 - more);
    }

    /** One property, or depreciation, allocated apart from the rest of its line (IRC 704(b); worked by rule). */
    @Test
    void aPropertyAndDepreciationAreAllocatedApart() {
        Calculation year = SampleReturns.partnership()
                .partner("a", 1, "general", "50")
                .partner("b", 2, "general", "50")
                .income("4500", "8825/2a@mill", "rental-real-estate", "1000")
                .income("4501", "8825/2a@barn", "rental-real-estate", "400")
                .fact("ALLOCATIONS/line@1", "8825/17")
                .fact("ALLOCATIONS/instance@1", "mill")
                .fact("ALLOCATIONS/owner@1", "a")
                .fact("ALLOCATIONS/percent@1", "100")
                .income("4000", "1065/1a", "full", "9000")
                .fact("1065/16a", "3000")
                .fact("ALLOCATIONS/line@2", "1065/16a")
                .fact("ALLOCATIONS/owner@2", "b")
                .fact("ALLOCATIONS/percent@2", "100")
                .calculate();
        assertThat(ofPartner(year, "2", "a")).isEqualTo(1_000 + 200);
        assertThat(ofPartner(year, "2", "b")).isEqualTo(200);
        assertThat(ofPartner(year, "1", "a")).isEqualTo(4_500);
        assertThat(ofPartner(year, "1", "b")).isEqualTo(4_500 - 3_000);
        assertThat(codes(year)).doesNotContain("P-0302", "P-0310");
    }
}
