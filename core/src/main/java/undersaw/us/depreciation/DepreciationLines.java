package undersaw.us.depreciation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.function.Predicate;
import undersaw.assets.AssetRegister;
import undersaw.engagement.HeadingField;
import undersaw.engagement.Station;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Counted;
import undersaw.form.formula.Divided;
import undersaw.form.formula.Total;
import undersaw.form.formula.Worked;
import undersaw.line.LineId;
import undersaw.us.depreciation.AssetRule.Figure;

/**
 * Depreciation for tax of every asset in the register, each figure a line: what may be elected and what counts of it,
 * the test of the last quarter, and then section 179, special allowance and regular depreciation of the year.
 */
public final class DepreciationLines extends Form {
    /** Whether equipment of this year counts from the middle of its quarter. */
    public static final LineId MID_QUARTER = LineId.of("ASSETS/MQ");

    static final LineId FORTY = LineId.of("4562/14/elect40");
    static final LineId SHORT_YEAR = LineId.of("engagement/short-year");
    static final LineId BEGAN = LineId.of("ASSETS/began");

    private static final String IN_ALL = "W/elected-in-all";

    /** Cost that may be elected, elections within what each asset allows, and what counts of them. */
    public final Line mayElect;

    public final Line elected;
    public final Line counted;
    /** All elections, and what of them the dollar limit lets count. */
    public final Line electedInAll;

    public final Line countedInAll;
    public final Line number;
    public final Line convention;
    public final Line system;
    private final Line business;
    public final Line section179;
    public final Line special;
    public final Line basis;
    public final Line regular;
    public final Line atOnce;
    public final Line total;
    public final Line total179Apart;
    public final Line rental;
    public final Line recapture;
    public final Line listedRecapture;
    public final Line section179ToDate;
    public final Line bonusToDate;
    public final Line regularToDate;
    public final Line accumulated;
    public final Line adjusted;
    public final Line minimumTax;
    public final Line minimumTaxToDate;
    public final Line minimumTaxGain;
    public final Line straightLine;
    private final Line propertyClass;
    private final AssetRegister register;
    private final RegisterFacts facts;

