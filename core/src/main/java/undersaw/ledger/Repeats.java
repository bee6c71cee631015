package undersaw.ledger;

import java.util.Locale;
import java.util.Optional;

/** What becomes of an entry when next year is begun. */
public enum Repeats {
    /** Nothing. */
    ONCE("once"),
    /** The same entry, dated a year later. */
    RECURRING("each year"),
    /** The opposite entry, dated on the first day. */
    REVERSING("reversed next year");

    private final String caption;

    Repeats(String caption) {
        this.caption = caption;
    }

    public String caption() {
        return caption;
    }

    /** The word used in files. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<Repeats> parse(String word) {
        for (Repeats each : values()) {
            if (each.word().equals(word)) {
                return Optional.of(each);
            }
        }
        return Optional.empty();
    }
}
