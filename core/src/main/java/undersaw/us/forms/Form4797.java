package undersaw.us.forms;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Formula;
import undersaw.form.formula.HeldOverAYear;
import undersaw.law.LawKey;
import undersaw.line.LineId;
import undersaw.us.depreciation.AssetForms;

/**
 * Form 4797, sales of business property, from a list of what was sold or from typed totals (2024 form, from memory).
 *
 * <p>Property held a year or less brings ordinary gain. Of a gain on depreciated equipment so much is ordinary as was
 * depreciated (IRC 1245); of a gain on a building depreciated by the straight line a corporation takes the law's share
 * of that as ordinary (IRC 291(a)(1)).
 */
public final class Form4797 extends Form {
    private static final String CLASS_1231 = "1231";
    private static final String EQUIPMENT = "1245";
    private static final String BUILDING = "1250";
    private static final String ORDINARY = "ordinary";

    public final Line ordinaryGain;
    public final Line net1231;
    public final Line takenBack;
    private @Nullable Line toScheduleD;

    /**
     * What the return plugs in.
     *
     * @param buildingRecapture the share of a building's depreciation that is ordinary gain; null where none is
     * @param separate whether line 7 goes to owners as it stands, who hold it against their own earlier losses
     * @param assets the register, and what giving up an asset brings
     */
    public record Sockets(@Nullable LawKey buildingRecapture, boolean separate, Supplier<AssetForms> assets) {}

    /** The form within a return. */
    public Form4797(Sockets in) {
        super("4797", "Sales of business property");
        partByNeed(
                        "4797",
                        "Form 4797: sales of business property",
                        "IRC 1231, 1245, 1250",
                        "sale of business property equipment rental recapture")
                .list("property-sales")
                .ofTheYear();
        row("description", "Description").as(LineKind.TEXT);
        Line acquired = row("acquired", "Acquired").as(LineKind.DATE_OR_WORD);
        Line sold = row("sold", "Sold").as(LineKind.DATE);
        Line proceeds = row("proceeds", "Gross sales price");
        Line allowed = row("depreciation", "Depreciation allowed").help("Allowed or allowable since it was acquired.");
        Line cost = row("cost", "Cost and expense of sale");
        Line character = row("class", "Class").oneOf(CLASS_1231, EQUIPMENT, BUILDING, ORDINARY);
        Line gain = row("gain", "Gain or loss").is(sum(proceeds, allowed).minus(cost));
        Line longHeld = row("long", "Of this, held over a year")
                .is(when(
                        new HeldOverAYear(acquired.id(), sold.id()).and(character.isNotAnyOf(ORDINARY)),
                        gain,
                        NOTHING));
        Line ordinary = row("ordinary", "Of this, Part II").is(gain.minus(longHeld));
        Formula depreciated = least(longHeld.notBelowZero(), allowed);
        Formula ofBuilding = in.buildingRecapture() == null ? NOTHING : depreciated.times(in.buildingRecapture());
        Line recaptured = row("recapture", "Of this, recaptured in Part III")
                .is(when(
                        character.answered(EQUIPMENT),
                        depreciated,
                        when(character.answered(BUILDING), ofBuilding, NOTHING)));
        Condition partThree = longHeld.isAtLeast(NOTHING).and(character.isNotAnyOf(CLASS_1231, ORDINARY));
        Line fromPartThree = row("part-3-rest", "Of this, from Part III to Part I")
                .is(when(partThree, longHeld.minus(recaptured), NOTHING));
        Line partOne = row("part-1", "Of this, Part I").is(longHeld.minus(sum(recaptured, fromPartThree)));

        Line listed = once("2", "Property held over a year, no recapture")
                .is(() -> sum(partOne.total(), in.assets().get().sales.partOne.total()))
                .cites("IRC 1231");
        Line casualties = once("3", "Gain from casualties, Form 4684").cites("IRC 1033, 1231");
        Line installments = once("4", "Gain from installment sales, Form 6252").cites("IRC 453");
        Line exchanges =
                once("5", "Gain or loss from like-kind exchanges, Form 8824").cites("IRC 1031");
        Line gains = once("30", "Gain of Part III")
                .is(() -> sum(
                        recaptured.total(),
                        fromPartThree.total(),
                        in.assets().get().sales.gain.total()));
        Line recapture = once("31", "Recapture of Part III")
                .is(() -> sum(
                        recaptured.total(), in.assets().get().sales.recaptured.total()))
                .cites("IRC 291, 1245, 1250");
        once("32", "Lines 30 less 31").is(gains.minus(recapture));
        Line rest = once("6", "Gain of Part III that is not recaptured")
                .is(() ->
                        sum(fromPartThree.total(), in.assets().get().sales.rest.total()));
        net1231 = once("7", "Lines 2 to 6").is(sum(listed, casualties, installments, exchanges, rest));
        Formula ordinaryOfPartOne = in.separate() ? NOTHING : againstEarlierLosses();
        Line shortHeld = once("10", "Property held a year or less, and other ordinary gain or loss")
                .is(() -> sum(ordinary.total(), in.assets().get().sales.partTwo.total()));
        Formula fromPartOne = in.separate() ? NOTHING : fromPartOne(ordinaryOfPartOne);
        Line fromPart3 = once("13", "Gain from line 31").is(recapture);
        Line casualtyNet = once("14", "Net gain or loss from Form 4684");
        Line installmentOrdinary = once("15", "Ordinary gain from installment sales, Form 6252");
        Line exchangeOrdinary = once("16", "Ordinary gain or loss from like-kind exchanges, Form 8824");
        ordinaryGain = once("17", "Ordinary gain or loss, Part II")
                .is(sum(shortHeld, fromPartOne, fromPart3, casualtyNet, installmentOrdinary, exchangeOrdinary));
        Line of179 = once("35/a", "Section 179 taken back")
                .is(() -> in.separate()
                        ? NOTHING
                        : in.assets().get().lines.recapture.total())
                .cites("IRC 179(d)(10)");
        Line ofListed = once("35/b", "Excess depreciation of listed property taken back")
                .is(() -> in.assets().get().lines.listedRecapture.total())
                .cites("IRC 280F(b)(2)");
        takenBack = once("35", "Deductions taken back since use fell").is(sum(of179, ofListed));
    }

