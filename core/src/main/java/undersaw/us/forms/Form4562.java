package undersaw.us.forms;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.law;
import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.function.Supplier;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Carried;
import undersaw.form.formula.Formula;
import undersaw.form.formula.YearSpan;
import undersaw.ledger.CarryoverKind;

/**
 * Form 4562, Parts I to III and VI, from totals of the property placed in service (2024 form, from memory).
 *
 * <p>A total typed on line 12, 22 or 44 stands for all that leads to it. Section 179 and gifts limit each other: the
 * eight steps of W-179 settle it (Publication 946, "Two different taxable income limits"; Reg. 1.179-2(c)(5)).
 */
public final class Form4562 extends Form {
    public final Line section179;
    public final Line section179CarriedOn;
    public final Line depreciation;
    public final Line depreciationInCost;
    public final Line depreciationElsewhere;
    public final Line amortization;
    public final Line amortizationInCost;
    public final Line amortizationOnPage1;
    public final Line asked;
    public final Line withoutSection179;

    /**
     * What the return plugs in.
     *
     * @param income the income that limits section 179
     * @param firstYear amortization of this year's start-up and organization costs
     * @param separate whether section 179 is stated separately to owners, and is no part of line 22
     */
    public record Sockets(Supplier<Line> income, Supplier<Formula> firstYear, boolean separate) {}

    /** The form within a return. */
    public Form4562(Sockets in) {
        super("4562", "Depreciation and amortization");
        partByNeed(
                        "4562",
                        "Form 4562: depreciation and amortization",
                        "IRC 167, 168, 179, 197",
                        "depreciation amortization section 179 bonus equipment")
                .neededWhen(() -> sum(asked(), depreciation(), amortization()).isNotZero());
        Line placed = line("2", "Section 179 property placed in service: cost").cites("IRC 179(b)(2)");
        Line elected = line("8", "Section 179: cost elected").cites("IRC 179(c)");
        Line carried = line("10", "Section 179 carried from earlier years")
                .is(new Carried(CarryoverKind.SECTION_179, YearSpan.allBefore()))
                .cites("IRC 179(b)(3)(B)");
        Line groupCost = line("group-cost", "Section 179 property of the other group members: cost")
                .cites("IRC 179(d)(6)");
        Line groupShare = line("group-share", "Percent of the group's limit given to this member")
                .as(LineKind.PERCENT)
                .cites("IRC 179(d)(6)");
        Line wanted = line("elected", "Section 179 asked for").is(sum(placed, elected, carried));
        Line most = line("1", "Maximum amount of the year")
                .is(when(wanted.isNotZero(), law(BusinessLaw.SECTION_179_LIMIT), NOTHING))
                .cites("IRC 179(b)(1)");
        Line threshold = line("3", "Threshold cost before the limit is reduced")
                .is(when(wanted.isNotZero(), law(BusinessLaw.SECTION_179_THRESHOLD), NOTHING))
                .cites("IRC 179(b)(2)");
        Line reduction = line("4", "Reduction of the limit")
                .is(sum(placed, groupCost).minus(threshold).notBelowZero());
        Formula ofGroup = most.minus(reduction).notBelowZero();
        Line limit = line("5", "Dollar limit of the year")
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
        Line special = line("14", "Special depreciation allowance").cites("IRC 168(k)");
        Line units = line("15", "Property under a section 168(f)(1) election").cites("IRC 168(f)(1)");
        Line other = line("16", "Other depreciation").cites("IRC 167");
        Line earlier = line("17", "Property placed in service in earlier years").cites("IRC 168");
        Line general = line("19", "Property of this year, general system").cites("IRC 168(a)");
        Line alternative =
                line("20", "Property of this year, alternative system").cites("IRC 168(g)");
        Line listed = line("21", "Listed property").cites("IRC 280F");
        withoutSection179 = line("22/rest", "Depreciation other than section 179")
                .is(sum(special, units, other, earlier, general, alternative, listed));
        depreciation = in.separate()
                ? line("22", "Total depreciation, without section 179").is(withoutSection179)
                : line("22", "Total depreciation, section 179 included").is(sum(section179, withoutSection179));
        depreciationInCost = line("22/cogs", "Of line 22, in cost of goods sold");
        depreciationElsewhere = line("22/other", "Of line 22, claimed elsewhere");
        Line begun = line("42", "Amortization of costs that begins this year")
                .is(in.firstYear())
                .cites("IRC 195, 197, 248");
        Line running =
                line("43", "Amortization of costs that began before this year").cites("IRC 195, 197, 248");
        amortization = line("44", "Total amortization").is(sum(begun, running));
        amortizationInCost = line("44/cogs", "Of line 44, in cost of goods sold");
        amortizationOnPage1 = line("44/page1", "Amortization").is(amortization.minus(amortizationInCost));
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
