package undersaw.engagement;

/**
 * What a person typed onto the return.
 *
 * @param value plain text as files write it
 * @param reason why it replaces a computed figure; empty where it replaces none
 * @param by who typed it, and when, in words; empty when it came with a folder
 */
public record Fact(String value, String reason, String by) {
    /** A fact that replaces nothing. */
    public static Fact of(String value) {
        return new Fact(value, "", "");
    }

    private static final String LAST_YEAR = "from last year";

    /** The same fact as it comes to the next year: to be confirmed. */
    public Fact carried() {
        return new Fact(value, reason, LAST_YEAR);
    }

    /** The same fact, confirmed. */
    public Fact confirmed(String who) {
        return new Fact(value, reason, LAST_YEAR + ", confirmed by " + who);
    }

    /** Whether it came from last year and nobody has confirmed it. */
    public boolean isFromLastYear() {
        return by.equals(LAST_YEAR);
    }
}
