package undersaw.assets;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import undersaw.engagement.Station;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.line.LineId;

/**
 * The register of property that lasts longer than a year: one row an asset (common practice, no source).
 *
 * <p>Cost and depreciation per books are held against the balance sheet. The columns of the open format that tax
 * depreciation needs are kept with the asset; they do not change a figure of the books.
 */
public final class AssetRegister extends Form {
    /** Cost of what is still there at the end of the year. */
    public static final LineId COST = LineId.of("ASSETS/T/1");

    /** Depreciation per books, all years, of what is still there at the end of the year. */
    public static final LineId ACCUMULATED = LineId.of("ASSETS/T/2");

    /** Depreciation per books of this year. */
    public static final LineId OF_THE_YEAR = LineId.of("ASSETS/T/3");

    /** The name of the list of assets. */
    public static final String LIST = "assets";

    /** The account that holds an asset's cost. */
    public static final LineId ACCOUNT = LineId.of("ASSETS/account");

    /** Cost at the end of the year, asset by asset. */
    public static final LineId CLOSING_COST = LineId.of("ASSETS/closing-cost");

    /** Puts the register together. */
    public AssetRegister() {
        super("ASSETS", "Asset register");
        var part = part(
                        "ASSETS",
                        "Asset register",
                        "IRC 167, 168; 26 CFR 1.167(a)-7, accounting for depreciable property")
                .worksheet()
                .at(Station.ASSETS)
                .list(LIST, "asset");
        text("description", "Description");
        text("account", "Account");
        text("activity", "Activity").aside();
        date("acquired", "Acquired").aside();
        date("placedInService", "In service");
        Line cost = line("cost", "Cost").inCents().stays();
        taxColumns();
        Line before = line("priorBook", "Depreciated before").inCents();
        Line year = line("book", "This year").inCents();
        Line disposed = date("disposed", "Disposed");
        part.withoutThose(disposed);
        line("proceeds", "Proceeds").inCents().aside();
        line("sellingExpense", "Selling expense").column("sellingExpense").aside();
        line("disposition", "Disposition").as(LineKind.TEXT).aside();
        Line closingCost =
                line("closing-cost", "Cost at end").inCents().aside().is(when(disposed.answered(""), cost, NOTHING));
        Line accumulated = line("accumulated", "Depreciated at end")
                .inCents()
                .is(when(disposed.answered(""), sum(before, year), NOTHING));
        before.beginsWith(accumulated).column("priorBook");
        year.column("book");
        line("carrying", "Carried at").inCents().is(closingCost.minus(accumulated));
        part("ASSETS-T", "Totals of the asset register", "common practice, no source")
                .worksheet()
                .at(Station.ASSETS);
        line(COST, "Cost at the end of the year").is(closingCost.total());
        line(ACCUMULATED, "Depreciation at the end of the year").is(accumulated.total());
        line(OF_THE_YEAR, "Depreciation of this year").is(year.total());
    }

    private void taxColumns() {
        amount("land", "Of this, land");
        line("businessUse", "Business use")
                .column("businessUse")
                .as(LineKind.PERCENT)
                .aside();
        text("propertyClass", "Property class").aside();
        text("method", "Tax method").aside();
        text("convention", "Convention").aside();
        amount("section179", "Section 179");
        amount("bonus", "Special allowance");
        amount("priorRegular", "Regular, earlier years");
        amount("prior179", "Section 179, earlier years");
        amount("priorBonus", "Special allowance, earlier years");
        line("bookLife", "Book life in years")
                .column("bookLife")
                .as(LineKind.COUNT)
                .aside();
        text("bookMethod", "Book method").aside();
    }

    private Line text(String column, String caption) {
        return line(column, caption).column(column).as(LineKind.TEXT);
    }

    private Line date(String column, String caption) {
        return line(column, caption).column(column).as(LineKind.DATE);
    }

    private void amount(String column, String caption) {
        line(column, caption).column(column).inCents().stays().aside();
    }
}
