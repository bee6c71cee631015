package undersaw.law.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Every year end once: when the return is due and when each instalment (IRC 6072(a), 6081(a), 6655(c), 7503;
 * Publication 509; from memory). Days of the week and holidays of the District of Columbia were counted by hand.
 */
class YearEndsTest {
    private static Period ending(LocalDate end) {
        return new Period(end.plusDays(1).minusYears(1), end);
    }

    @ParameterizedTest
    @CsvSource({
        // end, due, extended
        "2025-01-31, 2025-05-15, 2025-11-17",
        "2025-02-28, 2025-06-16, 2025-12-15",
        "2025-03-31, 2025-07-15, 2026-01-15",
        "2025-04-30, 2025-08-15, 2026-02-17",
        "2025-05-31, 2025-09-15, 2026-03-16",
        "2025-06-30, 2025-09-15, 2026-04-15",
        "2025-07-31, 2025-11-17, 2026-05-15",
        "2025-08-31, 2025-12-15, 2026-06-15",
        "2025-09-30, 2026-01-15, 2026-07-15",
        "2025-10-31, 2026-02-17, 2026-08-17",
        "2025-11-30, 2026-03-16, 2026-09-15",
        "2025-12-31, 2026-04-15, 2026-10-15",
    })
    void theReturnOfEachMonthsEnd(LocalDate end, LocalDate due, LocalDate extended) {
        assertThat(DueDate.ofCorporation(ending(end))).isEqualTo(new DueDate(due, extended));
    }

    @ParameterizedTest
    @CsvSource({
        // end of the year, then the 15th of its fourth, sixth, ninth and twelfth month, off closed days
        "2025-01-31, 2024-05-15, 2024-07-15, 2024-10-15, 2025-01-15",
        "2025-03-31, 2024-07-15, 2024-09-16, 2024-12-16, 2025-03-17",
        "2025-05-31, 2024-09-16, 2024-11-15, 2025-02-18, 2025-05-15",
        "2025-06-30, 2024-10-15, 2024-12-16, 2025-03-17, 2025-06-16",
        "2025-08-31, 2024-12-16, 2025-02-18, 2025-05-15, 2025-08-15",
        "2025-09-30, 2025-01-15, 2025-03-17, 2025-06-16, 2025-09-15",
        "2025-11-30, 2025-03-17, 2025-05-15, 2025-08-15, 2025-11-17",
        "2025-12-31, 2025-04-15, 2025-06-16, 2025-09-15, 2025-12-15",
        "2026-12-31, 2026-04-15, 2026-06-15, 2026-09-15, 2026-12-15",
    })
    void theInstalmentsOfAYear(LocalDate end, LocalDate one, LocalDate two, LocalDate three, LocalDate four) {
        assertThat(Installments.of(ending(end)).dates()).containsExactly(one, two, three, four);
    }

    /** Emancipation Day, 16 April, moves the date where it is kept on the 15th, or the 15th is closed (Pub. 509). */
    @ParameterizedTest
    @CsvSource({"2022, 2023-04-18", "2023, 2024-04-15", "2024, 2025-04-15", "2025, 2026-04-15", "2021, 2022-04-18"})
    void aprilIsMovedByEmancipationDay(int year, LocalDate due) {
        assertThat(DueDate.ofCorporation(Period.calendarYear(year)).due()).isEqualTo(due);
    }

    @Test
    void aShortFirstYearIsDueByItsOwnEnd() {
        Period first = new Period(LocalDate.of(2025, 9, 2), LocalDate.of(2025, 12, 31));
        assertThat(DueDate.ofCorporation(first).due()).isEqualTo(LocalDate.of(2026, 4, 15));
        Period last = new Period(LocalDate.of(2025, 1, 1), LocalDate.of(2025, 8, 20));
        assertThat(DueDate.ofCorporation(last).due()).isEqualTo(LocalDate.of(2025, 12, 15));
    }
}
