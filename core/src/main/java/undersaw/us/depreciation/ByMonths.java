package undersaw.us.depreciation;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import undersaw.law.calendar.Period;

/**
 * Even amounts by whole months (IRC 167(f), 174, 195, 197, 248, 709), in whole dollars.
 *
 * @param months of the whole recovery
 * @param first months that count in the first year
 * @param years the tax years from the first to this one
 * @param disposed the day within this year on which it was given up; null where it is held
 */
record ByMonths(
        int months, int first, List<Period> years, @Nullable LocalDate disposed) {
    /** The year's amount, where so much of the basis was taken before; the last year takes what is left. */
    long of(long basis, long taken) {
        int before = years.size() == 1
                ? 0
                : first
                        + years.subList(1, years.size() - 1).stream()
                                .mapToInt(ByMonths::months)
                                .sum();
        Period now = years.get(years.size() - 1);
        int wanted = years.size() == 1 ? first : months(now);
        int counted = Math.max(0, Math.min(wanted, months - before));
        long left = Math.max(0, basis - taken);
        if (disposed != null) {
            counted = Math.min(counted, Convention.FM.last(now, disposed) / YearParts.MONTH);
        } else if (before + counted == months && before < months) {
            return left;
        }
        return Math.min(left, Rounded.share(basis, counted, months));
    }

    private static int months(Period year) {
        return YearParts.of(year) / YearParts.MONTH;
    }
}
