package undersaw.law.calendar;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * A tax year or a shorter tax period.
 *
 * @param start its first day
 * @param end its last day
 */
public record Period(LocalDate start, LocalDate end) {
    /** Longest year in days: one that ends on the same weekday, of 52 or 53 weeks. */
    public static final int LONGEST_DAYS = 371;

    public static Period calendarYear(int year) {
        return new Period(LocalDate.of(year, 1, 1), LocalDate.of(year, 12, 31));
    }

    /** The year that the law goes by: the calendar year in which the period begins. */
    public int lawYear() {
        return start.getYear();
    }

    /** Number of days, both ends counted; not positive when the end lies before the start. */
    public long days() {
        return ChronoUnit.DAYS.between(start, end) + 1;
    }

    /** Whether it is shorter than twelve months and not a year of 52 weeks. */
    public boolean isShort() {
        return days() < 364 && end.plusDays(1).isBefore(start.plusYears(1));
    }

    /** Whether start and end make a tax year (IRC 441). */
    public boolean makesAYear() {
        return days() >= 1 && (!end.isAfter(start.plusYears(1).minusDays(1)) || days() <= LONGEST_DAYS);
    }

    public boolean contains(LocalDate day) {
        return !day.isBefore(start) && !day.isAfter(end);
    }

    public boolean overlaps(Period other) {
        return !start.isAfter(other.end) && !other.start.isAfter(end);
    }
}
