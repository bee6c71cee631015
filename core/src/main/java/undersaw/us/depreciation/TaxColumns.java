package undersaw.us.depreciation;

import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;
import undersaw.assets.AssetRegister;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Formula;
import undersaw.line.LineId;

/** What federal tax asks of each asset, as columns of the register. */
public final class TaxColumns implements AssetRegister.Columns {
    static final LineId USE = LineId.of("ASSETS/businessUse");
    static final LineId CLASS = LineId.of("ASSETS/propertyClass");
    static final LineId METHOD = LineId.of("ASSETS/method");
    static final LineId CONVENTION = LineId.of("ASSETS/convention");
    static final LineId SECTION_179 = LineId.of("ASSETS/section179");
    static final LineId BONUS = LineId.of("ASSETS/bonus");
    static final LineId PRIOR_REGULAR = LineId.of("ASSETS/priorRegular");
    static final LineId PRIOR_179 = LineId.of("ASSETS/prior179");
    static final LineId PRIOR_BONUS = LineId.of("ASSETS/priorBonus");
    static final LineId PRICE_OF_LAND = LineId.of("4797/20/land");
    static final LineId SAFE_HARBOUR = LineId.of("4562/26/safe");
    static final LineId STRAIGHT_LINE = LineId.of("4797/26a/sl");

    private final Map<LineId, Line> lines = new HashMap<>();
    private final Supplier<Formula> ofTheYear;

    /**
     * The columns of a return.
     *
     * @param ofTheYear what the year deducts of each asset
     */
    public TaxColumns(Supplier<Formula> ofTheYear) {
        this.ofTheYear = ofTheYear;
    }

    @Override
    public void into(AssetRegister register) {
        column(register, USE, "Business use", "IRC 280F(d)(6)")
                .as(LineKind.PERCENT)
                .stays()
                .notTotalled()
                .help("Percent of use in trade or business this year; empty is all of it.");
        column(register, CLASS, "Property class", "IRC 168(e)")
                .oneOf(PropertyClass.all().stream().map(PropertyClass::code).toArray(String[]::new));
        column(register, METHOD, "Tax method", "IRC 168(b), (g)")
                .as(LineKind.TEXT)
                .help("Empty for what the class takes; 150DB, SL, ADS, or ADS/9.5 for a life of its own.");
        column(register, CONVENTION, "Convention", "IRC 168(d)")
                .oneOf("HY", "MQ", "MM", "FM")
                .help("HY, MQ, MM or FM as earlier years counted it; found by the return for property of this year.");
        column(register, SECTION_179, "Section 179 elected", "IRC 179(c)").inCents();
        column(register, BONUS, "Special allowance", "IRC 168(k)")
                .as(LineKind.TEXT)
                .help("Empty for what the law gives; none where it does not qualify or its class is elected out; or a "
                        + "percentage.");
        column(register, PRIOR_REGULAR, "Regular, earlier years", "IRC 1016(a)(2)")
                .inCents();
        column(register, PRIOR_179, "Section 179, earlier years", "IRC 1016(a)(2)")
                .inCents();
        column(register, PRIOR_BONUS, "Special allowance, earlier years", "IRC 1016(a)(2)")
                .inCents();
        column(register, PRICE_OF_LAND, "Of the proceeds, for the land", "IRC 1001")
                .inCents()
                .column("landProceeds")
                .help("Of a price for land and building; empty divides it by their cost.");
        column(register, SAFE_HARBOUR, "Automobile by the safe harbour", "Rev. Proc. 2019-13")
                .as(LineKind.BOX)
                .column("safeHarbour")
                .help("After a whole special allowance: the tables go on from what the first year's limit left.");
        column(register, STRAIGHT_LINE, "Straight line to date, section 1250", "IRC 1250(b)")
                .column("straightLine")
                .help("Where the register cannot rebuild it: depreciation to date had the straight line been used.");
    }

    private Line column(AssetRegister register, LineId id, String caption, String citation) {
        Line line = register.column(id, caption).column(id.within()).cites(citation);
        lines.put(id, line);
        return line;
    }

    /** The declared column. */
    Line line(LineId id) {
        return Objects.requireNonNull(lines.get(id), id::text);
    }

    @Override
    public Formula ofTheYear() {
        return ofTheYear.get();
    }
}
