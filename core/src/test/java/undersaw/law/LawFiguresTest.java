package undersaw.law;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import undersaw.us.corporation.CorporationLaw;

/**
 * Every figure of the corporation's law in every year, put down a second time with its source; all from memory.
 *
 * <p>Receipts of a small business: Rev. Proc. 2021-45, 2022-38, 2023-34, 2024-40, 2025-32. Section 179: the same, with
 * P.L. 119-21 for 2025. Interest limit and information returns of 2025 and 2026: P.L. 119-21.
 */
class LawFiguresTest {
    private static final String FIGURES = """
            corporate-rate | 21 | 21 | 21 | 21 | 21 | IRC 11(b)
            dividends-small-holding | 50 | 50 | 50 | 50 | 50 | IRC 243(a)(1)
            dividends-large-holding | 65 | 65 | 65 | 65 | 65 | IRC 243(c)
            dividends-affiliated | 100 | 100 | 100 | 100 | 100 | IRC 243(a)(3)
            dividends-utility-small | 23.3 | 23.3 | 23.3 | 23.3 | 23.3 | Form 1120, C 4
            dividends-utility-large | 26.7 | 26.7 | 26.7 | 26.7 | 26.7 | Form 1120, C 5
            nol-share | 80 | 80 | 80 | 80 | 80 | IRC 172(a)(2)(B)
            charitable-share | 10 | 10 | 10 | 10 | 10 | IRC 170(b)(2)(A)
            charitable-floor | 0 | 0 | 0 | 0 | 1 | P.L. 119-21 sec. 70426
            general-credit-share | 25 | 25 | 25 | 25 | 25 | IRC 38(c)(1)(B)
            general-credit-threshold | 25000 | 25000 | 25000 | 25000 | 25000 | IRC 38(c)(1)(B)
            schedules-excused | 250000 | 250000 | 250000 | 250000 | 250000 | Form 1120, K 13
            schedule-m3 | 10000000 | 10000000 | 10000000 | 10000000 | 10000000 | Schedule M-3
            officers-schedule | 500000 | 500000 | 500000 | 500000 | 500000 | Form 1125-E
            estimate-threshold | 500 | 500 | 500 | 500 | 500 | IRC 6655(f)
            small-business-receipts | 27000000 | 29000000 | 30000000 | 31000000 | 32000000 | Rev. Proc. of each year
            section-179-limit | 1080000 | 1160000 | 1220000 | 2500000 | 2560000 | IRC 179(b)(1)
            section-179-threshold | 2700000 | 2890000 | 3050000 | 4000000 | 4090000 | IRC 179(b)(2)
            section-179-suv | 27000 | 28900 | 30500 | 31300 | 32000 | IRC 179(b)(5)
            mid-quarter-share | 40 | 40 | 40 | 40 | 40 | IRC 168(d)(3)
            first-year-costs | 5000 | 5000 | 5000 | 5000 | 5000 | IRC 195(b), 248(a)
            first-year-threshold | 50000 | 50000 | 50000 | 50000 | 50000 | IRC 195(b), 248(a)
            interest-share | 30 | 30 | 30 | 30 | 30 | IRC 163(j)(1)(B)
            interest-depreciation | 0 | 0 | 0 | 100 | 100 | IRC 163(j)(8)
            building-recapture | 20 | 20 | 20 | 20 | 20 | IRC 291(a)(1)
            service-earnings-credit | 150000 | 150000 | 150000 | 150000 | 150000 | IRC 535(c)(2)(B)
            information-return | 600 | 600 | 600 | 600 | 2000 | IRC 6041(a)
            accumulated-earnings-credit | 250000 | 250000 | 250000 | 250000 | 250000 | IRC 535(c)(2)(A)
            installment-share | 25 | 25 | 25 | 25 | 25 | IRC 6655(d)(1)(A)
            installment-large-second | 50 | 50 | 50 | 50 | 50 | IRC 6655(d)(2)(B)
            """;

    /**
     * A figure of the law over the years held.
     *
     * @param key its name in the tables
     * @param values from 2022 on
     * @param source where it is published
     */
    record Figure(String key, List<String> values, String source) {}

    static List<Figure> figures() {
        return FIGURES.lines()
                .map(line -> line.split("\\|"))
                .map(cells -> new Figure(
                        cells[0].strip(),
                        List.of(cells).subList(1, 6).stream().map(String::strip).toList(),
                        cells[6].strip()))
                .toList();
    }

    private static LawKey key(String name) {
        return CorporationLaw.all().stream()
                .filter(each -> each.key().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("figures")
    void standsAsItIsPublished(Figure figure) {
        Map<Integer, BigDecimal> held = new TreeMap<>();
        Map<Integer, BigDecimal> published = new TreeMap<>();
        for (int year = Law.FIRST_YEAR; year <= Law.LAST_YEAR; year++) {
            held.put(year, new BigDecimal(Law.of(year).value(key(figure.key())).text()).stripTrailingZeros());
            published.put(year, new BigDecimal(figure.values().get(year - Law.FIRST_YEAR)).stripTrailingZeros());
        }
        assertThat(held).as(figure.source()).isEqualTo(published);
    }

    @Test
    void noFigureIsLeftOut() {
        assertThat(figures())
                .extracting(Figure::key)
                .containsExactlyInAnyOrderElementsOf(
                        CorporationLaw.all().stream().map(LawKey::key).toList());
    }

    /** Rates of the revenue rulings by quarter under IRC 6621(a)(2); the federal short-term rate and three points. */
    @ParameterizedTest
    @CsvSource({
        "2022-01-01, 3", "2022-03-31, 3", "2022-04-01, 4", "2022-07-15, 5", "2022-12-31, 6",
        "2023-01-01, 7", "2023-09-30, 7", "2023-10-01, 8", "2024-02-29, 8", "2024-12-31, 8",
        "2025-01-01, 7", "2025-06-30, 7", "2025-12-31, 7", "2026-03-31, 7", "2026-04-01, 6",
    })
    void interestOnUnderpaymentsFollowsTheQuarter(LocalDate day, BigDecimal percent) {
        assertThat(UnderpaymentRate.on(day)).isEqualByComparingTo(percent);
    }

    @Test
    void aQuarterThatIsNotPublishedYetTakesTheLastRateKnown() {
        assertThat(UnderpaymentRate.isHeld(LocalDate.of(2026, 6, 30))).isTrue();
        assertThat(UnderpaymentRate.isHeld(LocalDate.of(2026, 7, 1))).isFalse();
        assertThat(UnderpaymentRate.on(LocalDate.of(2026, 12, 31))).isEqualByComparingTo("6");
    }
}
