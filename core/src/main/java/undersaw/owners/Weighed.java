package undersaw.owners;

import java.math.BigInteger;
import java.util.List;
import org.jspecify.annotations.Nullable;
import undersaw.form.formula.Division;
import undersaw.form.formula.Figures;
import undersaw.form.formula.MemberFigures;
import undersaw.money.Money;

/** A division among owners by weights, which what belongs to the same item goes by too. */
public interface Weighed extends Division {
    /** Where closed books stand; null where days alone count. */
    @Nullable
    YearCut cut();

    /** What each owner weighs for an amount of the item, in the order of the register. */
    List<BigInteger> weights(Figures figures, MemberFigures members, Money amount);
}
