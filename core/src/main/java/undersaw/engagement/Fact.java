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
}
