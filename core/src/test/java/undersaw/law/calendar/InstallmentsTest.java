package undersaw.law.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;

/**
 * When estimated tax is due: Publication 542, "Estimated Tax" (years that end on 31 December and on 30 June, from
 * memory); short years by Reg. 1.6655-5 (from memory).
 */
class InstallmentsTest {
    private static LocalDate day(int year, int month, int day) {
        return LocalDate.of(year, month, day);
    }

    @Test
    void ofACalendarYear() {
        assertThat(Installments.of(Period.calendarYear(2025)).dates())
                .containsExactly(day(2025, 4, 15), day(2025, 6, 16), day(2025, 9, 15), day(2025, 12, 15));
    }

    @Test
    void ofAYearToTheEndOfJune() {
        assertThat(Installments.of(new Period(day(2025, 7, 1), day(2026, 6, 30)))
                        .dates())
                .containsExactly(day(2025, 10, 15), day(2025, 12, 15), day(2026, 3, 16), day(2026, 6, 15));
    }

    @Test
    void ofAShortYearTheLastIsDueInItsLastMonth() {
        assertThat(Installments.of(new Period(day(2025, 3, 1), day(2025, 10, 31)))
                        .dates())
                .containsExactly(day(2025, 6, 16), day(2025, 8, 15), day(2025, 10, 15));
    }

    @Test
    void noneInAYearOfLessThanFourMonths() {
        assertThat(Installments.of(new Period(day(2025, 10, 1), day(2025, 12, 31)))
                        .dates())
                .isEmpty();
        assertThat(Installments.of(new Period(day(2025, 9, 1), day(2025, 12, 31)))
                        .count())
                .isEqualTo(1);
    }
}
