package undersaw.engagement;

/**
 * A figure that came from last year's engagement.
 *
 * @param value what last year gave, as plain text
 * @param confirmed who confirmed it, and when; empty while nobody has
 */
public record Carried(String value, String confirmed) {
    public boolean isOpen() {
        return confirmed.isEmpty();
    }

    /** The same figure, confirmed. */
    public Carried confirmedBy(String who) {
        return new Carried(value, who);
    }
}
