package undersaw.us.partnership;

import static undersaw.form.formula.Formulas.sum;

import java.util.ArrayList;
import java.util.List;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Term;
import undersaw.owners.OwnerRegister;

/** Form 1065, the analysis of net income (loss) by kind of partner (2024 form, from memory). */
final class Analysis extends Form {
    final Line income;
    final Line withoutGuaranteed;
    private final Line asGeneral;

    Analysis(PartnershipForms all) {
        super("1065", "Analysis of net income");
        part("ANI", "Analysis of net income", "Instructions for Form 1065, Analysis of Net Income (Loss)")
                .per(OwnerRegister.ROWS)
                .membersAcross();
        income = line("ANI/1", "Net income or loss")
                .is(() -> sum(all.scheduleK.incomeItems(), all.scheduleK.guaranteed)
                        .minus(all.scheduleK.deductionItems()))
                .once()
                .always();
        withoutGuaranteed = line("ANI/W/net", "Net income without guaranteed payments")
                .is(() -> income.minus(all.scheduleK.guaranteed))
                .once()
                .aside();
        Line own = line("ANI/W/own", "The partner's part of net income").is(() -> own(all.scheduleK1));
        asGeneral = line("ANI/W/general", "Stands with the general partners")
                .isYesWhen(() -> all.owners.role.answered("general").or(all.percentages.manager.answered("yes")))
                .aside();
        Condition active = all.percentages
                .active
                .answered("yes")
                .or(all.percentages.active.answered("").and(all.owners.role.answered("general")));
        Condition person = all.owners.kind.isAnyOf("individual", "disregarded", "");
        cells("i", "corporations", own, all.owners.kind.answered("corporation"));
        cells("ii", "individuals, active", own, person.and(active));
        cells("iii", "individuals, passive", own, person.and(active.not()));
        cells("iv", "partnerships", own, all.owners.kind.answered("partnership"));
        cells("v", "exempt organizations", own, all.owners.kind.answered("exempt"));
        cells("vi", "nominees and others", own, all.owners.kind.isAnyOf("trust", "estate"));
    }

    private void cells(String column, String caption, Line own, Condition kind) {
        line("ANI/2a/" + column, "General partners: " + caption)
                .is(own.total().where(kind.and(asGeneral.answered("yes"))))
                .once();
        line("ANI/2b/" + column, "Limited partners: " + caption)
                .is(own.total().where(kind.and(asGeneral.answered("no"))))
                .once();
    }

    private static Formula own(ScheduleK1 k) {
        List<Term> income = new ArrayList<>();
        List.of("1", "2", "3", "4c", "5", "6a", "7", "8", "9a", "10").forEach(box -> income.add(k.box(box)));
        income.addAll(k.boxesBut("11"));
        List<Term> deductions = new ArrayList<>(List.of(k.box("12"), k.box("21")));
        deductions.addAll(k.boxesBut("13", "K"));
        return sum(income).minus(sum(deductions));
    }
}
