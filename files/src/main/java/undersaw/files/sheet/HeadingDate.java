package undersaw.files.sheet;

import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * The day, month or year that a heading speaks of, such as {@code Balance 12/31/2025}, {@code FY 2024}, {@code Mar}.
 *
 * @param year the year; 0 where only a month is named
 * @param month the month, 1 to 12; 0 where only a year is named
 * @param day the day of the month; 0 where none is named
 * @param rest the heading's other words, without case and punctuation
 */
record HeadingDate(int year, int month, int day, String rest) {
    private static final List<String> MONTHS =
            List.of("jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec");
    private static final String NAMED = "(jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\\.?";
    private static final Pattern SLASHES = Pattern.compile("\\b(\\d{1,2})[/.-](\\d{1,2})[/.-](\\d{4}|\\d{2})\\b");
    private static final Pattern ISO = Pattern.compile("\\b(20\\d{2}|19\\d{2})-(\\d{2})-(\\d{2})\\b");
    private static final Pattern MONTH_DAY = Pattern.compile("\\b" + NAMED + " (\\d{1,2}),? (\\d{4}|\\d{2})\\b");
    private static final Pattern DAY_MONTH = Pattern.compile("\\b(\\d{1,2})[ -]" + NAMED + "[ -](\\d{4}|\\d{2})\\b");
    private static final Pattern MONTH_YEAR = Pattern.compile("\\b" + NAMED + "[ ,'-]+(\\d{4}|\\d{2})\\b");
    private static final Pattern MONTH = Pattern.compile("\\b" + NAMED + "(?![a-z])");
    private static final Pattern YEAR = Pattern.compile("(?:\\bfy ?|\\b)((?:19|20)\\d{2})\\b|\\bfy ?'?(\\d{2})\\b");

    /** What a heading says of time; of a span such as {@code Jan - Dec 2025} its end. */
    static Optional<HeadingDate> read(String heading) {
        String plain = heading.toLowerCase(Locale.ROOT).replaceAll("\\s+", " ").strip();
        return slashes(plain)
                .or(() -> iso(plain))
                .or(() -> Shape.MONTH_DAY.find(plain))
                .or(() -> Shape.DAY_MONTH.find(plain))
                .or(() -> Shape.MONTH_YEAR.find(plain))
                .or(() -> Shape.YEAR.find(plain))
                .or(() -> Shape.MONTH.find(plain));
    }

    private static Optional<HeadingDate> slashes(String plain) {
        Matcher matcher = last(SLASHES, plain);
        if (matcher == null) {
            return Optional.empty();
        }
        int first = Integer.parseInt(matcher.group(1));
        int second = Integer.parseInt(matcher.group(2));
        boolean dayFirst = first > 12;
        return new HeadingDate(year(matcher.group(3)), dayFirst ? second : first, dayFirst ? first : second, "")
                .among(matcher, plain);
    }

    private static Optional<HeadingDate> iso(String plain) {
        Matcher matcher = last(ISO, plain);
        return matcher == null
                ? Optional.empty()
                : new HeadingDate(
                                year(matcher.group(1)),
                                Integer.parseInt(matcher.group(2)),
                                Integer.parseInt(matcher.group(3)),
                                "")
                        .among(matcher, plain);
    }

    /** A way to write a date, and the groups in which year, month and day stand; 0 where it has none. */
    private record Shape(Pattern pattern, int year, int month, int day) {
        private static final Shape MONTH_DAY = new Shape(HeadingDate.MONTH_DAY, 3, 1, 2);
        private static final Shape DAY_MONTH = new Shape(HeadingDate.DAY_MONTH, 3, 2, 1);
        private static final Shape MONTH_YEAR = new Shape(HeadingDate.MONTH_YEAR, 2, 1, 0);
        private static final Shape YEAR = new Shape(HeadingDate.YEAR, 1, 0, 0);
        private static final Shape MONTH = new Shape(HeadingDate.MONTH, 0, 1, 0);

        Optional<HeadingDate> find(String plain) {
            Matcher matcher = last(pattern, plain);
            if (matcher == null) {
                return Optional.empty();
            }
            String told = year == 0 ? "" : matcher.group(year) != null ? matcher.group(year) : matcher.group(2);
            HeadingDate date = new HeadingDate(
                    told.isEmpty() ? 0 : HeadingDate.year(told),
                    month == 0 ? 0 : MONTHS.indexOf(matcher.group(month)) + 1,
                    day == 0 ? 0 : Integer.parseInt(matcher.group(day)),
                    "");
            return date.among(matcher, plain);
        }
    }

    /** The same with the heading's other words; absent for a day that there is not. */
    private Optional<HeadingDate> among(Matcher matcher, String plain) {
        if (month > 12 || day > 31) {
            return Optional.empty();
        }
        // of a span, such as January to December 2025, the beginning is no word of its own
        String others = MONTH.matcher(matcher.replaceAll(" "))
                .replaceAll(" ")
                .replaceAll("[^a-z%]+", " ")
                .strip();
        return Optional.of(new HeadingDate(year, month, day, others));
    }

    private static @Nullable Matcher last(Pattern pattern, String plain) {
        Matcher matcher = pattern.matcher(plain);
        Matcher found = null;
        while (matcher.find()) {
            found = pattern.matcher(plain);
            found.find(matcher.start());
        }
        return found;
    }

    private static int year(String text) {
        int number = Integer.parseInt(text);
        return text.length() == 2 ? 2000 + number : number;
    }

    /** The last day it can mean, in a year of its own or else the one given. */
    LocalDate end(int otherwise) {
        int inYear = year == 0 ? otherwise : year;
        if (month == 0) {
            return LocalDate.of(inYear, 12, 31);
        }
        YearMonth whole = YearMonth.of(inYear, month);
        return day == 0 ? whole.atEndOfMonth() : whole.atDay(Math.min(day, whole.lengthOfMonth()));
    }
}