    /** The lines of a return whose register this is. */
    public DepreciationLines(AssetRegister register, TaxColumns columns, ElectionLimit limit) {
        super("ASSETS", "Tax depreciation");
        this.register = register;
        facts = new RegisterFacts(register);
        propertyClass = columns.line(TaxColumns.CLASS);
        facts();
        part("ASSETS-TAX", "Tax depreciation by asset", "IRC 167, 168, 179, 197; Publication 946")
                .worksheet()
                .at(Station.ASSETS)
                .per(AssetRegister.ASSETS)
                .help("Found from the asset's facts and the law of the year; its steps stand below.");
        mayElect = line("W/may-elect", "Cost that may be elected under section 179")
                .aside()
                .is(new Worked(new ElectionRule(ElectionRule.Figure.MAY_ELECT, facts, TaxColumns.SECTION_179)))
                .cites("IRC 179(d)(1)");
        elected = line("W/elected", "Elected, within what the asset allows")
                .aside()
                .is(new Worked(new ElectionRule(ElectionRule.Figure.ELECTED, facts, TaxColumns.SECTION_179)))
                .cites("IRC 179(b)(5), (c)");
        counted = line("W/counted", "Elected, within the dollar limit")
                .aside()
                .is(new Divided(new CutElections(LineId.of("ASSETS/" + IN_ALL + "/counted"), elected.id())))
                .cites("IRC 179(b)(1)");
        Line testBasis = line("MQ/basis", "Basis for the test of the last quarter")
                .aside()
                .is(new Worked(new ElectionRule(ElectionRule.Figure.TEST_BASIS, facts, counted.id())))
                .cites("Reg. 1.168(d)-1(b)(4)");
        Line lastQuarter = line("MQ/last", "Of this, in service in the last quarter")
                .aside()
                .is(new Worked(new ElectionRule(ElectionRule.Figure.LAST_QUARTER, facts, counted.id())))
                .cites("IRC 168(d)(3)");
        number = line("W/year", "Year of service")
                .aside()
                .isCount(() -> new Counted(rule(Figure.NUMBER).counted()));
        convention = line("W/convention", "Convention")
                .aside()
                .isOneOf(() -> rule(Figure.CONVENTION).counted(), "", "HY", "MQ", "MM", "FM")
                .cites("IRC 168(d)");
        system = line("W/system", "System")
                .aside()
                .isOneOf(() -> rule(Figure.SYSTEM).counted(), "general", "alternative")
                .cites("IRC 168(a), (g)");
        business = found("W/business", "Business part of the cost", Figure.BUSINESS, "IRC 168(d)(6), 280F(d)(6)");
        section179 = found("W/section179", "Section 179", Figure.SECTION_179, "IRC 179");
        special = found("W/special", "Special allowance", Figure.SPECIAL, "IRC 168(k)");
        basis = found("W/basis", "Basis for regular depreciation", Figure.BASIS, "IRC 168(b)");
        regular = found("W/regular", "Regular depreciation", Figure.REGULAR, "IRC 168(a), Publication 946");
        atOnce = found("W/at-once", "Of this, first costs deducted at once", Figure.AT_ONCE, "IRC 195(b), 248, 709(b)");
        total = line("W/total", "Deducted this year").aside().is(sum(section179, special, regular));
        total179Apart =
                line("W/without-179", "Of this, without section 179").aside().is(sum(special, regular));
        rental = line("W/rental", "Of this, of a rental property")
                .aside()
                .is(when(register.activity.answered("").not(), total179Apart, NOTHING));
        recapture = found("W/recapture", "Section 179 taken back", Figure.RECAPTURE, "IRC 179(d)(10)");
        listedRecapture = found(
                "W/listed-recapture", "Excess depreciation taken back", Figure.LISTED_RECAPTURE, "IRC 280F(b)(2)");
        Line before179 = line("W/179-gross", "Section 179 of all years")
                .aside()
                .is(sum(columns.line(TaxColumns.PRIOR_179), section179));
        Line beforeBonus = line("W/special-gross", "Special allowance of all years")
                .aside()
                .is(sum(columns.line(TaxColumns.PRIOR_BONUS), special));
        Line taken = line("W/taken-back", "Taken back").aside().is(sum(recapture, listedRecapture));
        Line from179 =
                line("W/taken-back-179", "Of this, from section 179").aside().is(least(before179, taken));
        Line fromBonus = line("W/taken-back-special", "Of this, from the special allowance")
                .aside()
                .is(least(beforeBonus, taken.minus(from179)));
        section179ToDate = line("W/179-to-date", "Section 179 to date").aside().is(before179.minus(from179));
        bonusToDate =
                line("W/special-to-date", "Special allowance to date").aside().is(beforeBonus.minus(fromBonus));
        regularToDate = line("W/regular-to-date", "Regular depreciation to date")
                .aside()
                .is(sum(columns.line(TaxColumns.PRIOR_REGULAR), regular).minus(taken.minus(sum(from179, fromBonus))));
        accumulated = line("W/accumulated", "Depreciation to date")
                .aside()
                .is(sum(section179ToDate, bonusToDate, regularToDate))
                .cites("IRC 1016(a)(2)");
        adjusted = line("W/adjusted", "Adjusted basis")
                .aside()
                .is(when(columns.line(TaxColumns.CLASS).answered(""), NOTHING, register.cost.minus(accumulated)))
                .cites("IRC 1011");
        minimumTax = found("W/minimum-tax", "The year for the minimum tax", Figure.MINIMUM_TAX, "IRC 56(a)(1)");
        minimumTaxToDate = found(
                "W/minimum-tax-to-date", "To date for the minimum tax", Figure.MINIMUM_TAX_TO_DATE, "IRC 56(a)(1)");
        minimumTaxGain = line("W/minimum-tax-gain", "Gain for the minimum tax above that of the regular tax")
                .aside()
                .is(when(register.disposed.answered(""), NOTHING, minimumTaxToDate.minus(accumulated)))
                .cites("IRC 56(a)(6)");
        straightLine = found("W/straight-line", "Straight line to date", Figure.STRAIGHT_LINE, "IRC 1250(b)")
                .aside();
        found("W/allowable", "Allowable in earlier years", Figure.ALLOWABLE, "IRC 1016(a)(2)");
        part("ASSETS-MQ", "Section 179 and the last quarter", "IRC 168(d)(3), 179(b)")
                .worksheet()
                .at(Station.ASSETS)
                .neededWhen(() -> business().total().isNotZero())
                .help("Whether more than the law's share of the year's equipment came in its last quarter.");
        electedInAll =
                line(IN_ALL, "Elections under section 179, asset by asset").is(elected.total());
        countedInAll = line(IN_ALL + "/counted", "Of this, within the dollar limit")
                .is(() -> least(electedInAll, limit.inDollars()))
                .cites("IRC 179(b)(1)");
        Line year = line("MQ/year", "Equipment placed in service this year").is(testBasis.total());
        Line last = line("MQ/quarter", "Of this, in the last quarter").is(lastQuarter.total());
        Line above = line("MQ/above", "Last quarter above the law's share of the year")
                .inCents()
                .is(last.minus(year.times(DepreciationLaw.MID_QUARTER_SHARE)).notBelowZero())
                .cites("IRC 168(d)(3)");
        line(MID_QUARTER, "Mid-quarter convention").isYesWhen(above::isNotZero).cites("IRC 168(d)(3)");
        columns.line(TaxColumns.PRIOR_179).beginsWith(section179ToDate);
        columns.line(TaxColumns.PRIOR_BONUS).beginsWith(bonusToDate);
        columns.line(TaxColumns.PRIOR_REGULAR).beginsWith(regularToDate);
        columns.line(TaxColumns.CONVENTION).beginsWith(convention);
    }

