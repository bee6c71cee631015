package undersaw.law.calendar;

import java.time.LocalDate;
import java.time.Month;

/**
 * When a return is due.
 *
 * <p>A corporation's: the 15th day of the fourth month after the year ends (IRC 6072(a)); for a year that ends in June
 * and begins before 2026 the third month, with an extension of seven months instead of six (P.L. 114-41 sec.
 * 2006(a)(3)). A Saturday, Sunday or legal holiday moves it to the next business day (IRC 7503). A year that ends on
 * any day of June is taken as a June year. From memory.
 *
 * @param due the day the return is due, moved off closed days
 * @param extended the day it is due with an extension, moved likewise
 */
public record DueDate(LocalDate due, LocalDate extended) {
    private static final int FILING_DAY = 15;
    private static final int WEEK = 7;
    private static final LocalDate JUNE_RULE_ENDS = LocalDate.of(2026, 1, 1);

    /**
     * Due dates of an exempt organization's return: the 15th day of the fifth month after the year ends, with an
     * extension of six months (IRC 6072(e), 6081; from memory).
     */
    public static DueDate ofExemptOrganization(Period period) {
        LocalDate unmoved = period.end().withDayOfMonth(1).plusMonths(5).withDayOfMonth(FILING_DAY);
        return new DueDate(LegalHolidays.onOrAfter(unmoved), LegalHolidays.onOrAfter(unmoved.plusMonths(6)));
    }

    /**
     * Due dates of the return of a partnership or an S corporation: the 15th day of the third month after the year
     * ends, with an extension of six months (IRC 6072(b), 6081; from memory). A year of 52 or 53 weeks counts as ending
     * with the month whose end is nearest (IRC 441(f)).
     */
    public static DueDate ofPassthrough(Period period) {
        LocalDate end = period.end();
        LocalDate month = end.getDayOfMonth() <= WEEK ? end.minusMonths(1) : end;
        LocalDate unmoved = month.withDayOfMonth(1).plusMonths(3).withDayOfMonth(FILING_DAY);
        return new DueDate(LegalHolidays.onOrAfter(unmoved), LegalHolidays.onOrAfter(unmoved.plusMonths(6)));
    }

    /** Due dates of a corporation's return for the period. */
    public static DueDate ofCorporation(Period period) {
        boolean june = period.end().getMonth() == Month.JUNE && period.start().isBefore(JUNE_RULE_ENDS);
        LocalDate unmoved =
                period.end().withDayOfMonth(1).plusMonths(june ? 3 : 4).withDayOfMonth(FILING_DAY);
        LocalDate extended = unmoved.plusMonths(june ? 7 : 6);
        return new DueDate(LegalHolidays.onOrAfter(unmoved), LegalHolidays.onOrAfter(extended));
    }
}
