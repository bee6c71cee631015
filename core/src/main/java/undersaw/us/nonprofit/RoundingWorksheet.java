package undersaw.us.nonprofit;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.rounding;
import static undersaw.form.formula.Formulas.sum;

import undersaw.form.BalanceRow.YearEnd;
import undersaw.form.Form;
import undersaw.form.Line;

/**
 * What rounding each line to whole dollars leaves, and where it is put (Instructions for Form 990-EZ, rounding off to
 * whole dollars; from memory). A difference of more than three dollars is no rounding and stays.
 */
final class RoundingWorksheet extends Form {
    private static final long UP_TO = 3;

    final Line toOtherExpenses;
    final Line toManagement;
    final Line toNetAssets;
    private final Line toOpeningCash;
    private final Line toClosingCash;

    RoundingWorksheet(NonprofitForms all) {
        super(NonprofitReturn.CODE, "Rounding");
        part("W-RD", "Rounding to whole dollars", "Instructions for Form 990-EZ, rounding off to whole dollars")
                .worksheet();
        Line lines = line("W-RD/1", "Excess as the rounded lines make it, less the excess of the books")
                .is(() -> all.revenue
                        .total
                        .minus(all.revenue.expensesBeforeRounding())
                        .minus(all.books.onLine18));
        toOtherExpenses = line("W-RD/2", "Put to line 16").is(rounding(lines, UP_TO));
        Line opening = line("W-RD/3", "Net assets at the beginning, as the rounded lines make them, less line 19")
                .is(() -> all.balance.netBeforeRounding(YearEnd.OPENING).minus(all.revenue.opening));
        toOpeningCash = line("W-RD/4", "Put to line 22, column A").is(NOTHING.minus(rounding(opening, UP_TO)));
        Line closing = line("W-RD/5", "Net assets at the end, as the rounded lines make them, less line 21")
                .is(() -> all.balance.netBeforeRounding(YearEnd.CLOSING).minus(all.revenue.closing));
        toClosingCash = line("W-RD/6", "Put to line 22, column B").is(NOTHING.minus(rounding(closing, UP_TO)));
        Line functions = line("W-RD/7", "Line 17 less the rounded functions")
                .is(() -> all.revenue.expenses.minus(all.functions.beforeRounding()));
        toManagement = line("W-RD/8", "Put to management and general").is(rounding(functions, UP_TO));
        Line books = line("W-RD/9", "Line 21 less the net assets of the books")
                .is(() -> sum(all.revenue.closing).minus(all.netAssets.closing));
        toNetAssets = line("W-RD/10", "Put to the net assets of the books").is(rounding(books, UP_TO));
    }

    /** What is put to line 22 at one end of the year. */
    Line toCash(YearEnd end) {
        return end == YearEnd.OPENING ? toOpeningCash : toClosingCash;
    }
}
