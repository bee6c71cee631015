package undersaw.us.forms;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.law;
import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.function.Supplier;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Carried;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Total;
import undersaw.form.formula.YearSpan;
import undersaw.ledger.CarryoverKind;
import undersaw.us.depreciation.AssetForms;
import undersaw.us.depreciation.DepreciationLaw;
import undersaw.us.depreciation.DepreciationLines;
import undersaw.us.depreciation.PropertyClass;

/**
 * Form 4562, Parts I to III and VI, from totals of the property placed in service (2024 form, from memory).
 *
 * <p>A total typed on line 12, 22 or 44 stands for all that leads to it. Section 179 and gifts limit each other: the
 * eight steps of W-179 settle it (Publication 946, "Two different taxable income limits"; Reg. 1.179-2(c)(5)).
 */
public final class Form4562 extends Form {
    private static final Map<String, String> GENERAL = rows(List.of(
            "19a",
            "3-year property",
            "19b",
            "5-year property",
            "19c",
            "7-year property",
            "19d",
            "10-year property",
            "19e",
            "15-year property",
            "19f",
            "20-year property",
            "19g",
            "25-year property",
            "19h",
            "Residential rental property",
            "19i",
            "Nonresidential real property"));
    private static final Map<String, String> ALTERNATIVE = rows(
            List.of("20a", "Class life", "20c", "Residential rental, 30 years", "20d", "Other buildings, 40 years"));

    public final Line section179;
    public final Line section179CarriedOn;
    public final Line depreciation;
    public final Line depreciationInCost;
    public final Line depreciationElsewhere;
    public final Line amortization;
    public final Line amortizationInCost;
    public final Line amortizationOnPage1;
    public final Line asked;
    private final Line limit;
    private final Sockets in;
    public final Line withoutSection179;

    /**
     * What the return plugs in.
     *
     * @param income the income that limits section 179
     * @param firstYear amortization of this year's start-up and organization costs
     * @param separate whether section 179 is stated separately to owners, and is no part of line 22; rental property
     *     then stands on Form 8825
     * @param assets the register and the depreciation of each asset
     */
    public record Sockets(
            Supplier<Line> income, Supplier<Formula> firstYear, boolean separate, Supplier<AssetForms> assets) {}

    /** The form within a return. */
    public Form4562(Sockets in) {
        super("4562", "Depreciation and amortization");
        this.in = in;
        partByNeed(
                        "4562",
                        "Form 4562: depreciation and amortization",
                        "IRC 167, 168, 179, 197",
                        "depreciation amortization section 179 bonus equipment")
                .neededWhen(() -> sum(asked(), depreciation(), amortization()).isNotZero());
        Line placed = line("2", "Section 179 property placed in service: cost")
                .is(() -> assets().mayElect.total())
                .cites("IRC 179(b)(2)");
        Line ofListed = line("29", "Listed property: cost elected")
                .is(() -> assets().of(assets().counted, PropertyClass::isListed))
                .cites("IRC 179(c), 280F");
        Line listedElected = line("7", "Listed property, from line 29").is(ofListed);
        Line ofOthers = line("6/c", "Other property: cost elected")
                .is(() -> assets().of(assets().counted, each -> !each.isListed()))
                .cites("IRC 179(c)");
        Line elected = line("8", "Section 179: cost elected")
                .is(sum(ofOthers, listedElected))
                .cites("IRC 179(c)");
        Line carried = line("10", "Section 179 carried from earlier years")
                .is(new Carried(CarryoverKind.SECTION_179, YearSpan.allBefore()))
                .cites("IRC 179(b)(3)(B)");
        Line groupCost = line("group-cost", "Section 179 property of the other group members: cost")
                .cites("IRC 179(d)(6)");
        Line groupShare = line("group-share", "Percent of the group's limit given to this member")
                .as(LineKind.PERCENT)
                .cites("IRC 179(d)(6)");
        Line wanted = line("elected", "Section 179 asked for").is(() -> sum(placed, assets().electedInAll, carried));
        Line most = line("1", "Maximum amount of the year")
                .is(when(wanted.isNotZero(), law(DepreciationLaw.SECTION_179_LIMIT), NOTHING))
                .cites("IRC 179(b)(1)");
        Line threshold = line("3", "Threshold cost before the limit is reduced")
                .is(when(wanted.isNotZero(), law(DepreciationLaw.SECTION_179_THRESHOLD), NOTHING))
                .cites("IRC 179(b)(2)");
        Line reduction = line("4", "Reduction of the limit")
                .is(sum(placed, groupCost).minus(threshold).notBelowZero());
        Formula ofGroup = most.minus(reduction).notBelowZero();
        limit = line("5", "Dollar limit of the year")
                .is(when(groupShare.answered("").not(), ofGroup.times(groupShare.ratio()), ofGroup));
        Line tentative = line("9", "Tentative deduction").is(least(limit, elected));
        Line income = line("11", "Business income limit")
                .is(() -> least(limit, in.income().get()));
        asked = line("9/asked", "Lines 9 and 10").is(sum(tentative, carried));
        section179 =
                line("12", "Section 179 deduction").is(least(asked, income)).cites("IRC 179(b)(3)");
        section179CarriedOn = line("13", "Section 179 carried to next year")
                .is(asked.minus(section179))
                .cites("IRC 179(b)(3)(B)");
        Line special = line("14", "Special depreciation allowance")
                .is(() -> assets().of(assets().special, each -> !each.isListed()))
                .cites("IRC 168(k)");
        Line units = line("15", "Property under a section 168(f)(1) election").cites("IRC 168(f)(1)");
        Line other = line("16", "Other depreciation")
                .is(() -> assets().of(assets().regular, each -> each.line().equals("16")))
                .cites("IRC 167");
        Line earlier = line("17", "Property placed in service in earlier years")
                .is(() -> ofTable(assets().regular, each -> true)
                        .where(assets().isNew().not()))
                .cites("IRC 168");
        Line general = line("19", "Property of this year, general system")
                .is(sum(ofThisYear(GENERAL, false)))
                .cites("IRC 168(a)");
        Line alternative = line("20", "Property of this year, alternative system")
                .is(sum(ofThisYear(ALTERNATIVE, true)))
                .cites("IRC 168(g)");
        Line listed = listed();
        withoutSection179 = line("22/rest", "Depreciation other than section 179")
                .is(sum(special, units, other, earlier, general, alternative, listed));
        depreciation = in.separate()
                ? line("22", "Total depreciation, without section 179").is(withoutSection179)
                : line("22", "Total depreciation, section 179 included").is(sum(section179, withoutSection179));
        depreciationInCost = line("22/cogs", "Of line 22, in cost of goods sold");
        depreciationElsewhere = line("22/other", "Of line 22, claimed elsewhere");
        if (in.separate()) {
            depreciationElsewhere.is(() -> assets().rental.total());
        }
        Line atOnce = line("44/at-once", "Start-up and organization costs deducted at once")
                .is(() -> assets().atOnce.total())
                .cites("IRC 195(b), 248, 709(b)");
        Line begun = line("42", "Amortization of costs that begins this year")
                .is(() -> sum(in.firstYear().get(), amortized().where(assets().isNew()))
                        .minus(atOnce))
                .cites("IRC 195, 197, 248");
        Line running = line("43", "Amortization of costs that began before this year")
                .is(() -> amortized().where(assets().isNew().not()))
                .cites("IRC 195, 197, 248");
        amortization = line("44", "Total amortization").is(sum(begun, running));
        amortizationInCost = line("44/cogs", "Of line 44, in cost of goods sold");
        amortizationOnPage1 =
                line("44/page1", "Amortization").is(sum(amortization, atOnce).minus(amortizationInCost));
        listedQuestions(ofListed, listed);
    }

