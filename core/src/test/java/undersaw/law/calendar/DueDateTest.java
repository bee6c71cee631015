package undersaw.law.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Publication 542, "When to file"; Instructions for Form 7004; IRC 7503 (all from memory). */
class DueDateTest {
    @ParameterizedTest
    @CsvSource({
        // calendar years: 15 April, moved by weekends and by Emancipation Day
        "2022-01-01,2022-12-31,2023-04-18,2023-10-16",
        "2023-01-01,2023-12-31,2024-04-15,2024-10-15",
        "2024-01-01,2024-12-31,2025-04-15,2025-10-15",
        "2025-01-01,2025-12-31,2026-04-15,2026-10-15",
        // a June year that begins before 2026: third month, seven months' extension
        "2024-07-01,2025-06-30,2025-09-15,2026-04-15",
        "2025-07-01,2026-06-30,2026-09-15,2027-04-15",
        // one that begins in 2026: fourth month, six months; 16 April 2028 is a Sunday, kept on Monday
        "2026-07-01,2027-06-30,2027-10-15,2028-04-18",
        // a September year: 15 January, moved off the weekend
        "2024-10-01,2025-09-30,2026-01-15,2026-07-15",
        // a February year: 15 June 2025 is a Sunday
        "2024-03-01,2025-02-28,2025-06-16,2025-12-15"
    })
    void fallsOnTheFifteenthMovedOffClosedDays(LocalDate start, LocalDate end, LocalDate due, LocalDate extended) {
        assertThat(DueDate.ofCorporation(new Period(start, end))).isEqualTo(new DueDate(due, extended));
    }

    @ParameterizedTest
    @CsvSource({
        "2025-01-01,2025-12-31,true,false",
        "2025-03-01,2025-12-31,true,true",
        "2025-01-01,2026-01-01,true,false",
        "2025-01-01,2026-02-15,false,false",
        "2025-12-31,2025-01-01,false,true",
        "2024-12-29,2025-12-27,true,false"
    })
    void knowsWhatMakesAYear(LocalDate start, LocalDate end, boolean year, boolean isShort) {
        Period period = new Period(start, end);
        assertThat(period.makesAYear()).isEqualTo(year);
        assertThat(period.isShort()).isEqualTo(isShort);
    }
}
