package undersaw.ledger;

/**
 * How tax law treats what an account holds.
 *
 * @param id the word used in files, such as {@code meals-half}
 * @param caption the name on screen
 * @param reach how much of the book amount reaches the tax line
 * @param permanent true where the difference from the books never turns round
 * @param citation the rule's authority
 */
public record Treatment(String id, String caption, Reach reach, boolean permanent, String citation) {
    /** The same with another reach, as the law of a later year may have it. */
    public Treatment reaching(Reach other) {
        return new Treatment(id, caption, other, permanent, citation);
    }

    /** How a treatment finds the amount that reaches the tax line. */
    public enum Reach {
        /** The book amount. */
        WHOLE,
        /** One half of the book amount. */
        HALF,
        /** Nothing. */
        NONE,
        /** An amount that a person types. */
        TYPED,
        /** Book amount plus the part undeducted at the start, less the part undeducted at the end. */
        BEGIN_END,
        /** Book amount less the part deducted ahead at the start, plus the part deducted ahead at the end. */
        AHEAD,
        /** Another form or worksheet finds it; the account itself brings nothing. */
        ELSEWHERE
    }
}
