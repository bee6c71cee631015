package undersaw.engagement;

/**
 * A postal address.
 *
 * @param line1 street and number
 * @param line2 further line, or empty
 * @param city town
 * @param region two-letter state, or a region abroad
 * @param postalCode postal code
 * @param country two letters; US at home
 */
public record Address(String line1, String line2, String city, String region, String postalCode, String country) {
    /** An address with nothing in it yet. */
    public static Address empty() {
        return new Address("", "", "", "", "", "US");
    }

    /** Whether a return can be sent with it. */
    public boolean isComplete() {
        return !line1.isBlank() && !city.isBlank() && !postalCode.isBlank();
    }
}
