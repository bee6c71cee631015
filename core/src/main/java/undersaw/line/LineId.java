package undersaw.line;

import java.util.regex.Pattern;

/**
 * The published address of a line: form, part, line and column, such as {@code 1120/L/10a/c}.
 *
 * @param text form and at least one further part, joined by slashes
 */
public record LineId(String text) implements Comparable<LineId> {
    private static final Pattern SHAPE = Pattern.compile("[A-Za-z0-9-]+(/[A-Za-z0-9.-]+)+");

    /**
     * Checks the shape.
     *
     * @throws IllegalArgumentException when there is no form, or a character that no line number has
     */
    public LineId {
        if (!isShaped(text)) {
            throw new IllegalArgumentException("found line \"" + text + "\", expected form and line such as 1120/1a");
        }
    }

    public static LineId of(String text) {
        return new LineId(text);
    }

    /** Whether the text could be a line's address. */
    public static boolean isShaped(String text) {
        return SHAPE.matcher(text).matches();
    }

    /** The form's code, as {@code 1120}. */
    public String form() {
        return text.substring(0, text.indexOf('/'));
    }

    /** All that follows the form's code. */
    public String within() {
        return text.substring(text.indexOf('/') + 1);
    }

    /** The same address one level deeper. */
    public LineId column(String column) {
        return new LineId(text + "/" + column);
    }

    /** This line as it stands in no repeated instance. */
    public LineKey alone() {
        return new LineKey(this, "");
    }

    public LineKey in(String instance) {
        return new LineKey(this, instance);
    }

    @Override
    public int compareTo(LineId other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
