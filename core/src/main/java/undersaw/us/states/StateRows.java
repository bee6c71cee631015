package undersaw.us.states;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.fraction;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Formula;
import undersaw.line.Dimension;

/** What an apportionment is made from: states, sales by origin and destination, property, payroll, other receipts. */
public final class StateRows extends Form {
    /** The states, by their two letters. */
    public static final Dimension STATES = Dimension.rows("states");

    static final Dimension SALES = Dimension.rows("state-sales");
    static final Dimension ITEMS = Dimension.rows("apportionment");

    /** How many years' rent count as the value of what is rented (UDITPA 11; from memory). */
    private static final int YEARS_OF_RENT = 8;

    final Line taxable;
    final Line weighting;
    final Line throwback;
    final Line throwout;
    final Line government;
    final Line from;
    final Line to;
    final Line kind;
    final Line amount;
    final Line privately;
    final Line toGovernment;
    final Line state;
    final Line owned;
    final Line rented;
    final Line payroll;
    final Line receipts;

    StateRows() {
        super("ST", "States");
        partByNeed(
                        "states",
                        "States: where it is taxable",
                        "15 U.S.C. 381; UDITPA 2, 3",
                        "state taxes nexus where taxable")
                .list(STATES, "state")
                .help("One row a state, by its two letters; ZZ is abroad. Outside: taxable there, its return prepared "
                        + "elsewhere.");
        taxable = line("state/taxable", "Taxable there")
                .oneOf("yes", "no", "outside")
                .column("taxable");
        line("state/basis", "Why").as(LineKind.TEXT).column("basis");
        line("state/number", "Account number")
                .as(LineKind.TEXT)
                .column("number")
                .aside();
        line("state/since", "Since").as(LineKind.DATE).column("since").aside();
        line("state/until", "Until").as(LineKind.DATE).column("until").aside();
        weighting = line("state/weighting", "Weighting")
                .oneOf("sales", "thirds", "double-sales")
                .column("weighting")
                .help("Sales alone where nothing is chosen; thirds count property, payroll and sales alike.");
        throwback =
                line("state/throwback", "Throws sales back").as(LineKind.YES_NO).column("throwback");
        throwout = line("state/throwout", "Throws sales out")
                .as(LineKind.YES_NO)
                .column("throwout")
                .aside();
        government = line("state/government", "Sales to the United States count at")
                .oneOf("destination", "origin")
                .column("government")
                .aside();

        partByNeed(
                        "state-sales",
                        "States: sales by where they come from and go",
                        "UDITPA 15 to 17",
                        "state sales destination")
                .list(SALES.name())
                .ofTheYear()
                .help("Receipts net of returns: goods from the state of shipment to that of delivery, services "
                        + "to where their benefit is received.");
        from = line("sales/from", "From").as(LineKind.TEXT).column("from");
        to = line("sales/to", "To").as(LineKind.TEXT).column("to");
        kind = line("sales/kind", "Kind")
                .oneOf("goods", "government", "service", "rental", "royalty")
                .ofTheYear()
                .column("kind");
        amount = line("sales/amount", "Amount").inCents().column("amount");
        line("sales/memo", "Memo").as(LineKind.TEXT).column("memo");
        privately = line("sales/private", "Not to the United States")
                .inCents()
                .is(when(kind.answered("government"), NOTHING, amount))
                .aside();
        toGovernment = line("sales/public", "To the United States")
                .inCents()
                .is(when(kind.answered("government"), amount, NOTHING))
                .aside();

        partByNeed(
                        "apportionment",
                        "States: property, payroll and other receipts",
                        "UDITPA 10 to 15",
                        "state property payroll factor")
                .list(ITEMS.name())
                .ofTheYear()
                .help("A row a state and item; * is everywhere. Property at original cost, rent of the year.");
        state = line("item/state", "State").as(LineKind.TEXT).column("state");
        Line item = line("item/item", "Item")
                .oneOf("property-owned", "rent", "payroll", "receipts-other")
                .ofTheYear()
                .column("item");
        Line opening = line("item/opening", "Opening").inCents().column("opening");
        Line closing = line("item/closing", "Closing").inCents().column("closing");
        Line ofYear = line("item/amount", "Amount").inCents().column("amount");
        owned = of(
                "owned",
                "Property owned, on average",
                item.answered("property-owned"),
                fraction(1, 2, sum(opening, closing)));
        rented = of("rented", "Property rented, as owned", item.answered("rent"), fraction(YEARS_OF_RENT, 1, ofYear));
        payroll = of("payroll", "Payroll", item.answered("payroll"), ofYear.asFormula());
        receipts = of("receipts", "Other receipts", item.answered("receipts-other"), ofYear.asFormula());
    }

    private Line of(String name, String caption, Condition item, Formula value) {
        return line("item/" + name, caption)
                .inCents()
                .is(when(item, value, NOTHING))
                .aside();
    }
}
