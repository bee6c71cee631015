package undersaw.ledger;

import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;
import undersaw.line.LineId;

/**
 * How tax law treats what an account holds.
 *
 * @param id the word used in files, such as {@code meals-half}
 * @param caption the name on screen
 * @param reach how much of the book amount reaches the tax line
 * @param permanent true where the difference from the books never turns round
 * @param citation the rule's authority
 * @param serves where accounts so treated can go
 */
public record Treatment(String id, String caption, Reach reach, boolean permanent, String citation, Serves serves) {
    /** A treatment for accounts of any kind. */
    public Treatment(String id, String caption, Reach reach, boolean permanent, String citation) {
        this(id, caption, reach, permanent, citation, Serves.ANY);
    }

    /**
     * Where accounts of a treatment can go.
     *
     * @param income whether lines of income can hold them
     * @param expense whether lines of expense can
     * @param lines the only lines; empty where a side is all that counts
     */
    public record Serves(boolean income, boolean expense, Set<LineId> lines) {
        public static final Serves ANY = new Serves(true, true, Set.of());

        /** Keeps its own copy. */
        public Serves {
            lines = Set.copyOf(lines);
        }

        /** As tables write it: income, expense, lines parted by semicolons, or nothing for any. */
        public static Serves parse(String text) {
            return switch (text) {
                case "" -> ANY;
                case "income" -> new Serves(true, false, Set.of());
                case "expense" -> new Serves(false, true, Set.of());
                default ->
                    new Serves(
                            true,
                            true,
                            Arrays.stream(text.split(";", -1)).map(LineId::of).collect(Collectors.toSet()));
            };
        }
    }

    /** The same with another reach, as the law of a later year may have it. */
    public Treatment reaching(Reach other) {
        return new Treatment(id, caption, other, permanent, citation, serves);
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
