package undersaw.us.forms;

import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.function.Supplier;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Carried;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Formula;
import undersaw.form.formula.YearSpan;
import undersaw.ledger.CarryoverKind;

/**
 * Form 8990, the limit on business interest (IRC 163(j) as amended by P.L. 119-21; 2022 revision of the form, from
 * memory).
 *
 * <p>Line 6 is found as if no interest were limited, so that nothing here depends on what it limits (unsure).
 */
public final class Form8990 extends Form {

    public final Line carried;
    public final Line allowed;
    public final Line carriedOn;
    public final Line change;
    private final Sockets in;
    private final Line shelter;

    /**
     * What the return plugs in.
     *
     * @param paid the line on which interest paid is deducted
     * @param received business interest income
     * @param written depreciation, amortization and depletion
     * @param income tentative taxable income, as if no interest were limited
     * @param knownToBeLimited whether the return says that the limit applies, though no receipts are typed
     * @param receipts the test of a small business
     */
    public record Sockets(
            Supplier<Line> paid,
            Supplier<Formula> received,
            Supplier<Formula> written,
            Supplier<Formula> income,
            Supplier<Condition> knownToBeLimited,
            EarlierReceipts receipts) {}

    /** The form within a return. */
    public Form8990(Sockets in) {
        super("8990", "Limit on business interest");
        this.in = in;
        partByNeed(
                        "8990",
                        "Form 8990: limit on business interest",
                        "IRC 163(j)",
                        "interest expense limit disallowed adjusted taxable income")
                .neededWhen(() -> isLimited()
                        .and(interestOfBooks().isNotZero())
                        .or(fromEarlierYears().isNotZero()))
                .foundOnlyThen();
        shelter = line("shelter", "The corporation is a tax shelter")
                .as(LineKind.YES_NO)
                .cites("IRC 448(d)(3)");
        Line floorPlan = line("4", "Floor plan financing interest").cites("IRC 163(j)(9)");
        Line current = line("1", "Business interest of this year")
                .is(() -> interestOfBooks().minus(floorPlan));
        carried = line("2", "Interest carried from earlier years")
                .is(fromEarlierYears())
                .cites("IRC 163(j)(2)");
        Line excess =
                line("3", "Excess interest of partnerships treated as paid").cites("IRC 163(j)(4)(B)");
        Line interest = line("5", "Business interest in all").is(sum(current, carried, excess, floorPlan));
        Line tentative = line("6", "Tentative taxable income").is(in.income());
        Line other = line("7", "Deductions that belong to no business");
        Line added = line("8", "Business interest counted in line 6").is(sum(current, floorPlan));
        Line written = line("11", "Depreciation, amortization and depletion")
                .is(() -> in.written().get().times(BusinessLaw.INTEREST_DEPRECIATION))
                .cites("IRC 163(j)(8)(A)(v); P.L. 119-21");
        Line passLosses = line("12", "Losses of partnerships and S corporations");
        Line otherAdded = line("13", "Other additions");
        Line partnerIncome = line("14", "Excess taxable income of partnerships");
        Line shareholderIncome = line("15", "Excess taxable income of S corporations");
        Line additions = line("16", "Additions")
                .is(sum(other, added, written, passLosses, otherAdded, partnerIncome, shareholderIncome));
        Line outside = line("17", "Income that belongs to no business");
        Line received = line("18", "Business interest income counted in line 6").is(in.received());
        Line passIncome = line("19", "Income of partnerships and S corporations");
        Line otherTaken = line("20", "Other reductions");
        Line reductions = line("21", "Reductions").is(sum(outside, received, passIncome, otherTaken));
        Line adjusted = line("22", "Adjusted taxable income")
                .is(sum(tentative, additions).minus(reductions).notBelowZero())
                .cites("IRC 163(j)(8)");
        Line income = line("23", "Business interest income").is(received);
        Line passInterest = line("24", "Excess interest income of partnerships and S corporations");
        Line incomeInAll = line("25", "Interest income in all").is(sum(income, passInterest));
        Line share = line("26", "Share of adjusted taxable income")
                .is(adjusted.times(BusinessLaw.INTEREST_SHARE))
                .cites("IRC 163(j)(1)(B)");
        Line limit = line("29", "Limit on business interest").is(sum(share, incomeInAll, floorPlan));
        allowed = line("30", "Business interest deducted")
                .is(() -> when(isLimited(), least(interest, limit), interest))
                .cites("IRC 163(j)(1)");
        carriedOn = line("31", "Interest carried to later years")
                .is(interest.minus(allowed))
                .cites("IRC 163(j)(2)");
        change = line("30/change", "Line 30 less the interest of the books").is(() -> allowed.minus(interestOfBooks()));
    }

    private static Formula fromEarlierYears() {
        return new Carried(CarryoverKind.INTEREST_163J, YearSpan.allBefore());
    }

    private Formula interestOfBooks() {
        return in.paid().get().fromAccounts();
    }

    /** No small business, or a tax shelter, or known to be limited though no receipts are typed. */
    public Condition isLimited() {
        Condition unproved =
                in.knownToBeLimited().get().and(in.receipts().average.isZero());
        return in.receipts().aboveLimit().or(shelter.answered("yes")).or(unproved);
    }
}
