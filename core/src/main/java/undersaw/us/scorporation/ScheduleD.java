package undersaw.us.scorporation;

import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;

import undersaw.form.Line;
import undersaw.us.forms.BusinessLaw;
import undersaw.us.forms.CapitalGains;

/** Schedule D (Form 1120-S): capital gains and losses, and the tax on built-in gains (line numbers unsure). */
final class ScheduleD extends CapitalGains {
    final Line netShort;
    final Line netLong;
    final Line recognized;
    final Line tax;
    final Line taxOnShort;
    final Line taxOnLong;
    final Line taxOnBusiness;

    ScheduleD(SCorporationForms all) {
        super("1120-S");
        partByNeed(
                "D",
                "Schedule D: capital gains and losses",
                "IRC 1222; Schedule D (Form 1120-S)",
                "capital gain sale stock");
        Line shortInstallments =
                line("D/4", "Short-term gain from installment sales").cites("IRC 453");
        Line shortExchanges =
                line("D/5", "Short-term gain or loss from like-kind exchanges").cites("IRC 1031");
        netShort = line("D/7", "Net short-term capital gain or loss")
                .is(sum(sum(shortTerm(all.form8949)), shortInstallments, shortExchanges));
        Line longInstallments =
                line("D/11", "Long-term gain from installment sales").cites("IRC 453");
        Line longExchanges =
                line("D/12", "Long-term gain or loss from like-kind exchanges").cites("IRC 1031");
        netLong = line("D/15", "Net long-term capital gain or loss")
                .is(sum(sum(longTerm(all.form8949)), longInstallments, longExchanges));

        partByNeed(
                        "D-III",
                        "Schedule D, Part III: tax on built-in gains",
                        "IRC 1374; Schedule D (Form 1120-S), Part III",
                        "built-in gains tax conversion from C corporation")
                .neededWhen(() -> recognized().isNotZero())
                .foundOnlyThen();
        recognized = line("D/16", "Recognized built-in gain of the year, less losses, with what was carried in");
        Line asIfC = line("D/17", "Taxable income as if it were a C corporation")
                .cites("IRC 1374(d)(2)")
                .help("By a worksheet of your own, which goes with the return.");
        Line limited = line("D/18", "Built-in gain that is taxed")
                .is(() -> least(recognized(), asIfC, all.scheduleB.unrealized).notBelowZero());
        Line losses = line("D/19", "Losses carried from C years").cites("IRC 1374(b)(2)");
        Line base = line("D/20", "Built-in gain after losses")
                .is(limited.minus(losses).notBelowZero());
        Line gross = line("D/21", "Tax at the corporate rate").is(base.times(BusinessLaw.CORPORATE_RATE));
        Line credits = line("D/22", "Business credits carried from C years").cites("IRC 1374(b)(3)");
        tax = line("D/23", "Tax on built-in gains").is(gross.minus(credits).notBelowZero());
        line("D/24", "Gain that the income of the year does not let be taxed, carried on")
                .is(recognized().minus(limited).notBelowZero())
                .cites("IRC 1374(d)(2)(B)");
        taxOnShort = line("D/tax/7", "Of the tax, on short-term capital gain").cites("IRC 1366(f)(2)");
        taxOnLong = line("D/tax/8a", "Of the tax, on long-term capital gain").cites("IRC 1366(f)(2)");
        taxOnBusiness = line("D/tax/9", "Of the tax, on section 1231 gain")
                .is(tax.minus(sum(taxOnShort, taxOnLong)))
                .cites("IRC 1366(f)(2)");
    }

    private Line recognized() {
        return recognized;
    }
}
