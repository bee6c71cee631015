package undersaw.engagement;

/**
 * What a client's business is.
 *
 * @param code six-digit industry code, or empty
 * @param activity the business in words
 * @param product product or service in words
 */
public record Activity(String code, String activity, String product) {
    /** Nothing known yet. */
    public static Activity unknown() {
        return new Activity("", "", "");
    }
}
