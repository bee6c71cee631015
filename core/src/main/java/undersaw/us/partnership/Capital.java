package undersaw.us.partnership;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.sum;

import java.util.ArrayList;
import java.util.List;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.RollDrawn;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Term;
import undersaw.owners.OwnerRegister;

/**
 * Item L of Schedule K-1 and Schedule M-2: capital accounts on the tax basis (Instructions for Form 1065, 2020
 * and later;
 * from memory). Guaranteed payments are no capital of the partners; amounts of section 743(b) stay out.
 */
final class Capital extends Form {
    final Line ending;
    final Line contributed;
    private final Line contributedCash;
    private final Line contributedProperty;
    private final Line income;
    private final Line other;
    private final Line withdrawals;
    final Line beginning;
    final Line closing;

    Capital(PartnershipForms all) {
        super("1065", "Capital accounts");
        part(
                        "K-1-capital",
                        "K-1 capital: item L, on the tax basis",
                        "IRC 704, 705; Instructions for Schedule K-1, item L")
                .per(OwnerRegister.ROWS)
                .membersAcross()
                .rolls(() -> roll())
                .excusedWhen(() -> all.scheduleB.small.answered("yes"));
        beginning = line("K-1/L/beginning", "Capital at the beginning of the year");
        Line cash = line("K-1/L/contributed-cash", "Contributed in cash")
                .is(() -> Recorded.box(contributedCash(), all.recorded.contributed))
                .aside();
        Line property = line("K-1/L/contributed-property", "Contributed in property")
                .is(() -> Recorded.box(contributedProperty(), all.recorded.propertyContributed))
                .aside();
        contributed = line("K-1/L/contributed", "Capital contributed").is(sum(cash, property));
        income = line("K-1/L/net-income", "Net income or loss").is(() -> netIncome(all.scheduleK1));
        Line typed = line("K-1/L/other-typed", "Other increase or decrease, typed");
        other = line("K-1/L/other", "Other increase or decrease")
                .is(() -> sum(all.scheduleK1.box("18/A"), all.scheduleK1.box("18/B"), typed)
                        .minus(all.scheduleK1.box("18/C")));
        withdrawals = line("K-1/L/withdrawals", "Withdrawals and distributions")
                .is(() -> sum(all.scheduleK1.box("19/A"), all.scheduleK1.box("19/C")));
        ending = line("K-1/L/ending", "Capital at the end of the year")
                .is(sum(beginning, contributed, income, other).minus(withdrawals));
        beginning.beginsWith(ending);

        part("M-2", "Schedule M-2: partners' capital", "Instructions for Form 1065, Schedule M-2")
                .excusedWhen(() -> all.scheduleB.small.answered("yes"));
        Line opening = line("M-2/1", "Capital at the beginning of the year")
                .is(beginning.total())
                .always();
        contributedCash = line("M-2/2a", "Contributed in cash").is(all.recorded.contributed.total());
        contributedProperty = line("M-2/2b", "Contributed in property").is(all.recorded.propertyContributed.total());
        Line net = line("M-2/3", "Net income or loss")
                .is(() -> sum(all.analysis.income, all.scheduleK.adjustedDown)
                        .minus(sum(all.scheduleK.guaranteedOfBooks(), all.scheduleK.adjustedUp)));
        Formula more = typed.total();
        Line increases = line("M-2/4", "Other increases")
                .is(() -> sum(all.scheduleK.exemptInterest, all.scheduleK.exemptOther, more.notBelowZero()));
        Line sum = line("M-2/5", "Lines 1 to 4")
                .is(sum(opening, contributedCash, contributedProperty, net, increases))
                .always();
        Line drawn = line("M-2/6a", "Distributions in cash").is(() -> all.scheduleK.cashDrawn);
        Line drawnProperty = line("M-2/6b", "Distributions in property").is(() -> all.scheduleK.propertyDrawn);
        Line decreases = line("M-2/7", "Other decreases")
                .is(() -> sum(all.scheduleK.nondeductible, NOTHING.minus(more).notBelowZero()));
        Line less = line("M-2/8", "Lines 6 and 7").is(sum(drawn, drawnProperty, decreases));
        closing = line("M-2/9", "Capital at the end of the year")
                .is(sum.minus(less))
                .always();
    }

    private RollDrawn roll() {
        return new RollDrawn(
                "Tax capital of each partner",
                beginning,
                List.of(contributed, income, other),
                List.of(withdrawals),
                ending);
    }

    private Line contributedCash() {
        return contributedCash;
    }

    private Line contributedProperty() {
        return contributedProperty;
    }

    private static Formula netIncome(ScheduleK1 k) {
        List<Term> income = new ArrayList<>();
        List.of("1", "2", "3", "5", "6a", "7", "8", "9a", "10").forEach(box -> income.add(k.box(box)));
        income.addAll(k.boxesBut("11", "F"));
        List<Term> deductions = new ArrayList<>(List.of(k.box("12"), k.box("21")));
        deductions.addAll(k.boxesBut("13", "K", "M", "V"));
        return sum(income).minus(sum(deductions));
    }
}
