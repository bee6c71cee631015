package undersaw.form.formula;

import java.util.Map;
import java.util.Set;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * A rule that divides an amount among all members of a dimension at once, as the shares of owners are found: the parts
 * depend on one another, since together they must come to the whole.
 *
 * <p>Two divisions that are equal are found once.
 */
public interface Division {
    /** What is divided; the parts are in its unit. */
    LineId line();

    /** Among whom. */
    Dimension members();

    /** The part of each member; members that are left out get nothing. */
    Map<String, Money> parts(Figures figures, MemberFigures members);

    /** The rule in words. */
    String words();

    /** All that the parts depend on; lines that repeat are read member by member. */
    Set<Input> reads();
}
