package undersaw.us.nonprofit;

import static undersaw.form.formula.Formulas.sum;

import undersaw.form.Form;
import undersaw.form.Line;

/** The books' change in net assets, and what the return leaves out of it or shows elsewhere. */
final class BooksWorksheet extends Form {
    final Line bookChange;
    final Line onLine18;

    BooksWorksheet() {
        super(NonprofitReturn.CODE, "From the books to line 18");
        part("W-BK", "From the books to line 18", "Instructions for Form 990-EZ, lines 1 and 20")
                .worksheet();
        bookChange = line("W-BK/1", "Excess or deficit per books").fromBooks().always();
        Line servicesOut = line("W-BK/2", "Donated services and use of facilities among the expenses")
                .fromBooks();
        Line servicesIn = line("W-BK/3", "Donated services and use of facilities among the revenue")
                .fromBooks();
        Line unrealized = line("W-BK/4", "Gains not realized, shown on line 20").fromBooks();
        Line pledges = line("W-BK/5", "Pledges not received, left out on the cash method")
                .fromBooks();
        onLine18 = line("W-BK/6", "Excess or deficit for line 18")
                .is(sum(bookChange, servicesOut).minus(sum(servicesIn, unrealized, pledges)));
    }
}
