package undersaw.us.scorporation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Prorated;
import undersaw.form.formula.Spread;
import undersaw.form.formula.Worked;
import undersaw.us.forms.BusinessLaw;
import undersaw.us.passthrough.PassthroughLaw;

/**
 * Tax on excess net passive income of an S corporation that has earnings and profits of C years (IRC 1375; Reg.
 * 1.1375-1; from memory). It lowers the portfolio items in proportion (IRC 1366(f)(3)).
 */
final class PassiveIncomeTax extends Form {
    private static final List<String> ITEMS = List.of("4", "5a", "6");

    final Line passive;
    final Line quarter;
    final Line tax;
    final Line lifoRecapture;
    private final Map<String, Line> taxOn = new HashMap<>();

    PassiveIncomeTax(SCorporationForms all) {
        super("1120-S", "Excess net passive income");
        partByNeed(
                        "ENPI",
                        "Tax on excess net passive income",
                        "IRC 1375; Reg. 1.1375-1",
                        "passive income tax earnings and profits rents interest dividends LIFO")
                .worksheet()
                .neededWhen(() -> all.scheduleM2.earnings.isAbove(NOTHING))
                .foundOnlyThen();
        Line receipts = line("ENPI/1", "Gross receipts").is(() -> receipts(all)).cites("IRC 1362(d)(3)");
        passive = line("ENPI/2", "Passive investment income")
                .is(() -> passive(all))
                .cites("IRC 1362(d)(3)(C)");
        quarter = line("ENPI/3", "A quarter of receipts").is(receipts.times(PassthroughLaw.PASSIVE_SHARE));
        Line excess = line("ENPI/4", "Passive income above it")
                .is(passive.minus(quarter).notBelowZero());
        Line connected =
                line("ENPI/5", "Deductions connected with passive income").cites("IRC 1375(b)(2)");
        Line net =
                line("ENPI/6", "Net passive income").is(passive.minus(connected).notBelowZero());
        Line part = line("ENPI/8", "Excess net passive income")
                .is(new Prorated(net.asFormula(), excess.asFormula(), passive.asFormula()));
        Line asIfC =
                line("ENPI/9", "Taxable income as if it were a C corporation").cites("IRC 1374(d)(4), 1375(b)(1)(B)");
        Line base = line("ENPI/10", "Income that is taxed")
                .is(when(asIfC.answered(""), part, least(part, asIfC.notBelowZero())));
        Line paidOut = line("ENPI/paid-out", "All earnings and profits were distributed by the end of the year")
                .as(LineKind.YES_NO)
                .ofTheYear()
                .cites("IRC 1375(a)(1)");
        tax = line("ENPI/11", "Tax on it")
                .is(() -> when(isDue(all, paidOut), base.times(BusinessLaw.CORPORATE_RATE), NOTHING));
        lifoRecapture = line("ENPI/lifo", "Instalment of LIFO recapture tax").cites("IRC 1363(d)");
        for (int i = 0; i < ITEMS.size(); i++) {
            int at = i;
            taxOn.put(
                    ITEMS.get(i),
                    line("ENPI/tax/" + ITEMS.get(i), "Of the tax, on line " + ITEMS.get(i))
                            .is(() -> new Worked(new Spread(tax.asFormula(), portfolio(all), at)))
                            .cites("IRC 1366(f)(3)"));
        }
    }

    private Condition isDue(SCorporationForms all, Line paidOut) {
        return all.scheduleM2
                .earnings
                .isAbove(NOTHING)
                .and(passive.isAbove(quarter))
                .and(paidOut.answered("yes").not());
    }

    /** The tax that lowers a line of Schedule K. */
    Line taxOn(String item) {
        return taxOn.get(item);
    }

    /** What lowers the owners' income in all. */
    Formula taxOnItems() {
        return sum(List.copyOf(taxOn.values()));
    }

    /** Portfolio items as the books have them, before the tax. */
    private static List<Formula> portfolio(SCorporationForms all) {
        return List.of(
                all.scheduleK.interest.fromAccounts(),
                all.scheduleK.dividends.fromAccounts(),
                all.scheduleK.royalties.fromAccounts());
    }

    private static Formula receipts(SCorporationForms all) {
        return sum(
                all.page1.netReceipts,
                all.page1.otherIncome,
                all.page1.businessPropertyGain.notBelowZero(),
                all.scheduleK.otherRental.gross(),
                all.form8825.grossInAll,
                sum(portfolio(all)));
    }

    private static Formula passive(SCorporationForms all) {
        return sum(all.scheduleK.otherRental.gross(), all.form8825.grossInAll, sum(portfolio(all)));
    }
}
