package undersaw.us.partnership;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.least;
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
 * A partner's basis outside of the partnership, kept by the firm for its partners and not sent (IRC 704(d),
 * 705, 731, 752;
 * Partner's Instructions for Schedule K-1, worksheet; from memory).
 */
final class PartnerBasis extends Form {
    private static final List<String> INCOME = List.of("1", "2", "3", "5", "6a", "7", "8", "9a", "10");

    private final Line opening;

    private final List<Line> up;
    private final List<Line> down;
    private final Line end;

    PartnerBasis(PartnershipForms all) {
        super("1065", "Partners' basis");
        partByNeed(
                        "BASIS",
                        "Partners' basis outside of the partnership",
                        "IRC 704(d), 705",
                        "basis partner outside loss limit")
                .worksheet()
                .per(OwnerRegister.ROWS)
                .membersAcross()
                .rolls(() -> roll())
                .neededWhen(() -> opening().total().isNotZero())
                .foundOnlyThen();
        opening = line("BASIS/1", "Basis at the beginning of the year");
        Line contributed = line("BASIS/2", "Money and property contributed").is(() -> all.capital.contributed);
        Line debts = line("BASIS/debts", "Share of debts at the end less that at the beginning")
                .is(() -> sum(all.liabilities.ends).minus(sum(all.liabilities.begins)));
        Line more = line("BASIS/3", "Increase in the share of debts").is(debts.notBelowZero());
        Line income = line("BASIS/4", "Income and gains").is(() -> income(all.scheduleK1));
        Line exempt = line("BASIS/5", "Tax-exempt income")
                .is(() -> sum(all.scheduleK1.box("18/A"), all.scheduleK1.box("18/B")));
        Line depletion = line("BASIS/6", "Depletion above basis");
        Line raised = line("BASIS/7", "Lines 1 to 6").is(sum(opening, contributed, more, income, exempt, depletion));
        Line money = line("BASIS/8", "Money distributed, and decrease in the share of debts")
                .is(() -> sum(all.scheduleK1.box("19/A"), NOTHING.minus(debts).notBelowZero()));
        Line property = line("BASIS/9", "Property distributed").is(() -> all.scheduleK1.box("19/C"));
        Line left = line("BASIS/10", "Basis after distributions")
                .is(raised.minus(sum(money, property)).notBelowZero());
        line("BASIS/10/gain", "Money above basis: gain")
                .is(money.minus(raised).notBelowZero())
                .cites("IRC 731(a)");
        Line nondeductible = line("BASIS/11", "Nondeductible expenses and oil and gas depletion")
                .is(() -> all.scheduleK1.box("18/C"));
        Line carried = line("BASIS/12/carried", "Losses carried in");
        Line losses = line("BASIS/12", "Losses and deductions, with those carried in")
                .is(() -> sum(losses(all.scheduleK1), carried));
        Line before = line("BASIS/12/before", "Basis before losses")
                .is(left.minus(nondeductible).notBelowZero());
        Line allowed = line("BASIS/12/allowed", "Losses and deductions allowed").is(least(losses, before));
        Line closing = line("BASIS/13", "Basis at the end of the year").is(before.minus(allowed));
        Line on =
                line("BASIS/14", "Losses carried on").is(losses.minus(allowed)).cites("IRC 704(d)");
        up = List.of(contributed, more, income, exempt, depletion);
        down = List.of(money, property, nondeductible, allowed);
        end = closing;
        opening.beginsWith(closing);
        carried.beginsWith(on);
    }

    private RollDrawn roll() {
        return new RollDrawn("Basis of each partner", opening, up, down, end);
    }

    private Line opening() {
        return opening;
    }

    private static Formula income(ScheduleK1 k) {
        List<Term> gains = new ArrayList<>();
        INCOME.forEach(box -> gains.add(k.box(box).notBelowZero()));
        k.boxesBut("11").forEach(line -> gains.add(line.notBelowZero()));
        return sum(gains);
    }

    private static Formula losses(ScheduleK1 k) {
        List<Term> taken = new ArrayList<>(List.of(k.box("12"), k.box("21")));
        INCOME.forEach(box -> taken.add(NOTHING.minus(k.box(box)).notBelowZero()));
        k.boxesBut("11").forEach(line -> taken.add(NOTHING.minus(line).notBelowZero()));
        taken.addAll(k.boxesBut("13", "M"));
        return sum(taken);
    }
}
