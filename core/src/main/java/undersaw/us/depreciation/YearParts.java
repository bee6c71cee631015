package undersaw.us.depreciation;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import undersaw.law.calendar.Period;

/**
 * Parts of a tax year as depreciation counts them: in units of which a year has 240 and half a month has ten, so that
 * halves of months, eighths of years and tenths of years are all whole.
 */
public final class YearParts {
    public static final int YEAR = 240;
    public static final int MONTH = 20;
    public static final int HALF_MONTH = 10;

    private static final int MONTHS = 12;
    private static final int MONTHS_OF_A_QUARTER = 3;

    private YearParts() {}

    /**
     * How long a tax year is. A short one counts its months, of which a part counts whole where the year begins on the
     * first or ends on the last day of one; else whole half months (Rev. Proc. 89-15; Publication 946, chapter 4; from
     * memory).
     */
    public static int of(Period year) {
        if (!year.isShort()) {
            return YEAR;
        }
        LocalDate after = year.end().plusDays(1);
        if (year.start().getDayOfMonth() == 1 || after.getDayOfMonth() == 1) {
            return MONTH * Math.min(MONTHS, calendarMonths(year.start(), year.end()) + 1);
        }
        return (int) Math.max(1, year.days() * (YEAR / HALF_MONTH) / 365) * HALF_MONTH;
    }

    private static int calendarMonths(LocalDate from, LocalDate to) {
        return (to.getYear() - from.getYear()) * MONTHS + to.getMonthValue() - from.getMonthValue();
    }

    /** Which month of the tax year a day lies in, from 1. */
    public static int month(Period year, LocalDate day) {
        boolean byCalendar = year.isShort() || year.start().getDayOfMonth() == 1;
        long months = byCalendar ? calendarMonths(year.start(), day) : ChronoUnit.MONTHS.between(year.start(), day);
        return (int) Math.max(1, Math.min(MONTHS, months + 1));
    }

    /** Which quarter of the tax year a day lies in, from 1; a short year is cut into four equal parts. */
    public static int quarter(Period year, LocalDate day) {
        if (year.isShort()) {
            return 1 + (int) (4 * ChronoUnit.DAYS.between(year.start(), day) / year.days());
        }
        return 1 + (month(year, day) - 1) / MONTHS_OF_A_QUARTER;
    }

    /** From the middle of a quarter to the end of a year of that length; the middle moves back to a half month. */
    public static int ofMidQuarter(int length, int quarter) {
        return length - beforeMidQuarter(length, quarter);
    }

    /** From the start of the year to the middle of a quarter. */
    public static int beforeMidQuarter(int length, int quarter) {
        return length / HALF_MONTH * (2 * quarter - 1) / 8 * HALF_MONTH;
    }
}
