package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.law;
import static undersaw.form.formula.Formulas.when;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Condition;
import undersaw.line.LineId;

/**
 * What a member of a controlled group may use of limits that the group has once (IRC 1561; Schedule O (Form 1120); from
 * memory). A typed share stands for the whole limit; without one the member has it alone.
 */
final class ControlledGroup extends Form {
    final Line earningsCredit;
    final Line creditThreshold;

    ControlledGroup(CorporationForms all) {
        super("1120", "Controlled group");
        partByNeed(
                        "O",
                        "Schedule O: limits shared in a controlled group",
                        "IRC 1561; Schedule O (Form 1120)",
                        "controlled group brother sister parent subsidiary consent apportionment")
                .list("group-members")
                .neededWhen(() -> all.scheduleK.inGroup.answered("yes"));
        row("name", "Member").as(LineKind.TEXT);
        row("number", "Taxpayer number").as(LineKind.TAXPAYER_NUMBER);
        row("year-end", "Year end").as(LineKind.DATE);
        Line earningsShare = line("O/earnings-credit", "Accumulated earnings credit given to this member")
                .once()
                .cites("IRC 1561(a)(1), 535(c)");
        Line thresholdShare = line("O/credit-threshold", "Part of the general business credit's threshold given to it")
                .once()
                .cites("IRC 38(c)(6)(B)");
        Condition member = all.scheduleK.inGroup.answered("yes");
        Condition service = all.page1.serviceCorporation.answered("yes");
        part("W-O", "Limits of this corporation", "IRC 38(c), 535(c)")
                .worksheet()
                .neededWhen(() -> member);
        earningsCredit = line("W-O/1", "Accumulated earnings credit")
                .is(when(
                        member.and(earningsShare.isNotZero()),
                        earningsShare,
                        when(
                                service,
                                law(CorporationLaw.SERVICE_EARNINGS_CREDIT),
                                law(CorporationLaw.EARNINGS_CREDIT))))
                .always();
        creditThreshold = line("W-O/2", "Net regular tax above which a quarter is kept from credits")
                .is(when(member.and(thresholdShare.isNotZero()), thresholdShare, law(CorporationLaw.CREDIT_THRESHOLD)))
                .always();
    }

    private Line row(String column, String caption) {
        return line(LineId.of("1120/O/row/" + column), caption).column(column);
    }
}
