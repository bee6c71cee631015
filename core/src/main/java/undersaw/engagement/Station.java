package undersaw.engagement;

import java.util.Locale;

/** A place that an engagement passes, in the order of the work. */
public enum Station {
    BOOKS,
    MAP,
    ADJUST,
    ASSETS,
    OWNERS,
    RETURN,
    CHECK,
    FILE;

    /** The station's name on screen. */
    public String caption() {
        return name().charAt(0) + name().substring(1).toLowerCase(Locale.ROOT);
    }

    /** The station's name in an address. */
    public String path() {
        return name().toLowerCase(Locale.ROOT);
    }
}
