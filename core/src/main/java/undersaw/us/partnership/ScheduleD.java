package undersaw.us.partnership;

import static undersaw.form.formula.Formulas.sum;

import undersaw.form.Line;
import undersaw.us.forms.CapitalGains;

/** Schedule D (Form 1065): capital gains and losses (from memory). */
final class ScheduleD extends CapitalGains {
    final Line netShort;
    final Line netLong;

    ScheduleD(PartnershipForms all) {
        super("1065");
        partByNeed(
                "D",
                "Schedule D: capital gains and losses",
                "IRC 1222; Schedule D (Form 1065)",
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
    }
}
