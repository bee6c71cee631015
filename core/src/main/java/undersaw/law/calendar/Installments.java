package undersaw.law.calendar;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * When a corporation's estimated tax is due: the 15th day of the 4th, 6th, 9th and 12th month of its year, moved off
 * Saturdays, Sundays and legal holidays (IRC 6655(c), 7503; from memory).
 *
 * <p>In a short year those count whose date falls within it; the last one is due by the 15th of its last month (Reg.
 * 1.6655-5, from memory).
 *
 * @param dates the due dates, earliest first; none in a year of less than four months
 */
public record Installments(List<LocalDate> dates) {
    private static final List<Integer> MONTHS = List.of(4, 6, 9, 12);
    private static final int DAY = 15;
    private static final int LEAST_MONTHS = 4;

    /** Keeps its own copy. */
    public Installments {
        dates = List.copyOf(dates);
    }

    /** The instalments of a year. */
    public static Installments of(Period year) {
        LocalDate firstOfYear = year.start().withDayOfMonth(1);
        LocalDate last = year.end().withDayOfMonth(1).withDayOfMonth(DAY);
        List<LocalDate> dates = new ArrayList<>();
        if (!firstOfYear.plusMonths(LEAST_MONTHS).minusDays(1).isAfter(year.end())) {
            for (int month : MONTHS) {
                LocalDate date = firstOfYear.plusMonths(month - 1L).withDayOfMonth(DAY);
                if (date.isBefore(last)) {
                    dates.add(LegalHolidays.onOrAfter(date));
                }
            }
            if (dates.size() < MONTHS.size()) {
                dates.add(LegalHolidays.onOrAfter(last));
            }
        }
        return new Installments(dates);
    }

    /** How many there are. */
    public int count() {
        return dates.size();
    }
}
