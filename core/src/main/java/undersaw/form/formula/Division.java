package undersaw.form.formula;

import java.util.List;
import java.util.Map;
import java.util.Set;
import undersaw.line.Dimension;
import undersaw.line.LineId;

/**
 * A rule that divides an amount among all members of a dimension at once, as the shares of owners are found: the parts
 * depend on one another, since together they must come to the whole.
 *
 * <p>Two divisions that are equal are found once.
 */
public interface Division {
    /** What is divided, or what decides; amounts are divided in its unit. */
    LineId line();

    /** Among whom. */
    Dimension members();

    /**
     * The part of each member, as cells keep numbers: cents of an amount, millionths of a percentage or of a quantity;
     * members that are left out get nothing.
     */
    Map<String, Long> parts(Figures figures, MemberFigures members);

    /** How one member's part was found, step by step, in sentences. */
    List<String> steps(Figures figures, MemberFigures members, String member);

    /** The rule in words. */
    String words();

    /** All that the parts depend on; lines that repeat are read member by member. */
    Set<Input> reads();
}
