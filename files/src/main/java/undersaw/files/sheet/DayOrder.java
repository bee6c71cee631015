package undersaw.files.sheet;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Tells by all dates of a column whether the day or the month is written first. */
final class DayOrder {
    private static final Pattern SLASHES = Pattern.compile("(\\d{1,2})[/-](\\d{1,2})[/-](\\d{4}|\\d{2})");

    private DayOrder() {}

    /** Whether days come first; the month does unless a date shows that it cannot. */
    static boolean isDayFirst(List<String> cells, List<String> assumptions) {
        boolean firstAbove = false;
        boolean secondAbove = false;
        for (String cell : cells) {
            Matcher matcher = SLASHES.matcher(cell.strip());
            if (matcher.matches()) {
                firstAbove |= Integer.parseInt(matcher.group(1)) > 12;
                secondAbove |= Integer.parseInt(matcher.group(2)) > 12;
            }
        }
        if (firstAbove && !secondAbove) {
            assumptions.add("Dates are written with the day first.");
            return true;
        }
        return false;
    }
}
