package undersaw.study;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.fraction;
import static undersaw.form.formula.Formulas.law;
import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Divided;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Term;
import undersaw.money.Unit;
import undersaw.owners.OwnerRegister;

/** What owners are paid for their work, and what payroll and self-employment taxes it bears, owner by owner. */
public final class OwnersPay extends Form {
    final Line employerPaid;
    final Line pay;
    final Line employer;
    final Line owner;
    final Line selfEmployed;
    final Line half;

    OwnersPay(Sockets in, EntityComparison all) {
        super(EntityComparison.CODE, "Study: owners' pay");
        part("study-owners", "Study: owners' pay and what it bears", "IRC 3101, 3111, 1401, 1402")
                .worksheet()
                .in(Unit.CENTS)
                .per(OwnerRegister.ROWS)
                .membersAcross()
                .neededWhen(() -> all.assumed().isBegun())
                .foundOnlyThen()
                .help("Pay is what the books have until other pay is typed; taxes are those of the year's law.");
        Line booked = line("booked", "Pay in the books").is(in.paidTo());
        employerPaid = line("booked/employer", "Employer's tax on it, where it was wages")
                .is(() -> in.kind() == Kind.PARTNERSHIP ? NOTHING : payrollTax(booked, all));
        pay = line("G", "Fair pay for the owner's work").is(booked);
        employer = line("e", "Payroll tax on it, employer's").is(() -> payrollTax(pay, all));
        Line joint = line("joint", "Files with a spouse").as(LineKind.YES_NO);
        Formula from = when(joint.answered("yes"), law(StudyLaw.ADDITIONAL_JOINT), law(StudyLaw.ADDITIONAL_SINGLE));
        owner = line("e/owner", "Payroll tax on it, the owner's")
                .is(() ->
                        sum(payrollTax(pay, all), pay.minus(from).notBelowZero().times(StudyLaw.ADDITIONAL)));
        Line elsewhere = line("other-wages", "Wages from others");
        Line active = line("active", "Works in the business").as(LineKind.YES_NO);
        Condition counts =
                active.answered("yes").or(active.answered("").and(in.active().get()));
        Line part = line("SE/part", "Part of what a partnership has left after pay")
                .is(() -> new Divided(
                        in.byShare().apply(all.taxes().leftOfPartnership.id())));
        Line net = line("SE/net", "Earnings as a partner")
                .is(when(counts, sum(pay, part).notBelowZero(), NOTHING));
        Line earned = line("SE/earned", "Of this, what counts").is(net.times(StudyLaw.EARNED_PART));
        Line base = line("SE/base", "Where it is above what is free")
                .is(when(earned.isBelow(law(StudyLaw.EARNED_FROM)), NOTHING, earned));
        Line plain = line("SE/plain", "Self-employment tax but for the additional part")
                .is(() -> sum(
                        least(base, all.assumed().wageBase.minus(elsewhere).notBelowZero())
                                .times(StudyLaw.EARNED_SOCIAL),
                        base.times(StudyLaw.EARNED_MEDICARE)));
        half = line("SE/half", "Half of it, deducted").is(fraction(1, 2, plain)).cites("IRC 164(f)");
        selfEmployed = line("SE", "Self-employment tax")
                .is(sum(plain, base.minus(from).notBelowZero().times(StudyLaw.ADDITIONAL)));
    }

    /** Social security and Medicare tax of one side (IRC 3101, 3111). */
    private static Formula payrollTax(Term pay, EntityComparison all) {
        return sum(least(pay, all.assumed().wageBase).times(StudyLaw.SOCIAL), pay.times(StudyLaw.MEDICARE));
    }
}
