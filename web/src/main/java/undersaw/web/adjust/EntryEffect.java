package undersaw.web.adjust;

import java.util.ArrayList;
import java.util.List;
import undersaw.books.WorkingBalance;
import undersaw.calc.Calculation;
import undersaw.engagement.Change;
import undersaw.money.Money;
import undersaw.returns.ReturnKind;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.frame.Figure;

/**
 * What an entry would do, told before it is kept.
 *
 * @param caption the figure
 * @param before as it stands
 * @param after as it would stand
 * @param change the difference
 */
public record EntryEffect(String caption, String before, String after, String change) {
    /** The effect on net income, taxable income and what is owed. */
    static List<EntryEffect> of(OpenEngagement open, Change change) {
        Calculation before = open.calculation();
        Calculation after = before.after(change.applyTo(open.snapshot()), change.touches());
        List<EntryEffect> effects = new ArrayList<>();
        effects.add(of("Net income per books", WorkingBalance.netIncome(before), WorkingBalance.netIncome(after)));
        for (ReturnKind.Vital vital : open.kind().vitals(after)) {
            if (!vital.line().equals(open.kind().bookLines().bookIncome())) {
                effects.add(of(vital.caption(), before.amount(vital.line()), after.amount(vital.line())));
            }
        }
        return effects;
    }

    private static EntryEffect of(String caption, Money before, Money after) {
        return new EntryEffect(caption, Figure.text(before), Figure.text(after), Figure.text(after.minus(before)));
    }
}
