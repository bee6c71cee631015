package undersaw.owners;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import undersaw.law.calendar.Period;
import undersaw.money.LargestRemainder;
import undersaw.owners.Holdings.Change;

class HoldingsTest {
    private static final Period YEAR = Period.calendarYear(2025);

    private static Change change(String owner, String date, String position) {
        return new Change(owner, LocalDate.parse(date), new BigDecimal(position));
    }

    /** Reg. 1.1377-1(c), Example 1 (figures from memory): half of B's hundred shares sold on 24 July. */
    @Test
    void eachDayCountsByWhatWasHeldOnIt() {
        Period year = new Period(LocalDate.of(1997, 1, 6), LocalDate.of(1997, 12, 31));
        Holdings holdings = Holdings.of(
                year,
                List.of("a", "b", "c"),
                Map.of(),
                List.of(
                        change("a", "1997-01-06", "100"),
                        change("b", "1997-01-06", "100"),
                        change("b", "1997-07-24", "50"),
                        change("c", "1997-07-24", "50")));
        assertThat(holdings.segments()).extracting(Holdings.Segment::days).containsExactly(200L, 160L);
        assertThat(LargestRemainder.parts(720_000, holdings.byDaysOfTheirTotal()))
                .containsExactly(360_000, 280_000, 80_000);
    }

    /** Reg. 1.706-4(c)(1)(i), the calendar day convention (from memory); the days are counted by hand. */
    @ParameterizedTest
    @CsvSource({"2025-05-20, 140, 225", "2025-01-02, 2, 363", "2025-12-30, 364, 1", "2025-12-31, 365, 0"})
    void theOldPositionHasTheDayOfTheChange(String date, long before, long after) {
        Holdings holdings = Holdings.of(
                YEAR,
                List.of("old", "new"),
                Map.of("old", new BigDecimal("100")),
                List.of(change("old", date, "0"), change("new", date, "100")));
        assertThat(holdings.byDays())
                .containsExactly(BigInteger.valueOf(before * 100_000_000), BigInteger.valueOf(after * 100_000_000));
    }

    @Test
    void theLatestOfTheRowsBeforeTheYearOpensIt() {
        Holdings holdings = Holdings.of(
                YEAR,
                List.of("a"),
                Map.of("a", new BigDecimal("9")),
                List.of(
                        change("a", "2025-01-01", "7"),
                        change("a", "2019-03-01", "5"),
                        change("a", "2026-01-01", "1"),
                        change("a", "2024-12-31", "6")));
        assertThat(holdings.segments()).hasSize(1);
        assertThat(holdings.segments().get(0).positions()).containsExactly(Map.entry("a", 7_000_000L));
    }

    @Test
    void sharesThatAreIssuedMakeTheDaysAfterSmaller() {
        Holdings holdings = Holdings.of(
                YEAR, List.of("a", "b"), Map.of("a", new BigDecimal("100")), List.of(change("b", "2025-05-20", "300")));
        // 140 days alone, 225 days one of four
        assertThat(LargestRemainder.parts(365_00, holdings.byDaysOfTheirTotal()))
                .containsExactly(14_000 + 225 * 25, 225 * 75);
    }

    /** A year in two parts, each divided by itself, comes to the same weights as the whole. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void theYearIsTheSumOfItsParts(long seed) {
        Random chance = new Random(seed);
        List<String> owners = List.of("a", "b", "c");
        for (int round = 0; round < 60; round++) {
            List<Change> changes = new ArrayList<>();
            owners.forEach(owner -> changes.add(change(owner, "2024-06-30", "" + (1 + chance.nextInt(500)))));
            for (int i = chance.nextInt(5); i > 0; i--) {
                changes.add(new Change(
                        owners.get(chance.nextInt(3)),
                        YEAR.start().plusDays(chance.nextInt(365)),
                        BigDecimal.valueOf(chance.nextInt(1000))));
            }
            LocalDate cut = YEAR.start().plusDays(10 + chance.nextInt(340));
            if (changes.stream().anyMatch(each -> each.date().equals(cut.plusDays(1)))) {
                continue; // a change on a first day is read as the opening position
            }
            List<BigInteger> whole =
                    Holdings.of(YEAR, owners, Map.of(), changes).byDays();
            List<BigInteger> first = Holdings.of(new Period(YEAR.start(), cut), owners, Map.of(), changes)
                    .byDays();
            List<BigInteger> second = Holdings.of(new Period(cut.plusDays(1), YEAR.end()), owners, Map.of(), changes)
                    .byDays();
            for (int i = 0; i < 3; i++) {
                assertThat(first.get(i).add(second.get(i))).isEqualTo(whole.get(i));
            }
        }
    }

    @Test
    void everyDayOfTheYearIsInOneSegment() {
        Holdings holdings = Holdings.of(
                YEAR,
                List.of("a"),
                Map.of("a", BigDecimal.ONE),
                List.of(
                        change("a", "2025-03-31", "2"),
                        change("a", "2025-03-31", "3"),
                        change("a", "2025-11-01", "4")));
        assertThat(holdings.segments().stream()
                        .flatMapToLong(each -> LongStream.of(each.days()))
                        .sum())
                .isEqualTo(365);
        assertThat(holdings.segments()).hasSize(3);
    }
}
