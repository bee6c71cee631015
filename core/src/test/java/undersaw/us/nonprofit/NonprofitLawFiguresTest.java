package undersaw.us.nonprofit;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.law.Law;
import undersaw.law.LawKey;

/** The figures of a small nonprofit's return, the same in each year held; sources beside them, all from memory. */
class NonprofitLawFiguresTest {
    private static final String[] KEYS = {
        "receipts-limit",
        "assets-limit",
        "notice-receipts",
        "events-schedule",
        "contributor",
        "contributor-share",
        "unrelated-receipts",
        "highly-paid"
    };

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "receipts-limit     | 200000 | Instructions for Form 990-EZ, who must file; 26 CFR 1.6033-2",
                "assets-limit       | 500000 | Instructions for Form 990-EZ, who must file; 26 CFR 1.6033-2",
                "notice-receipts    | 50000  | Rev. Proc. 2011-15",
                "events-schedule    | 15000  | Instructions for Form 990-EZ, lines 6a and 6b",
                "contributor        | 5000   | 26 CFR 1.6033-2(a)(2)(ii)(f)",
                "contributor-share  | 2      | 26 CFR 1.6033-2(a)(2)(iii)(a)",
                "unrelated-receipts | 1000   | IRC 512(b)(12)",
                "highly-paid        | 100000 | 26 CFR 1.6033-2(a)(2)(ii)(g)"
            })
    void standsAsItIsPublished(String name, BigDecimal value, String source) {
        LawKey key = NonprofitLaw.all().stream()
                .filter(each -> each.key().equals(name))
                .findFirst()
                .orElseThrow();
        for (int year = Law.FIRST_YEAR; year <= Law.LAST_YEAR; year++) {
            assertThat(new BigDecimal(Law.of(year).value(key).text()))
                    .as("%d: %s", year, source)
                    .isEqualByComparingTo(value);
        }
    }

    @Test
    void noFigureIsLeftOut() {
        assertThat(NonprofitLaw.all()).extracting(LawKey::key).containsExactlyInAnyOrderElementsOf(List.of(KEYS));
    }
}
