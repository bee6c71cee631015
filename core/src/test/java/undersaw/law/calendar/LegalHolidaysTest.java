package undersaw.law.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import de.focus_shift.jollyday.core.HolidayCalendar;
import de.focus_shift.jollyday.core.HolidayManager;
import de.focus_shift.jollyday.core.ManagerParameters;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LegalHolidaysTest {
    /** 5 U.S.C. 6103; D.C. Code 28-2701 (from memory). */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "2021-12-31", "2025-01-20", "2025-02-17", "2025-04-16", "2022-04-15", "2023-04-17", "2025-05-26",
                "2025-06-19", "2025-07-04", "2025-09-01", "2025-10-13", "2025-11-11", "2025-11-27", "2025-12-25",
                "2026-07-03", "2021-01-20"
            })
    void knowsTheHolidaysOfTheDistrict(LocalDate day) {
        assertThat(LegalHolidays.isHoliday(day)).isTrue();
        assertThat(LegalHolidays.onOrAfter(day)).isAfter(day);
    }

    @ParameterizedTest
    @ValueSource(strings = {"2025-04-15", "2025-12-24", "2024-04-15", "2026-04-15", "2026-01-20"})
    void leavesWorkingDaysAlone(LocalDate day) {
        assertThat(LegalHolidays.onOrAfter(day)).isEqualTo(day);
    }

    /** Every weekday holiday that the library Jollyday lists for the country is one here too. */
    @Test
    void agreesWithALibraryOnTheDaysThatBothKnow() {
        HolidayManager manager = HolidayManager.getInstance(ManagerParameters.create(HolidayCalendar.UNITED_STATES));
        for (int year = 2022; year <= 2030; year++) {
            manager.getHolidays(java.time.Year.of(year)).stream()
                    .map(holiday -> holiday.getDate())
                    .filter(day -> day.getDayOfWeek() != DayOfWeek.SATURDAY && day.getDayOfWeek() != DayOfWeek.SUNDAY)
                    .filter(day -> !(day.getMonth() == Month.JANUARY && day.getDayOfMonth() > 25))
                    .forEach(day -> assertThat(LegalHolidays.isHoliday(day))
                            .as("%s", day)
                            .isTrue());
        }
    }
}
