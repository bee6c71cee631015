package undersaw.us.depreciation;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import undersaw.law.calendar.Period;

/**
 * Regular depreciation of one year on one basis, before any limit, in whole dollars.
 *
 * @param table the life, method and first year
 * @param years the tax years from the one of service to this one
 * @param isByFormula whether a short year at or before this one takes the asset off the tables (Rev. Proc. 89-15)
 * @param convention by which the asset counts
 * @param disposed the day within this year on which it was given up; null where it is held
 * @param automobile whether limits of earlier years may have left more than the table's last rate
 */
record Regular(
        Recovery.Key table,
        List<Period> years,
        boolean isByFormula,
        Convention convention,
        @Nullable LocalDate disposed,
        boolean automobile) {
    private static final long ROUNDING = 10;
    private static final long ROUNDING_SHARE = 1000;

    /** This year's rate, in thousandths of a percent; nothing off the tables. */
    int rate() {
        return isByFormula ? 0 : Recovery.of(table).rate(years.size());
    }

    /** How many tax years the recovery reaches into, by the tables. */
    int reach() {
        return Recovery.of(table).years();
    }

    /** The year's amount, where so much of the basis was taken before. */
    long of(long basis, long taken) {
        long left = Math.max(0, basis - taken);
        return isByFormula ? Math.min(left, byFormula(left)) : byTable(basis, left);
    }

    private long byTable(long basis, long left) {
        Recovery rates = Recovery.of(table);
        int year = years.size();
        if (disposed != null && year > 1 && rates.part(year) > 0) {
            int held = Math.min(convention.last(thisYear(), disposed), rates.part(year));
            long exact = Rounded.share(basis, (long) rates.rate(year) * held, (long) rates.part(year) * Recovery.WHOLE);
            return Math.min(left, exact);
        }
        long amount = Rounded.share(basis, rates.rate(year), Recovery.WHOLE);
        boolean last = year == rates.years() && !automobile;
        return last && fits(basis, left, amount) ? left : Math.min(left, amount);
    }

    /** Whether what is left differs from the table by rounding alone. */
    static boolean fits(long basis, long left, long amount) {
        return Math.abs(left - amount) <= Math.max(ROUNDING, basis / ROUNDING_SHARE);
    }

    /** Declining balance or the straight line on what is left, for the part of this year that counts. */
    private long byFormula(long left) {
        boolean first = years.size() == 1;
        int remaining = first ? table.life() : Math.max(0, table.life() - before());
        int part = Math.min(first ? table.first() : YearParts.of(thisYear()), remaining);
        if (disposed != null) {
            part = Math.min(part, convention.last(thisYear(), disposed));
        } else if (part >= remaining) {
            return left;
        }
        if (remaining == 0) {
            return 0;
        }
        return Math.max(
                Rounded.share(left, part, remaining),
                Rounded.share(left, (long) table.factor() * part, 100L * table.life()));
    }

    /** The part of the life that lies in earlier years. */
    private int before() {
        return table.first()
                + years.subList(1, years.size() - 1).stream()
                        .mapToInt(YearParts::of)
                        .sum();
    }

    private Period thisYear() {
        return years.get(years.size() - 1);
    }
}
