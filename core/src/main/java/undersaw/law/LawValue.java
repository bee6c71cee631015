package undersaw.law;

/**
 * One figure of the law with its authority.
 *
 * @param key what it is
 * @param text the figure as written in the table
 * @param unit percent or dollars
 * @param citation section, revenue procedure or publication
 * @param note how sure it is, and anything a reader must know
 */
public record LawValue(LawKey key, String text, Unit unit, String citation, String note) {
    /**
     * Refuses a value without a source.
     *
     * @throws IllegalArgumentException when the citation is blank
     */
    public LawValue {
        if (citation.isBlank()) {
            throw new IllegalArgumentException("law value " + key.key() + " has no citation");
        }
    }

    /** What a figure of the law counts. */
    public enum Unit {
        PERCENT,
        DOLLARS
    }
}