    /** The most that may be elected this year, by a formula of Form 4562. */
    public interface ElectionLimit {
        Line inDollars();
    }

    private void facts() {
        part("ASSETS-YEAR", "Elections and years", "IRC 168(k)(7), (10); Rev. Proc. 89-15")
                .worksheet()
                .at(Station.ASSETS)
                .neededWhen(() -> business().total().isNotZero())
                .help("What holds for all assets of the year alike.");
        line(BEGAN, "First day of the taxpayer").fromHeading(HeadingField.FORMED, LineKind.DATE);
        line(SHORT_YEAR, "An earlier short year, as 2023-01-01/2023-06-30").as(LineKind.TEXT);
        line(FORTY, "40 percent in place of 100, first year ending after 19 January 2025")
                .as(LineKind.BOX)
                .ofTheYear()
                .cites("IRC 168(k)(10)");
        part("ASSETS-USE", "Business use of earlier years", "IRC 280F(b)(2), 179(d)(10)")
                .worksheet()
                .at(Station.ASSETS)
                .list(UseBefore.USES, "asset")
                .help("A row an asset and year, named with both, such as van@2024.");
        line(UseBefore.USE, "Business use").as(LineKind.PERCENT).notTotalled().stays();
        part("ASSETS-OUT", "Classes elected out of the special allowance", "IRC 168(k)(7)")
                .worksheet()
                .at(Station.ASSETS)
                .list(ElectedOut.CLASSES, "class")
                .ofTheYear()
                .help("A row a class, such as 5, 15 or software; yes elects it out for all property of the year.");
        line(ElectedOut.OUT, "Elected out").as(LineKind.YES_NO);
    }

    private Line business() {
        return business;
    }

    private AssetRule rule(Figure figure) {
        return new AssetRule(figure, facts, counted.id());
    }

    private Line found(String within, String caption, Figure figure, String citation) {
        return line(within, caption).aside().is(() -> new Worked(rule(figure))).cites(citation);
    }

    /** The amounts on a line of the assets whose class is so, and whose year of service, where it is asked for. */
    public Total of(Line line, Predicate<PropertyClass> which) {
        String[] codes = PropertyClass.all().stream()
                .filter(which)
                .map(PropertyClass::code)
                .toArray(String[]::new);
        return line.total().where(propertyClass.isAnyOf(codes));
    }

    /** Property placed in service this year. */
    public Condition isNew() {
        return number.count().isBelow(2);
    }

    /** Whether the alternative system applies. */
    public Condition isAlternative() {
        return system.isAnyOf("alternative");
    }

    RegisterFacts assets() {
        return facts;
    }

    AssetRegister register() {
        return register;
    }
}
