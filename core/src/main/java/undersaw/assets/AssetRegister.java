package undersaw.assets;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import undersaw.engagement.Station;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Worked;
import undersaw.line.Dimension;
import undersaw.line.LineId;

/**
 * The register of property that lasts longer than a year: one row an asset (common practice, no source).
 *
 * <p>Cost and depreciation per books are held against the balance sheet. What a country's law asks of each asset are
 * columns of its own, which do not change a figure of the books.
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

    /** The assets. */
    public static final Dimension ASSETS = Dimension.rows(LIST);

    /** The account that holds an asset's cost. */
    public static final LineId ACCOUNT = LineId.of("ASSETS/account");

    /** Cost at the end of the year, asset by asset. */
    public static final LineId CLOSING_COST = LineId.of("ASSETS/closing-cost");

    public final Line description;
    public final Line activity;
    public final Line acquired;
    public final Line placed;
    public final Line cost;
    public final Line land;
    public final Line disposed;
    public final Line proceeds;
    public final Line expense;

    /** What a country's law asks of each asset, in columns of the register. */
    public interface Columns {
        /** Declares the columns; called while the register is put together. */
        void into(AssetRegister register);

        /** This year's depreciation for tax, which the books may follow. */
        Formula ofTheYear();
    }

    /** Puts the register together. */
    public AssetRegister(Columns law) {
        super("ASSETS", "Asset register");
        var part = part(
                        "ASSETS",
                        "Asset register",
                        "IRC 167, 168; 26 CFR 1.167(a)-7, accounting for depreciable property")
                .worksheet()
                .at(Station.ASSETS)
                .list(LIST, "asset");
        description = text("description", "Description");
        Line account = text("account", "Account");
        activity = text("activity", "Activity").aside();
        acquired = date("acquired", "Acquired").aside();
        placed = date("placedInService", "In service");
        cost = line("cost", "Cost").column("cost").inCents().stays();
        land = line("land", "Of this, land").column("land").inCents().stays().aside();
        law.into(this);
        Line life = line("bookLife", "Book life in years")
                .column("bookLife")
                .as(LineKind.COUNT)
                .aside()
                .stays();
        Line method = line("bookMethod", "Book method")
                .column("bookMethod")
                .oneOf("SL", "200DB", "150DB", "same", "none")
                .aside();
        Line before = line("priorBook", "Depreciated before").inCents();
        Line year = line("book", "This year").inCents();
        disposed = date("disposed", "Disposed");
        part.withoutThose(disposed);
        proceeds = line("proceeds", "Proceeds").column("proceeds").inCents().aside();
        expense = line("sellingExpense", "Selling expense")
                .column("sellingExpense")
                .inCents()
                .aside();
        line("disposition", "Disposition")
                .column("disposition")
                .as(LineKind.TEXT)
                .aside();
        line("serial", "Serial number").column("serial").as(LineKind.TEXT).aside();
        line("location", "Location").column("location").as(LineKind.TEXT).aside();
        line("note", "Note").column("note").as(LineKind.TEXT).aside();
        Line closingCost =
                line("closing-cost", "Cost at end").inCents().aside().is(when(disposed.answered(""), cost, NOTHING));
        Line accumulated = line("accumulated", "Depreciated at end")
                .inCents()
                .is(when(disposed.answered(""), sum(before, year), NOTHING));
        before.beginsWith(accumulated).column("priorBook");
        year.column("book")
                .proposed()
                .is(() -> new Worked(new BookDepreciation(
                        new BookDepreciation.Columns(cost, land, placed, disposed, life, method, before),
                        law.ofTheYear())));
        line("carrying", "Carried at").inCents().is(closingCost.minus(accumulated));
        part("ASSETS-T", "Totals of the asset register", "common practice, no source")
                .worksheet()
                .at(Station.ASSETS);
        line(COST, "Cost at the end of the year").is(closingCost.total());
        line(ACCUMULATED, "Depreciation at the end of the year").is(accumulated.total());
        line(OF_THE_YEAR, "Depreciation of this year").is(year.total());
    }

    /** A column of the law, named as in a file. */
    public Line column(String name, String caption) {
        return line(name, caption).column(name).aside();
    }

    /** A column whose address is a line of a form. */
    public Line column(LineId id, String caption) {
        return line(id, caption).aside();
    }

    private Line text(String column, String caption) {
        return line(column, caption).column(column).as(LineKind.TEXT);
    }

    private Line date(String column, String caption) {
        return line(column, caption).column(column).as(LineKind.DATE);
    }
}
