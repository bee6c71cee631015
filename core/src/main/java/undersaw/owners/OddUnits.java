package undersaw.owners;

import undersaw.form.formula.Figures;
import undersaw.line.LineId;
import undersaw.money.Unit;

/**
 * Where units go that cannot be divided evenly.
 *
 * @param unit of the amounts
 * @param taker the owner who takes them; empty for the largest remainders
 */
record OddUnits(Unit unit, String taker) {
    /** In the unit of the line that is being found, to the owner whom a line names. */
    static OddUnits of(Figures figures, LineId rounding) {
        return new OddUnits(figures.unit(), figures.answer(rounding));
    }
}
