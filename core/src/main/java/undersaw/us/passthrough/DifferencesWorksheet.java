package undersaw.us.passthrough;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.rounding;
import static undersaw.form.formula.Formulas.sum;

import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Term;
import undersaw.us.forms.Form8825;

/**
 * Differences between books and return that no single account explains: depreciation, amortization, federal tax,
 * limited interest, gains that forms find, and figures typed over the books. A residue of up to five dollars, left by
 * rounding each line, is placed openly on Schedule M-1 (common practice, no source).
 */
public final class DifferencesWorksheet extends Form {
    private static final long ROUNDING_UP_TO = 5;

    public final Line depreciation;
    public final Line amortization;
    public final Line federalTax;
    final Line taxDepreciation;
    final Line incomeAbove;
    final Line incomeBelow;
    final Line expensesAbove;
    final Line deductionsBelow;
    private final Line ownTax;
    public final Line rounding;
    final Line roundingAdded;
    final Line roundingTaken;

    /**
     * What the return plugs in.
     *
     * @param income lines of income that accounts lead to
     * @param gains lines of gain, which other forms find
     * @param deductions lines of deduction
     * @param properties the rental properties
     * @param depreciation all depreciation of the return, section 179 with it
     * @param amortization all amortization of the return
     * @param federalTax the entity's own tax that lowers what owners take up
     * @param interest what the interest limit adds to the interest of the books, or takes off
     * @param result income in all, as the owners take it up
     */
    public record Sockets(
            Supplier<List<Held>> income,
            Supplier<List<Held>> gains,
            Supplier<List<Held>> deductions,
            Supplier<Form8825> properties,
            Supplier<Formula> depreciation,
            Supplier<Formula> amortization,
            Supplier<Formula> federalTax,
            Supplier<Formula> interest,
            Supplier<Formula> result) {}

    /** The worksheet of a return whose Schedule M-1 is given. */
    public DifferencesWorksheet(String form, Sockets in, Supplier<ScheduleM1> m1) {
        super(form, "Book-to-tax differences");
        part("W-M1", "Book-to-tax differences", "IRC 446; instructions of Schedule M-1")
                .worksheet();
        depreciation = line("W-M1/1", "Depreciation per books").fromBooks();
        amortization = line("W-M1/2", "Amortization per books").fromBooks();
        federalTax = line("W-M1/3", "Federal income tax per books").fromBooks();
        taxDepreciation = line("W-M1/4", "Depreciation of the return").is(in.depreciation());
        incomeAbove = line("W-M1/5", "Income of the return above the books")
                .is(() -> sum(
                        all(in.income().get(), Held::above),
                        all(in.gains().get(), Held::above),
                        in.properties().get().incomeAbove.total()));
        incomeBelow = line("W-M1/6", "Income of the books above the return")
                .is(() -> sum(
                        all(in.income().get(), Held::below),
                        all(in.gains().get(), Held::belowBooks),
                        in.properties().get().incomeBelow.total()));
        Line costsAbove = line("W-M1/7", "Deductions typed below the books")
                .is(() -> sum(
                        all(in.deductions().get(), Held::below),
                        in.properties().get().costsBelow.total()));
        Line costsBelow = line("W-M1/8", "Deductions typed above the books, and losses that the books have not")
                .is(() -> sum(
                        all(in.deductions().get(), Held::above),
                        all(in.gains().get(), Held::lossNotOnBooks),
                        in.properties().get().costsAbove.total()));
        Line written = line("W-M1/9", "Amortization of the return").is(in.amortization());
        Line interest =
                line("W-M1/10", "Interest of the return above the books").is(in.interest());
        ownTax = line("W-M1/11", "Tax of the entity that lowers its owners' income")
                .is(in.federalTax());
        expensesAbove = line("W-M1/12", "Other expenses of the books above the return")
                .is(sum(
                        costsAbove,
                        amortization.minus(written).notBelowZero(),
                        NOTHING.minus(interest).notBelowZero(),
                        federalTax.minus(ownTax).notBelowZero()));
        deductionsBelow = line("W-M1/13", "Other deductions of the return above the books")
                .is(sum(
                        costsBelow,
                        written.minus(amortization).notBelowZero(),
                        interest.notBelowZero(),
                        ownTax.minus(federalTax).notBelowZero()));
        Line residue = line("W-M1/14", "Income less Schedule M-1 before rounding")
                .is(() -> in.result().get().minus(m1.get().beforeRounding()));
        rounding = line("W-M1/15", "Rounding placed on Schedule M-1").is(rounding(residue, ROUNDING_UP_TO));
        roundingAdded = line("W-M1/16", "Rounding").is(rounding.notBelowZero());
        roundingTaken = line("W-M1/17", "Rounding").is(NOTHING.minus(rounding).notBelowZero());
    }

    /** Federal tax of the books that is not the entity's own tax of the year. */
    public Formula taxNotDeducted() {
        return federalTax.minus(ownTax).notBelowZero();
    }

    private static Formula all(List<Held> lines, Function<Held, Term> part) {
        return lines.isEmpty() ? NOTHING : sum(lines.stream().map(part).toList());
    }
}
