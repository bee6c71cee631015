package undersaw.us.depreciation;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Optional;
import undersaw.law.calendar.Period;

/** On which day property counts as placed in service or given up (IRC 168(d), 197; Reg. 1.168(d)-1; from memory). */
public enum Convention {
    /** Half-year. */
    HY("half-year"),
    /** Mid-quarter. */
    MQ("mid-quarter"),
    /** Mid-month. */
    MM("mid-month"),
    /** Whole months, the first one counted and the last one not. */
    FM("whole months");

    private final String words;

    Convention(String words) {
        this.words = words;
    }

    /** The convention inside a sentence. */
    public String words() {
        return words;
    }

    /** The convention of that abbreviation. */
    public static Optional<Convention> of(String text) {
        return Arrays.stream(values()).filter(each -> each.name().equals(text)).findFirst();
    }

    /** The part of the year in which property was placed in service that counts, in {@link YearParts}. */
    public int first(Period year, LocalDate placed) {
        int length = YearParts.of(year);
        return switch (this) {
            case HY -> length / 2;
            case MQ -> YearParts.ofMidQuarter(length, YearParts.quarter(year, placed));
            case MM -> length - monthsBefore(year, placed) - YearParts.HALF_MONTH;
            case FM -> length - monthsBefore(year, placed);
        };
    }

    /** The part of the year in which property was given up that counts, in {@link YearParts}. */
    public int last(Period year, LocalDate disposed) {
        int length = YearParts.of(year);
        return switch (this) {
            case HY -> length / 2;
            case MQ -> YearParts.beforeMidQuarter(length, YearParts.quarter(year, disposed));
            case MM -> monthsBefore(year, disposed) + YearParts.HALF_MONTH;
            case FM -> monthsBefore(year, disposed);
        };
    }

    private static int monthsBefore(Period year, LocalDate day) {
        return (YearParts.month(year, day) - 1) * YearParts.MONTH;
    }
}
