package undersaw.engagement;

import java.util.Optional;

/**
 * An employer identification number.
 *
 * @param digits nine digits
 */
public record TaxpayerNumber(String digits) {
    /**
     * Checks the shape.
     *
     * @throws IllegalArgumentException for anything but nine digits
     */
    public TaxpayerNumber {
        if (!digits.matches("\\d{9}")) {
            throw new IllegalArgumentException("found \"" + digits + "\", expected nine digits");
        }
    }

    /** Reads {@code NN-NNNNNNN} or nine digits; nothing for any other shape. */
    public static Optional<TaxpayerNumber> parse(String text) {
        String stripped = text.strip();
        return stripped.matches("\\d{2}-?\\d{7}")
                ? Optional.of(new TaxpayerNumber(stripped.replace("-", "")))
                : Optional.empty();
    }

    /** The number as forms print it: {@code NN-NNNNNNN}. */
    public String printed() {
        return digits.substring(0, 2) + "-" + digits.substring(2);
    }

    /** All but the last four digits hidden. */
    public String masked() {
        return "••-•••" + digits.substring(5);
    }

    /** Any taxpayer's number with all but its last four digits hidden; nothing of one too short to have a rest. */
    public static String masked(String number) {
        String digits = number.replaceAll("\\D", "");
        return digits.length() < 4 ? "" : "••-•••" + digits.substring(digits.length() - 4);
    }

    /** The text with all but the last four digits of every number of a taxpayer hidden. */
    public static String hide(String text) {
        return text.replaceAll("\\b(?:\\d{2}-\\d{3}|\\d{3}-\\d{2}-|(?<=umber )\\d{5})(\\d{4})\\b", "••-•••$1");
    }

    @Override
    public String toString() {
        return masked();
    }
}
