package undersaw.us.forms;

import static undersaw.form.formula.Formulas.dollars;
import static undersaw.form.formula.Formulas.fraction;
import static undersaw.form.formula.Formulas.law;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.function.Supplier;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Formula;

/**
 * Average gross receipts of the three years before, the test of a small business (IRC 448(c); from memory).
 *
 * <p>A younger corporation averages the years that it has.
 */
public final class EarlierReceipts extends Form {
    private static final int YEARS = 3;

    public final Line average;

    /** The average within a return, which plugs in its receipts of this year. */
    public EarlierReceipts(Supplier<Formula> receipts) {
        super("448c", "Earlier receipts");
        partByNeed("448c", "Earlier receipts", "IRC 448(c)", "small business gross receipts test")
                .neededWhen(() -> average().isNotZero());
        Line thisYear = line("y0", "Gross receipts of this year, for the next").is(receipts);
        Line last = line("y1", "Gross receipts of last year")
                .beginsWith(thisYear)
                .help("With those of companies under common control; a short year as if it had twelve months.");
        Line before = line("y2", "Gross receipts of the year before").beginsWith(last);
        Line third = line("y3", "Gross receipts two years before").beginsWith(before);
        average = line("average", "Average of these years")
                .is(when(
                        third.isNotZero(),
                        fraction(1, YEARS, sum(last, before, third)),
                        when(before.isNotZero(), fraction(1, 2, sum(last, before)), last)));
    }

    private Line average() {
        return average;
    }

    /** Too large for a small business. */
    public Condition aboveLimit() {
        return average.isAtLeast(law(BusinessLaw.SMALL_BUSINESS_RECEIPTS).plus(dollars(1)));
    }
}
