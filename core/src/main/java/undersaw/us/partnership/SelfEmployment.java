package undersaw.us.partnership;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Divided;
import undersaw.owners.ByAgreement;
import undersaw.owners.OwnerRegister;

/**
 * The worksheet of net earnings from self-employment (Instructions for Form 1065, line 14a; IRC 1402(a); from
 * memory). A
 * member of a company counts as a general partner until a person says otherwise, which is unsettled law.
 */
final class SelfEmployment extends Form {
    final Line earnings;
    final Line inAll;

    SelfEmployment(PartnershipForms all) {
        super("1065", "Self-employment");
        part("SE", "Net earnings from self-employment", "IRC 1402(a); Instructions for Form 1065, line 14a")
                .worksheet()
                .per(OwnerRegister.ROWS)
                .membersAcross();
        Line gain = all.page1.businessPropertyGain;
        Line ordinary = line("SE/1a", "Ordinary income")
                .is(() -> all.scheduleK.ordinary)
                .once();
        Line rental = line("SE/1b", "Rental real estate that counts as self-employment")
                .once();
        Line otherRental =
                line("SE/1c", "Other net rental that counts as self-employment").once();
        Line lost = line("SE/1d", "Loss of Form 4797 counted in line 1a")
                .is(NOTHING.minus(gain).notBelowZero())
                .once();
        Line first = line("SE/1e", "Lines 1a to 1d")
                .is(sum(ordinary, rental, otherRental, lost))
                .once();
        Line gained = line("SE/2", "Gain of Form 4797 counted in line 1a")
                .is(gain.notBelowZero())
                .once();
        Line balance = line("SE/3a", "Balance").is(first.minus(gained)).once();
        Line apart = line("SE/apart", "Balance less ordinary income")
                .is(balance.minus(ordinary))
                .once();
        Line share = line("SE/share", "The partner's part of line 3a")
                .is(() -> sum(
                        all.scheduleK1.box("1"),
                        new Divided(ByAgreement.ofItsSign(apart.id(), all.percentages.rounding.id()))));
        Condition person = all.owners.kind.isAnyOf("individual", "disregarded");
        Condition asGeneral = all.percentages
                .selfEmployed
                .answered("general")
                .or(all.percentages.selfEmployed.answered("").and(all.owners.role.isAnyOf("general", "member")));
        Line counts = line("SE/general", "Counts as a general partner")
                .isYesWhen(() -> person.and(asGeneral))
                .aside();
        Line paid = line("SE/paid", "Guaranteed payments that count")
                .is(() -> when(
                        counts.answered("yes"),
                        all.scheduleK1.box("4c"),
                        when(person, all.scheduleK1.box("4a"), NOTHING)));
        Line shared = line("SE/shared", "Part of line 3a that counts").is(when(counts.answered("yes"), share, NOTHING));
        earnings = line("SE/earnings", "Net earnings of the partner").is(sum(shared, paid));
        Line general = line("SE/3c", "Of line 3a, of general partners and active members")
                .is(shared.total())
                .once();
        line("SE/3b", "Of line 3a, of all others").is(balance.minus(general)).once();
        Line guaranteed = line("SE/4a", "Guaranteed payments")
                .is(() -> all.scheduleK.guaranteed)
                .once();
        Line ofPersons = line("SE/4c", "Of these, what counts").is(paid.total()).once();
        line("SE/4b", "Of these, what does not count")
                .is(guaranteed.minus(ofPersons))
                .once();
        inAll = line("SE/5", "Net earnings of all partners")
                .is(sum(general, ofPersons))
                .once();
    }
}
