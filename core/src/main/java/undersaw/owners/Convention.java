package undersaw.owners;

import java.time.LocalDate;
import java.util.stream.Stream;

/**
 * The day at whose end a change counts as made where the books are closed for it (Reg. 1.706-4(c)(1); from memory).
 */
public enum Convention {
    /** The day itself. */
    CALENDAR_DAY("calendar-day"),
    /** The end of the month before, or the fifteenth from the sixteenth on. */
    SEMI_MONTHLY("semi-monthly"),
    /** The end of the month before, or of the month itself from the sixteenth on. */
    MONTHLY("monthly");

    private static final int MIDDLE = 15;

    private final String word;

    Convention(String word) {
        this.word = word;
    }

    /** As a person chooses it. */
    public String word() {
        return word;
    }

    /** The convention of that word; the calendar day for any other. */
    static Convention of(String word) {
        return Stream.of(values())
                .filter(each -> each.word.equals(word))
                .findFirst()
                .orElse(CALENDAR_DAY);
    }

    /** The day at whose end a change of this day counts. */
    public LocalDate counts(LocalDate changed) {
        boolean early = changed.getDayOfMonth() <= MIDDLE;
        LocalDate monthBefore = changed.withDayOfMonth(1).minusDays(1);
        return switch (this) {
            case CALENDAR_DAY -> changed;
            case SEMI_MONTHLY -> early ? monthBefore : changed.withDayOfMonth(MIDDLE);
            case MONTHLY -> early ? monthBefore : changed.withDayOfMonth(changed.lengthOfMonth());
        };
    }
}
