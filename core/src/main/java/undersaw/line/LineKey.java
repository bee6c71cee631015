package undersaw.line;

/**
 * One place on a return: a line, and which repeated instance of it.
 *
 * @param line the line's address
 * @param instance the owner, officer, account or year that it repeats for; empty where it does not repeat
 */
public record LineKey(LineId line, String instance) implements Comparable<LineKey> {
    private static final char MARK = '@';

    /** Reads what {@link #toString} writes: {@code 1125-E/1/f@d-marsh}. */
    public static LineKey parse(String text) {
        int at = text.indexOf(MARK);
        return at < 0
                ? LineId.of(text).alone()
                : LineId.of(text.substring(0, at)).in(text.substring(at + 1));
    }

    /** Whether the text can name an instance; a row may belong to another one's year, as in {@code van@2024}. */
    public static boolean isInstance(String text) {
        return text.matches("[^@\\s]{1,80}(@\\d{4})?");
    }

    @Override
    public int compareTo(LineKey other) {
        int byLine = line.compareTo(other.line);
        return byLine != 0 ? byLine : NaturalOrder.COUNTED.compare(instance, other.instance);
    }

    @Override
    public String toString() {
        return instance.isEmpty() ? line.text() : line.text() + MARK + instance;
    }
}
