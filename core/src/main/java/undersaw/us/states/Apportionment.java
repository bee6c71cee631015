package undersaw.us.states;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.dollars;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.List;
import java.util.Objects;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Divided;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Gathered;
import undersaw.form.formula.LinePercent;
import undersaw.form.formula.Term;
import undersaw.form.formula.WeightedShares;
import undersaw.form.formula.WeightedShares.Share;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.owners.ByItem;
import undersaw.owners.OwnerRegister;
import undersaw.owners.Weighed;

/**
 * The part of an entity's income that belongs to each state, by property, payroll and sales, and each owner's part of
 * it (Uniform Division of Income for Tax Purposes Act; from memory). The states' own returns come later.
 */
public final class Apportionment extends Form {
    /** The states of each owner. */
    public static final Dimension OF_OWNERS = Dimension.pairs(OwnerRegister.ROWS, StateRows.STATES);

    private static final String EVERYWHERE = "*";

    private final StateRows rows = new StateRows();

    /**
     * What it takes from the return.
     *
     * @param income that is apportioned
     * @param item how owners take part in it; null where the entity is taxed itself
     * @param rounding the line that names who takes odd dollars; null where there are no owners
     */
    public record Sockets(
            Supplier<? extends Term> income,
            @Nullable Supplier<Weighed> item,
            @Nullable LineId rounding) {}

    /** The worksheet of a return. */
    public Apportionment(Sockets in) {
        super("ST", "Apportionment");
        partByNeed("APP", "States: apportionment", "UDITPA 9 to 17", "apportionment factor state share")
                .worksheet()
                .per(StateRows.STATES)
                .membersAcross()
                .neededWhen(this::isBegun)
                .foundOnlyThen()
                .help("Each state's part of the income by its own weighting; a factor with nothing everywhere does not "
                        + "count. A factor can be typed over.");
        Line everywhereProperty = once("APP/P4", "Property everywhere", sum(of(rows.owned), of(rows.rented)));
        Line everywherePayroll = once("APP/W2", "Payroll everywhere", of(rows.payroll));
        Line owned = named("APP/P1", "Property owned", rows.owned);
        Line rented = named("APP/P2", "Property rented, eight years' rent", rows.rented);
        Line property = line("APP/P3", "Property").inCents().is(sum(owned, rented));
        Line payroll = named("APP/W1", "Payroll", rows.payroll);
        Line sales = salesInState();
        Line back = line("APP/S2", "Sales thrown back")
                .inCents()
                .is(sum(
                        when(rows.throwback.answered("yes"), new Divided(new ThrownBack(rows.amount.id())), NOTHING),
                        when(
                                rows.throwback.answered("yes").and(rows.government.answered("origin")),
                                gathered(rows.toGovernment, rows.from),
                                NOTHING)))
                .cites("UDITPA 16(b)");
        Line all = once("APP/S4", "Receipts everywhere", sum(rows.amount.total(), of(rows.receipts)));
        Line out = once("APP/thrown-out", "Goods to where it is not taxable", untaxed());
        Line denominator = line("APP/S5", "Receipts everywhere, less what is thrown out")
                .inCents()
                .is(all.minus(when(rows.throwout.answered("yes"), out, NOTHING)));
        Formula third = when(rows.weighting.isAnyOf("thirds", "double-sales"), dollars(1), NOTHING);
        Line factor = line("APP/F", "Factor, percent")
                .isRatio(() -> new WeightedShares(List.of(
                        new Share(property.asFormula(), everywhereProperty.asFormula(), third),
                        new Share(payroll.asFormula(), everywherePayroll.asFormula(), third),
                        new Share(
                                sum(sales, back),
                                denominator.asFormula(),
                                when(rows.weighting.answered("double-sales"), dollars(2), dollars(1))))));
        Line income = once("APP/income", "Income that is apportioned", in.income());
        Line share = line("APP/share", "Income of the state").is(() -> income.times(new LinePercent(factor.id())));
        if (in.item() != null && in.rounding() != null) {
            ofOwners(in, share);
        }
    }

    private void ofOwners(Sockets in, Line share) {
        part("APP-owners", "States: each owner's part", "UDITPA 9")
                .worksheet()
                .per(OF_OWNERS)
                .membersAcross()
                .neededWhen(this::isBegun)
                .foundOnlyThen()
                .help("The owner's part of the income of each state, by the shares that divide ordinary income.");
        line("OWN/income", "Income of the state, the owner's part")
                .is(() -> new Divided(new ByItem(
                        OF_OWNERS,
                        share.id(),
                        Objects.requireNonNull(in.item()).get(),
                        Objects.requireNonNull(in.rounding()))));
    }

    /** Whether anybody told where it sells. */
    private Condition isBegun() {
        return rows.amount.total().isNotZero();
    }

    private Line salesInState() {
        return line("APP/S1", "Receipts in the state")
                .inCents()
                .is(sum(
                        gathered(rows.privately, rows.to),
                        when(rows.government.answered("origin"), NOTHING, gathered(rows.toGovernment, rows.to)),
                        new Divided(
                                new Gathered(StateRows.STATES, StateRows.ITEMS, rows.receipts.id(), rows.state.id()))));
    }

    private static Divided gathered(Line amount, Line named) {
        return new Divided(new Gathered(StateRows.STATES, StateRows.SALES, amount.id(), named.id()));
    }

    private Formula untaxed() {
        return line("APP/untaxed", "Goods shipped to where it is not taxable")
                .inCents()
                .is(new Divided(new ThrownBack(rows.amount.id())))
                .aside()
                .total();
    }

    private Line named(String within, String caption, Line amount) {
        return line(within, caption)
                .inCents()
                .is(new Divided(new Gathered(StateRows.STATES, StateRows.ITEMS, amount.id(), rows.state.id())));
    }

    private Formula of(Line amount) {
        return amount.total().where(rows.state.answered(EVERYWHERE));
    }

    private Line once(String within, String caption, Formula rule) {
        return line(within, caption).inCents().is(rule).once();
    }

    private Line once(String within, String caption, Supplier<? extends Term> rule) {
        return line(within, caption).is(rule).once();
    }

    /** Its forms, in the order in which a reader meets them. */
    public List<Form> forms() {
        return List.of(rows, this);
    }
}
