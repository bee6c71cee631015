package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.formula.Carried;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Term;
import undersaw.form.formula.YearSpan;
import undersaw.ledger.CarryoverKind;

/**
 * The net operating loss deduction (IRC 172 after P.L. 115-97 and P.L. 116-136, from memory).
 *
 * <p>Losses of years beginning before 2018 come first, up to all of income, within twenty years; later ones use at
 * most the law's share of what is left. The worksheet stands once for the return, and once for each trial of the limit
 * on gifts.
 */
final class LossDeduction extends Form {
    private static final int NEW_RULES_SINCE = 2018;
    private static final int OLD_LOSSES_LAST = 20;

    final Line available;
    final Line old;
    final Line later;
    final Line deduction;
    final Line lossOfTheYear;
    private final @Nullable Line ownershipLimit;

    LossDeduction(String code, String title, CorporationForms all, Supplier<Term> income, DividendLimit dividends) {
        super("1120", title);
        boolean trial = !code.equals("W-NOL");
        part(code, title, "IRC 172")
                .worksheet()
                .neededWhen(() -> trial ? all.charity.isTried() : isMetBy(income.get(), all, dividends))
                .foundOnlyThen();
        Line special = line(code + "/0", "Special deductions at this income").is(() -> special(all, dividends));
        Line base = line(code + "/1", "Income that losses may use")
                .is(() -> income.get()
                        .minus(special)
                        .plus(all.scheduleC.section250)
                        .notBelowZero());
        available = line(code + "/2", "Losses available").is(() -> sum(old(), later()));
        old = line(code + "/3", "Losses from before 2018")
                .is(new Carried(CarryoverKind.NOL, YearSpan.lastBefore(OLD_LOSSES_LAST, NEW_RULES_SINCE)));
        Line oldUsed = line(code + "/4", "Of these, used").is(least(base, old));
        Line left = line(code + "/5", "Income left").is(base.minus(oldUsed));
        Line share =
                line(code + "/6", "Share of it that later losses may use").is(left.times(CorporationLaw.NOL_SHARE));
        later = line(code + "/7", "Losses from 2018 on")
                .is(new Carried(CarryoverKind.NOL, YearSpan.since(NEW_RULES_SINCE)));
        Line laterUsed = line(code + "/8", "Of these, used").is(least(share, later));
        ownershipLimit = trial
                ? null
                : line(code + "/382", "Limit on losses after a change of ownership")
                        .cites("IRC 382");
        deduction = line(code + "/9", "Net operating loss deduction")
                .is(() -> within382(
                        all,
                        least(
                                sum(oldUsed, laterUsed),
                                income.get().minus(special).notBelowZero())));
        if (!trial) {
            Formula younger = new Carried(CarryoverKind.NOL, YearSpan.lastBefore(OLD_LOSSES_LAST - 1, NEW_RULES_SINCE));
            Formula ended = old.minus(younger).minus(oldUsed).notBelowZero();
            line(code + "/10", "Losses carried to later years")
                    .is(() -> sum(available, lossOfTheYear(), all.charity.raisingLosses)
                            .minus(sum(deduction, ended)));
        }
        lossOfTheYear = line(code + "/11", "Loss of this year, carried on").is(() -> loss(income.get(), special, all));
    }

    private Line old() {
        return old;
    }

    private Line later() {
        return later;
    }

    private Line lossOfTheYear() {
        return lossOfTheYear;
    }

    /** No more than the limit after a change of ownership, where one is typed (IRC 382). */
    static Formula within382(CorporationForms all, Formula losses) {
        Line limit = all.lossDeduction.afterOwnershipChange().orElseThrow();
        return when(limit.isNotZero(), least(losses, limit), losses);
    }

    /** The typed limit, which the return's own worksheet asks for once. */
    private Optional<Line> afterOwnershipChange() {
        return Optional.ofNullable(ownershipLimit);
    }

    private static Formula special(CorporationForms all, DividendLimit dividends) {
        return dividends.allowed.plus(all.scheduleC.unlimited());
    }

    /** The return meets a loss: one carried in, or one of its own. */
    private static Condition isMetBy(Term income, CorporationForms all, DividendLimit dividends) {
        Formula carriedIn = new Carried(CarryoverKind.NOL, YearSpan.allBefore());
        return carriedIn
                .isNotZero()
                .or(loss(income, special(all, dividends), all).isNotZero());
    }

    private static Formula loss(Term income, Term special, CorporationForms all) {
        Formula after = income.minus(special).plus(all.scheduleC.section250);
        return NOTHING.minus(after).notBelowZero();
    }
}
