package undersaw.us.scorporation;

import static undersaw.form.formula.Formulas.sum;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.formula.Divided;
import undersaw.money.Unit;
import undersaw.owners.ByAmounts;
import undersaw.owners.ByHoldings;
import undersaw.owners.Measure;
import undersaw.owners.OwnerRegister;
import undersaw.owners.Positions;
import undersaw.owners.Span;

/**
 * What each shareholder was paid: cash from the books, property at its fair value; what accounts pay to nobody by name
 * goes by shares at the end of the year (IRC 1368; from memory).
 */
final class Distributions extends Form {
    final Line unnamed;
    final Line all;
    final Line whole;
    final Line net;

    Distributions(SCorporationForms forms) {
        super("1120-S", "Distributions");
        part("DIST", "Distributions to shareholders", "IRC 301, 1368")
                .worksheet()
                .in(Unit.CENTS)
                .per(OwnerRegister.ROWS)
                .membersAcross();
        unnamed = line("DIST/unnamed", "Paid to nobody by name").fromBooks().once();
        line("DIST/contributed", "Paid in by nobody by name").fromBooks().once();
        Line paid = line("DIST/paid", "Paid, by the books").fromBooks();
        Line property =
                line("DIST/property", "Property distributed, at fair value").cites("IRC 311(b), 1368");
        Line share = line("DIST/share", "Of what was paid to nobody by name")
                .is(new Divided(new ByHoldings(
                        unnamed.id(), new Positions(Measure.SHARES, Span.END), forms.shares.rounding.id(), null)));
        Line recorded = line("DIST/recorded", "Distributed to the shareholder").is(sum(paid, property, share));
        part("DIST-1", "Distributions in whole dollars", "IRC 1368(c)")
                .worksheet()
                .per(OwnerRegister.ROWS)
                .membersAcross();
        all = line("AAA/6", "Distributions of the year, property at fair value")
                .is(recorded.total())
                .once();
        whole = line("DIST/whole", "Distributions in whole dollars")
                .is(new Divided(new ByAmounts(all.id(), recorded.id())));
        Line dividend = line("DIST/dividend", "Of this, dividends out of earnings and profits")
                .is(() -> new Divided(new ByAmounts(forms.scheduleM2.dividends.id(), whole.id())))
                .cites("IRC 1368(c)(2)");
        net = line("DIST/net", "Distributions of box 16").is(whole.minus(dividend));
    }
}
