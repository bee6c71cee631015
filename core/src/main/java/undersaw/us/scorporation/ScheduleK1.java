package undersaw.us.scorporation;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Divided;
import undersaw.owners.ByHoldings;
import undersaw.owners.Measure;
import undersaw.owners.OwnerRegister;

/**
 * Schedule K-1 (Form 1120-S), once a shareholder: each line of Schedule K by shares and days; distributions and loans
 * repaid as they were recorded (IRC 1377(a)(1); 2024 form, from memory).
 */
final class ScheduleK1 extends Form {
    ScheduleK1(SCorporationForms all) {
        super("1120-S", "Schedule K-1");
        part("K-1", "Schedules K-1", "IRC 1366(a), 1377(a)(1); Instructions for Schedule K-1 (Form 1120-S)")
                .per(OwnerRegister.ROWS)
                .membersAcross();
        line("K-1/final", "Final Schedule K-1").as(LineKind.BOX).ofTheYear();
        for (ScheduleK.Boxed each : all.scheduleK.boxed) {
            divided(all, each);
        }
        Line distributions = line("K-1/16/D", "Distributions").is(all.distributions.net);
        distributions.cites("IRC 1368");
        line("K-1/16/E", "Loans repaid")
                .is(() -> all.loans.box(all.scheduleK.repaid))
                .cites("Reg. 1.1367-2");
        line("K-1/18", "More than one activity for at-risk purposes").as(LineKind.BOX);
        line("K-1/19", "More than one activity for passive purposes").as(LineKind.BOX);
    }

    private void divided(SCorporationForms all, ScheduleK.Boxed each) {
        Line whole = each.line();
        line("K-1/" + each.box(), whole.caption())
                .is(new Divided(new ByHoldings(whole.id(), Measure.SHARES, all.shares.rounding.id())))
                .cites("IRC 1366(a), 1377(a)(1)");
    }
}
