package undersaw.engagement;

/**
 * What a person typed onto the return, or last year gave.
 *
 * @param value plain text as files write it
 * @param reason why it replaces a computed figure; empty where it replaces none
 * @param by who typed it, and when, in words; empty when it came with a folder
 * @param waits whether it came from last year and nobody has confirmed it
 */
public record Fact(String value, String reason, String by, boolean waits) {
    /** Who typed what last year gave and nobody has confirmed. */
    public static final String LAST_YEAR = "from last year";

    /** A fact that waits for nobody. */
    public Fact(String value, String reason, String by) {
        this(value, reason, by, false);
    }

    /** A fact that replaces nothing. */
    public static Fact of(String value) {
        return new Fact(value, "", "");
    }

    /** The same fact as it comes to the next year: to be confirmed. */
    public Fact carried() {
        return new Fact(value, reason, LAST_YEAR, true);
    }

    /** The same fact, confirmed. */
    public Fact confirmed(String who) {
        return new Fact(value, reason, LAST_YEAR + ", confirmed by " + who);
    }
}
