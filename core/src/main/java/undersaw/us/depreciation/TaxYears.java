package undersaw.us.depreciation;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;
import undersaw.law.calendar.Period;

/**
 * The tax years of a taxpayer up to the one that is looked at. Earlier ones have twelve months, but for the first,
 * which begins when the taxpayer did, and for years that are known to be short.
 *
 * @param year the year that is looked at
 * @param began the taxpayer's first day; null where it is not known
 * @param shorter other years that are known to be short
 */
public record TaxYears(Period year, @Nullable LocalDate began, List<Period> shorter) {
    private static final int OLDEST = 120;

    /** Keeps its own copy. */
    public TaxYears {
        shorter = List.copyOf(shorter);
    }

    /** Years of twelve months, up to this one. */
    public static TaxYears upTo(Period year) {
        return new TaxYears(year, null, List.of());
    }

    /** The years from the one in which a day lies to the one that is looked at; empty where it lies after that. */
    public List<Period> since(LocalDate day) {
        List<Period> years = new ArrayList<>();
        Period each = year;
        if (day.isAfter(each.end())) {
            return years;
        }
        years.add(each);
        while (day.isBefore(each.start()) && years.size() < OLDEST) {
            each = before(each);
            years.add(each);
        }
        Collections.reverse(years);
        return years;
    }

    private Period before(Period next) {
        LocalDate end = next.start().minusDays(1);
        for (Period known : shorter) {
            if (known.end().equals(end)) {
                return known;
            }
        }
        LocalDate start = end.plusDays(1).minusYears(1);
        boolean first = began != null && began.isAfter(start) && !began.isAfter(end);
        return new Period(first ? began : start, end);
    }

    /** The same seen a year later. */
    public TaxYears next() {
        List<Period> known = new ArrayList<>(shorter);
        if (year.isShort()) {
            known.add(year);
        }
        LocalDate start = year.end().plusDays(1);
        return new TaxYears(new Period(start, start.plusYears(1).minusDays(1)), began, known);
    }
}
