package undersaw.files.sheet;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Dates as people and programs write them: ISO, month first with slashes (or day first where the whole column shows
 * it), day first with points, with a month's name before or after the day. Years of two digits fall into a window.
 */
public final class WrittenDate {
    /** Which years two digits mean. */
    static final String WINDOW = "1950 to 2049";

    private static final int PIVOT = 50;
    private static final Pattern ISO = Pattern.compile("(\\d{4})([-/.]?)(\\d{2})\\2(\\d{2})([t ].*)?");
    private static final Pattern SLASHES =
            Pattern.compile("(\\d{1,2})[/-](\\d{1,2})[/-](\\d{4}|\\d{2})( \\d{1,2}:\\d{2}.*)?");
    private static final Pattern POINTS = Pattern.compile("(\\d{1,2})\\. ?(\\d{1,2})\\. ?(\\d{4}|\\d{2})");
    private static final Pattern DAY_FIRST =
            Pattern.compile("(\\d{1,2})(?:st|nd|rd|th)?[-/ ]([a-z]{3,9})\\.?[-/ ,]+(\\d{4}|\\d{2})");
    private static final Pattern MONTH_FIRST =
            Pattern.compile("([a-z]{3,9})\\.?[- ](\\d{1,2})(?:st|nd|rd|th)?[-, ]+'?(\\d{4}|\\d{2})");
    private static final Pattern WEEKDAY =
            Pattern.compile("^(mon|tue|tues|wed|thu|thur|thurs|fri|sat|sun)[a-z]*\\.?,? ");
    private static final List<String> MONTHS = List.of(
            "january",
            "february",
            "march",
            "april",
            "may",
            "june",
            "july",
            "august",
            "september",
            "october",
            "november",
            "december");

    private WrittenDate() {}

    /** A date, the month first where only slashes part it. */
    public static Optional<LocalDate> read(String text) {
        return read(text, false);
    }

    static Optional<LocalDate> read(String text, boolean dayFirst) {
        String plain = WEEKDAY.matcher(text.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " "))
                .replaceFirst("");
        Matcher iso = ISO.matcher(plain);
        if (iso.matches()) {
            return date(iso.group(1), iso.group(3), iso.group(4));
        }
        Matcher slashes = SLASHES.matcher(plain);
        if (slashes.matches()) {
            return date(slashes.group(3), slashes.group(dayFirst ? 2 : 1), slashes.group(dayFirst ? 1 : 2));
        }
        Matcher points = POINTS.matcher(plain);
        if (points.matches()) {
            return date(points.group(3), points.group(2), points.group(1));
        }
        Matcher day = DAY_FIRST.matcher(plain);
        if (day.matches()) {
            return month(day.group(2)).flatMap(month -> date(day.group(3), month, day.group(1)));
        }
        Matcher named = MONTH_FIRST.matcher(plain);
        return named.matches()
                ? month(named.group(1)).flatMap(month -> date(named.group(3), month, named.group(2)))
                : Optional.empty();
    }

    /** The number of a month whose name, or at least its first three letters, are written. */
    private static Optional<String> month(String word) {
        String known = word.equals("sept") ? "sep" : word;
        for (int i = 0; i < MONTHS.size(); i++) {
            if (MONTHS.get(i).startsWith(known)) {
                return Optional.of(String.valueOf(i + 1));
            }
        }
        return Optional.empty();
    }

    /** Whether the year is written with two digits, so that a window decides the century. */
    static boolean hasTwoDigitYear(String text) {
        return text.strip().matches(".*[-/ .,']\\d{2}") && !text.strip().matches("\\d{4}.*");
    }

    private static Optional<LocalDate> date(String year, String month, String day) {
        int number = Integer.parseInt(year);
        int whole = year.length() == 2 ? number + (number < PIVOT ? 2000 : 1900) : number;
        try {
            return Optional.of(LocalDate.of(whole, Integer.parseInt(month), Integer.parseInt(day)));
        } catch (DateTimeException noSuchDay) {
            return Optional.empty();
        }
    }
}
