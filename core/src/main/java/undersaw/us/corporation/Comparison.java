package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.sum;

import undersaw.form.formula.Divided;
import undersaw.form.formula.Formula;
import undersaw.owners.ByAmounts;
import undersaw.owners.OwnerRegister;
import undersaw.study.Kind;
import undersaw.study.Sockets;

/** What a comparison of kinds of entity takes from a corporation's return. */
final class Comparison {
    private Comparison() {}

    static Sockets of(CorporationForms all) {
        Page1 page = all.page1;
        Formula other = sum(page.dividends, page.interest, page.rents, page.royalties, page.capitalGain);
        return new Sockets(
                Kind.CORPORATION,
                () -> sum(page.incomeBeforeLosses, page.charity).minus(other),
                () -> page.officers,
                () -> new Divided(new ByAmounts(page.officers.id(), OwnerRegister.CAPITAL_END)),
                () -> other,
                () -> NOTHING,
                () -> page.charity,
                () -> NOTHING,
                () -> sum(all.scheduleM2.cash, all.scheduleM2.property),
                () -> NOTHING,
                () -> NOTHING,
                () -> all.owners.kind.isAnyOf("individual"),
                line -> new ByAmounts(line, OwnerRegister.CAPITAL_END));
    }
}
