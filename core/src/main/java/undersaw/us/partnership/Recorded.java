package undersaw.us.partnership;

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
 * What each partner was paid, drew and put in, to the cent: from accounts that name the partner; what names
 * nobody goes by
 * profit, draws and contributions by capital (IRC 707(c), 721, 731; from memory).
 */
final class Recorded extends Form {
    final Line services;
    final Line capital;
    final Line insurance;
    final Line retirement;
    final Line drawn;
    final Line propertyDrawn;
    final Line contributed;
    final Line propertyContributed;
    private final Line rounding;

    Recorded(Percentages percentages) {
        super("1065", "Recorded by partner");
        rounding = percentages.rounding;
        part("REC", "Recorded by partner", "IRC 707(c), 721, 731")
                .worksheet()
                .in(Unit.CENTS)
                .per(OwnerRegister.ROWS)
                .membersAcross();
        Line ofServices = flow("services", "Guaranteed payments for services", Measure.PROFIT);
        insurance = flow("insurance", "Health insurance of the partner", Measure.PROFIT);
        services = line("REC/services/all", "Guaranteed payments for services, with insurance")
                .is(sum(ofServices, insurance));
        capital = flow("capital", "Guaranteed payments for capital", Measure.PROFIT);
        retirement = flow("retirement", "Retirement plan of the partner", Measure.PROFIT);
        drawn = flow("drawn", "Draws in cash", Measure.CAPITAL);
        propertyDrawn = line("REC/property-drawn", "Property distributed, adjusted basis less debts that go with it");
        contributed = flow("contributed", "Contributions in cash", Measure.CAPITAL);
        propertyContributed =
                line("REC/property-contributed", "Property contributed, adjusted basis less debts taken over");
    }

    /** What accounts bring to a partner by name, and a share of what they bring to nobody. */
    private Line flow(String name, String caption, Measure measure) {
        Line unnamed = line("REC/" + name + "/unnamed", caption + ": nobody named")
                .fromBooks()
                .once();
        Line named = line("REC/" + name + "/named", caption + ", by name").fromBooks();
        Line share = line("REC/" + name + "/share", caption + ", of what names nobody")
                .is(new Divided(new ByHoldings(unnamed.id(), new Positions(measure, Span.END), rounding.id(), null)));
        return line("REC/" + name, caption).is(sum(named, share));
    }

    /** A box of Schedule K-1 that goes as it was recorded. */
    static Divided box(Line whole, Line recorded) {
        return new Divided(new ByAmounts(whole.id(), recorded.id()));
    }
}
