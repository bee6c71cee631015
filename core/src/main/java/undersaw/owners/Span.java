package undersaw.owners;

import java.math.BigInteger;
import java.util.List;

/** The days of a year on which positions count. */
public enum Span {
    /** Each day alike. */
    YEAR("and days held"),
    /** The first day. */
    BEGIN("at the beginning of the year"),
    /** The last day. */
    END("at the end of the year");

    private final String words;

    Span(String words) {
        this.words = words;
    }

    /** After the measure, in a sentence. */
    String words() {
        return words;
    }

    /** What each owner counts, in the order of the owners; each day's shares count as a part of that day's. */
    List<BigInteger> weights(Holdings holdings, Measure measure) {
        return switch (this) {
            case BEGIN -> holdings.on(0);
            case END -> holdings.on(holdings.segments().size() - 1);
            case YEAR -> measure == Measure.SHARES ? holdings.byDaysOfTheirTotal() : holdings.byDays();
        };
    }
}
