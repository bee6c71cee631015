package undersaw.us.partnership;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.dollars;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.ArrayList;
import java.util.List;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.formula.Divided;
import undersaw.form.formula.Rounded;
import undersaw.money.Unit;
import undersaw.owners.ByDebt;
import undersaw.owners.OwnerRegister;
import undersaw.owners.Span;

/**
 * Item K of Schedule K-1: the partners' shares of debts, by class and end of year (IRC 752; from memory). Recourse debt
 * that no general partner bears is shown as nonrecourse.
 */
final class Liabilities extends Form {
    /** The classes, as treatments and addresses name them. */
    static final List<String> CLASSES = List.of("recourse", "nonrecourse", "qualified-nonrecourse");

    final List<Line> ends = new ArrayList<>();
    final List<Line> begins = new ArrayList<>();
    final Line generals;

    Liabilities(PartnershipForms all) {
        super("1065", "Shares of debts");
        part("DEBT", "General partners", "IRC 752; Reg. 1.752-2")
                .worksheet()
                .per(OwnerRegister.ROWS)
                .membersAcross();
        Line general = line("DEBT/general", "Is a general partner")
                .is(when(all.owners.role.answered("general"), dollars(1), NOTHING))
                .aside();
        generals = line("DEBT/generals", "General partners").is(general.total()).once();
        for (Span span : List.of(Span.BEGIN, Span.END)) {
            ofEnd(span, span == Span.BEGIN ? "begin" : "end");
        }
    }

    private void ofEnd(Span span, String end) {
        part("DEBT-" + end, "Debts by class, " + end + " of the year", "IRC 752; Reg. 1.752-1 to 1.752-3")
                .worksheet()
                .in(Unit.CENTS)
                .per(OwnerRegister.ROWS)
                .membersAcross();
        List<Line> exact = new ArrayList<>();
        List<Line> named = new ArrayList<>();
        for (String each : CLASSES) {
            exact.add(line("DEBT/" + each + "/" + end, caption(each, end))
                    .fromBooks()
                    .once());
            named.add(line("DEBT/named/" + each + "/" + end, caption(each, end) + ", of one partner")
                    .fromBooks());
        }
        part("K-1-debts-" + end, "K-1 debts: shares at the " + end + " of the year", "IRC 752; item K")
                .per(OwnerRegister.ROWS)
                .membersAcross();
        Line recourse = line("K-1/K/W/recourse/" + end, "Recourse debts that somebody bears")
                .is(when(generals.isNotZero(), new Rounded(exact.get(0).asFormula()), NOTHING))
                .once()
                .aside();
        Line nonrecourse = line("K-1/K/W/nonrecourse/" + end, "Nonrecourse debts, and recourse debts that nobody bears")
                .is(new Rounded(sum(exact.get(1), when(generals.isNotZero(), NOTHING, exact.get(0)))))
                .once()
                .aside();
        Line qualified = line("K-1/K/W/qualified-nonrecourse/" + end, "Qualified nonrecourse debts")
                .is(new Rounded(exact.get(2).asFormula()))
                .once()
                .aside();
        List<Line> wholes = List.of(recourse, nonrecourse, qualified);
        for (int i = 0; i < CLASSES.size(); i++) {
            Line share = line("K-1/K/" + CLASSES.get(i) + "/" + end, caption(CLASSES.get(i), end))
                    .is(sum(
                            new Divided(new ByDebt(wholes.get(i).id(), span, i == 0)),
                            new Rounded(named.get(i).asFormula())));
            (span == Span.BEGIN ? begins : ends).add(share);
        }
    }

    private static String caption(String debt, String end) {
        return Character.toUpperCase(debt.charAt(0)) + debt.substring(1).replace('-', ' ') + " debts, " + end
                + " of year";
    }
}
