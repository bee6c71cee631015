package undersaw.law;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import undersaw.money.Money;
import undersaw.money.Percent;
import undersaw.us.corporation.CorporationLaw;
import undersaw.us.forms.BusinessLaw;

class LawTest {
    @ParameterizedTest
    @ValueSource(ints = {2022, 2023, 2024, 2025, 2026})
    void everyFigureOfEveryYearNamesItsAuthority(int year) {
        for (LawKey key : CorporationLaw.all()) {
            LawValue value = Law.of(year).value(key);
            assertThat(value.citation())
                    .as("%s of %d", key, year)
                    .containsPattern("IRC|Rev\\. Proc|P\\.L\\.|Form|Instructions");
            assertThat(value.note())
                    .as("%s of %d says how sure it is", key, year)
                    .isNotBlank();
        }
    }

    /** IRC 11(b); IRC 170(b)(2) with P.L. 119-21 sec. 70426 (from memory). */
    @ParameterizedTest
    @CsvSource({"2022,21,0", "2025,21,0", "2026,21,1"})
    void holdsTheRateAndTheFloorUnderGifts(int year, String rate, String floor) {
        assertThat(Law.of(year).percent(BusinessLaw.CORPORATE_RATE)).isEqualTo(Percent.of(rate));
        assertThat(Law.of(year).percent(CorporationLaw.CHARITABLE_FLOOR)).isEqualTo(Percent.of(floor));
    }

    /** Rev. Proc. 2021-45, 2022-38, 2023-34, 2024-40 (from memory). */
    @ParameterizedTest
    @CsvSource({"2022,27000000", "2023,29000000", "2024,30000000", "2025,31000000"})
    void holdsTheReceiptsOfASmallBusiness(int year, String limit) {
        assertThat(Law.of(year).amount(BusinessLaw.SMALL_BUSINESS_RECEIPTS)).isEqualTo(Money.parse(limit));
    }

    @Test
    void saysWhichYearsItHolds() {
        assertThatThrownBy(() -> Law.of(2027))
                .hasMessage("The law is held for 2022 to 2026; 2027 cannot be computed yet.");
        assertThat(Law.holds(2021)).isFalse();
    }

    @Test
    void refusesAFigureWithoutASource() {
        assertThatThrownBy(() -> new LawValue(BusinessLaw.CORPORATE_RATE, "21", LawValue.Unit.PERCENT, " ", ""))
                .hasMessageContaining("has no citation");
    }

    @Test
    void doesNotMistakeDollarsForPercent() {
        assertThatThrownBy(() -> Law.of(2025).amount(BusinessLaw.CORPORATE_RATE))
                .hasMessageContaining("not in DOLLARS");
    }

    private static String shipped() {
        try (var stream = LawTest.class.getResourceAsStream("/undersaw/law/2025/nonprofit.csv")) {
            return new String(stream.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "contributor,5000,dollars|giver,5000,dollars|keys",
                "contributor,5000,dollars|contributor,5000,percent|not in",
                "contributor,5000,dollars|contributor,5e3,dollars|plain number",
                "key,value|key,worth|columns"
            })
    void aTableThatIsNotWhatIsHeldChangesNothing(String from, String to, String told) {
        String broken = shipped().replaceFirst(Pattern.quote(from), to);
        assertThatThrownBy(() -> Law.amend(2025, "nonprofit", broken)).hasMessageContaining(told);
        assertThat(Law.amend(2025, "nonprofit", shipped())).isEmpty();
        Law.restore();
    }
}
