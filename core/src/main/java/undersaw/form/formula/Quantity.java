package undersaw.form.formula;

import java.math.BigDecimal;

/** A rule that finds a number of things of which parts may be held, such as shares; up to six decimals. */
public sealed interface Quantity extends Rule permits DividedQuantity {
    BigDecimal value(Figures figures);
}
