package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;

import java.util.List;
import undersaw.form.Across;
import undersaw.form.Columns;
import undersaw.form.Line;
import undersaw.form.Section;
import undersaw.form.formula.Carried;
import undersaw.form.formula.YearSpan;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.Side;
import undersaw.us.forms.CapitalGains;

/** Schedule D (Form 1120), capital gains and losses, from Form 8949 and typed totals of sales (from memory). */
final class ScheduleD extends CapitalGains {
    private static final int CARRIED_YEARS = 5;
    /** The loss of the year meets the gains of the three years before, the oldest first (Form 1139). */
    private static final List<String> BACK = List.of("three years before", "two years before", "last year");

    private static final Columns EARLIER = Columns.numbered(BACK.size());

    final Line fromForm4797;
    final Line distributions;
    final Line toPage1;
    final Line netOfTheYear;
    final Line lossUsed;
    final Line lossOfTheYear;
    final Line lossCarriedOn;

    ScheduleD(CorporationForms all) {
        super("1120");
        partByNeed(
                "D",
                "Schedule D: capital gains and losses",
                "IRC 1201 to 1222; Schedule D (Form 1120)",
                "capital gain sale stock");
        List<Line> shortTerm = shortTerm(all.form8949);
        Line shortInstallments =
                line("D/4", "Short-term gain from installment sales").cites("IRC 453");
        Line shortExchanges =
                line("D/5", "Short-term gain or loss from like-kind exchanges").cites("IRC 1031");
        Line carried = line("D/6", "Unused capital loss carryover").cites("IRC 1212(a)");
        Line netShort = line("D/7", "Net short-term capital gain or loss")
                .is(sum(sum(shortTerm), shortInstallments, shortExchanges, carried));
        List<Line> longTerm = longTerm(all.form8949);
        fromForm4797 = line("D/11", "Gain from Form 4797")
                .is(() -> all.form4797.toScheduleD())
                .cites("IRC 1231");
        Line longInstallments =
                line("D/12", "Long-term gain from installment sales").cites("IRC 453");
        Line longExchanges =
                line("D/13", "Long-term gain or loss from like-kind exchanges").cites("IRC 1031");
        section(Section.OTHER_INCOME);
        distributions =
                booksLine("D/14", "Capital gain distributions", Side.CREDIT).cites("IRC 852(b)(3)");
        Line netLong = line("D/15", "Net long-term capital gain or loss")
                .is(sum(sum(longTerm), fromForm4797, longInstallments, longExchanges, distributions));
        Line shortLeft = line("D/16", "Net short-term gain over net long-term loss")
                .is(netShort.plus(least(netLong, NOTHING)).notBelowZero());
        Line longLeft = line("D/17", "Net capital gain")
                .is(netLong.plus(least(netShort, NOTHING)).notBelowZero());
        toPage1 = line("D/18", "Lines 16 and 17").is(sum(shortLeft, longLeft));

        part("W-CAP", "Capital loss limit", "IRC 1211(a), 1212(a)").worksheet();
        Line available = line("W-CAP/1", "Capital losses carried from the last five years")
                .is(new Carried(CarryoverKind.CAPITAL_LOSS, YearSpan.last(CARRIED_YEARS)));
        carried.is(NOTHING.minus(available));
        netOfTheYear = line("W-CAP/2", "Net gain or loss of this year")
                .is(sum(netShort, netLong).minus(carried));
        lossUsed = line("W-CAP/3", "Carried losses used").is(least(available, netOfTheYear.notBelowZero()));
        lossOfTheYear = line("W-CAP/4", "Loss of this year")
                .is(NOTHING.minus(netOfTheYear).notBelowZero());
        Across gains = across(EARLIER, "W-CAP/G*", at -> "Capital gain net income, " + BACK.get(at.number() - 1))
                .each(each -> each.help("So much of it as a loss carried there may use without making a net operating "
                                + "loss.")
                        .cites("IRC 1212(a)(1)(A)"));
        Across carriedBack = across(EARLIER, "W-CAP/B*", at -> "Loss carried back, " + BACK.get(at.number() - 1));
        carriedBack.is(at -> least(
                gains.at(at), at.isFirst() ? lossOfTheYear : lossOfTheYear.minus(sum(carriedBack.allBefore(at)))));
        lossCarriedOn = line("W-CAP/5", "Loss of this year, carried to the next five years")
                .is(lossOfTheYear.minus(sum(carriedBack.all())));
    }
}
