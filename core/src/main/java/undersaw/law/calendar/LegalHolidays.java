package undersaw.law.calendar;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.temporal.TemporalAdjusters;

/**
 * Legal holidays in the District of Columbia, which move a due date (IRC 7503).
 *
 * <p>A holiday on a Saturday is kept on the Friday before, one on a Sunday on the Monday after (5 U.S.C. 6103(b)).
 * Emancipation Day, 16 April, is a holiday of the District (D.C. Code 28-2701); so is Inauguration Day, 20 January
 * after each presidential election, which matters here only when it falls on a working day. From memory.
 */
public final class LegalHolidays {
    private static final int JUNETEENTH_SINCE = 2021;
    private static final int EMANCIPATION_SINCE = 2005;

    private LegalHolidays() {}

    /** Whether offices are closed that day for a legal holiday. */
    public static boolean isHoliday(LocalDate day) {
        return isFixed(day) || isFloating(day) || isInauguration(day);
    }

    /** Whether the day is neither Saturday, Sunday nor a legal holiday. */
    public static boolean isBusinessDay(LocalDate day) {
        return !isWeekend(day) && !isHoliday(day);
    }

    /** The day itself, or the first business day after it. */
    public static LocalDate onOrAfter(LocalDate day) {
        LocalDate moved = day;
        while (!isBusinessDay(moved)) {
            moved = moved.plusDays(1);
        }
        return moved;
    }

    private static boolean isWeekend(LocalDate day) {
        return day.getDayOfWeek() == DayOfWeek.SATURDAY || day.getDayOfWeek() == DayOfWeek.SUNDAY;
    }

    private static boolean isFixed(LocalDate day) {
        return isObserved(day, Month.JANUARY, 1)
                || (day.getYear() >= JUNETEENTH_SINCE && isObserved(day, Month.JUNE, 19))
                || (day.getYear() >= EMANCIPATION_SINCE && isObserved(day, Month.APRIL, 16))
                || isObserved(day, Month.JULY, 4)
                || isObserved(day, Month.NOVEMBER, 11)
                || isObserved(day, Month.DECEMBER, 25);
    }

    private static boolean isObserved(LocalDate day, Month month, int dayOfMonth) {
        // New Year's Day on a Saturday is kept on 31 December of the year before
        return observed(LocalDate.of(day.getYear(), month, dayOfMonth)).equals(day)
                || observed(LocalDate.of(day.getYear() + 1, month, dayOfMonth)).equals(day);
    }

    private static LocalDate observed(LocalDate holiday) {
        return switch (holiday.getDayOfWeek()) {
            case SATURDAY -> holiday.minusDays(1);
            case SUNDAY -> holiday.plusDays(1);
            default -> holiday;
        };
    }

    private static boolean isFloating(LocalDate day) {
        return switch (day.getMonth()) {
            case JANUARY -> isNth(day, 3, DayOfWeek.MONDAY);
            case FEBRUARY -> isNth(day, 3, DayOfWeek.MONDAY);
            case MAY -> day.equals(day.with(TemporalAdjusters.lastInMonth(DayOfWeek.MONDAY)));
            case SEPTEMBER -> isNth(day, 1, DayOfWeek.MONDAY);
            case OCTOBER -> isNth(day, 2, DayOfWeek.MONDAY);
            case NOVEMBER -> isNth(day, 4, DayOfWeek.THURSDAY);
            default -> false;
        };
    }

    private static boolean isNth(LocalDate day, int n, DayOfWeek weekday) {
        return day.equals(day.with(TemporalAdjusters.dayOfWeekInMonth(n, weekday)));
    }

    private static boolean isInauguration(LocalDate day) {
        return day.getMonth() == Month.JANUARY && day.getDayOfMonth() == 20 && day.getYear() % 4 == 1;
    }
}