    /** Lines 8 and 9: what of line 7 losses of earlier years make ordinary. */
    private Formula againstEarlierLosses() {
        Line earlier =
                once("8", "Losses of the last five years not yet recaptured").cites("IRC 1231(c)");
        Line over = once("9", "Gain above these losses")
                .is(when(earlier.isNotZero(), net1231.minus(earlier).notBelowZero(), NOTHING));
        toScheduleD = once("9/D", "Gain to Schedule D")
                .is(when(earlier.isNotZero(), over, net1231.notBelowZero()))
                .cites("IRC 1231(a)");
        return least(net1231.notBelowZero(), earlier);
    }

    /** Lines 11 and 12. */
    private Formula fromPartOne(Formula madeOrdinary) {
        Line loss = once("11", "Loss from line 7").is(least(net1231, NOTHING)).cites("IRC 1231(a)(2)");
        Line gain = once("12", "Gain from line 7 that earlier losses make ordinary")
                .is(madeOrdinary)
                .cites("IRC 1231(c)");
        return sum(loss, gain);
    }

    /** Gain that Schedule D takes; nothing where line 7 goes to owners. */
    public Formula toScheduleD() {
        return toScheduleD == null ? NOTHING : toScheduleD.asFormula();
    }

    private Line once(String within, String caption) {
        return line(within, caption).once();
    }

    private Line row(String column, String caption) {
        return line(LineId.of("4797/row/" + column), caption).column(column);
    }
}
