package undersaw.files.sheet;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Dates as programs export them: ISO, month first with slashes, day first with points, or with a month's name. */
final class WrittenDate {
    private static final Pattern ISO = Pattern.compile("(\\d{4})-?(\\d{2})-?(\\d{2})([t ].*)?");
    private static final Pattern SLASHES = Pattern.compile("(\\d{1,2})[/-](\\d{1,2})[/-](\\d{4}|\\d{2})");
    private static final Pattern POINTS = Pattern.compile("(\\d{1,2})\\.(\\d{1,2})\\.(\\d{4}|\\d{2})");
    private static final Pattern NAMED = Pattern.compile("(\\d{1,2})[- ]([a-z]{3})[a-z]*[- ,]+(\\d{4}|\\d{2})");
    private static final List<String> MONTHS =
            List.of("jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec");

    private WrittenDate() {}

    static Optional<LocalDate> read(String text) {
        String plain = text.strip().toLowerCase(Locale.ROOT);
        Matcher iso = ISO.matcher(plain);
        if (iso.matches()) {
            return date(iso.group(1), iso.group(2), iso.group(3));
        }
        Matcher slashes = SLASHES.matcher(plain);
        if (slashes.matches()) {
            return date(slashes.group(3), slashes.group(1), slashes.group(2));
        }
        Matcher points = POINTS.matcher(plain);
        if (points.matches()) {
            return date(points.group(3), points.group(2), points.group(1));
        }
        Matcher named = NAMED.matcher(plain);
        return named.matches() && MONTHS.contains(named.group(2))
                ? date(named.group(3), String.valueOf(MONTHS.indexOf(named.group(2)) + 1), named.group(1))
                : Optional.empty();
    }

    private static Optional<LocalDate> date(String year, String month, String day) {
        int number = Integer.parseInt(year);
        try {
            return Optional.of(LocalDate.of(
                    year.length() == 2 ? 2000 + number : number, Integer.parseInt(month), Integer.parseInt(day)));
        } catch (DateTimeException noSuchDay) {
            return Optional.empty();
        }
    }
}