    private void listedQuestions(Line elected, Line deducted) {
        partByNeed("4562-V", "Form 4562, Part V: listed property", "IRC 274(d), 280F", "vehicle automobile evidence")
                .help("Vehicles and other property that is easily used for private ends; business use needs a record.")
                .neededWhen(() -> sum(elected, deducted).isNotZero());
        line("24a", "Evidence for the business use claimed")
                .as(LineKind.YES_NO)
                .ofTheYear()
                .cites("IRC 274(d)(4)");
        line("24b", "The evidence is written").as(LineKind.YES_NO).ofTheYear().cites("Reg. 1.274-5T(c)");
    }

    /** Depreciation by the tables, of property that is not listed. */
    private Total ofTable(Line line, Predicate<PropertyClass> which) {
        return assets().of(line, each -> each.isAccelerated() && !each.isListed() && which.test(each));
    }

    private Total amortized() {
        return assets().of(assets().regular, PropertyClass::isAmortized);
    }

    /** The rows of Section B or C: basis and deduction of each class. */
    private List<Line> ofThisYear(Map<String, String> rows, boolean alternative) {
        List<Line> deducted = new ArrayList<>();
        rows.forEach((row, caption) -> {
            line(row + "/c", caption + ": basis").aside().is(() -> ofRow(assets().basis, row, alternative));
            deducted.add(line(row + "/g", caption).aside().is(() -> ofRow(assets().regular, row, alternative)));
        });
        return deducted;
    }

    private Formula ofRow(Line line, String row, boolean alternative) {
        Condition system = alternative
                ? assets().isAlternative()
                : assets().isAlternative().not();
        return ofTable(
                        line,
                        each -> alternative
                                ? alternativeRow(each).equals(row)
                                : each.line().equals(row))
                .where(assets().isNew().and(system));
    }

    /** Buildings have rows of their own; all else goes by class life. */
    private static String alternativeRow(PropertyClass type) {
        return switch (type.line()) {
            case "19h" -> "20c";
            case "19i" -> "20d";
            default -> "20a";
        };
    }

    private Line listed() {
        Line special = line("25", "Listed property: special allowance")
                .is(() -> assets().of(assets().special, PropertyClass::isListed))
                .cites("IRC 168(k), 280F");
        Line mostly = line("26/h", "Listed property used more than half for business")
                .is(() -> assets().of(assets().regular, PropertyClass::isListed)
                        .where(assets().isAlternative().not()))
                .cites("IRC 280F");
        Line partly = line("27/h", "Listed property used half or less for business")
                .is(() -> assets().of(assets().regular, PropertyClass::isListed).where(assets().isAlternative()))
                .cites("IRC 280F(b)");
        Line all = line("28", "Lines 25 to 27").is(sum(special, mostly, partly));
        return line("21", "Listed property").is(all).cites("IRC 280F");
    }

    private static Map<String, String> rows(List<String> pairs) {
        Map<String, String> rows = new LinkedHashMap<>();
        for (int at = 0; at < pairs.size(); at += 2) {
            rows.put(pairs.get(at), pairs.get(at + 1));
        }
        return rows;
    }

    private DepreciationLines assets() {
        return in.assets().get().lines;
    }

    /** The dollar limit of section 179. */
    public Line limit() {
        return limit;
    }

    private Line asked() {
        return asked;
    }

    private Line depreciation() {
        return depreciation;
    }

    private Line amortization() {
        return amortization;
    }
}
