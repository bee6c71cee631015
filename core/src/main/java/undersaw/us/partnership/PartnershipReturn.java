package undersaw.us.partnership;

import java.util.List;
import java.util.Set;
import undersaw.calc.Calculation;
import undersaw.check.Examination;
import undersaw.check.TieOut;
import undersaw.line.LineId;
import undersaw.returns.BookLines;
import undersaw.us.passthrough.PassthroughReturn;
import undersaw.us.passthrough.ScheduleM1;

/** The return of a partnership, Form 1065, with a Schedule K-1 for each partner. */
public final class PartnershipReturn extends PassthroughReturn {
    /** The form's code. */
    public static final String CODE = PartnershipForms.CODE;

    /** Puts it together. */
    public PartnershipReturn() {
        super(new Parts(
                "Partnership return of income",
                new PartnershipForms().all(),
                ScheduleM1.Rows.OF_1065,
                PartnershipPlaces.PLACES,
                "undersaw/us/partnership/names.csv",
                PartnershipChecks.CHECKS,
                LineId.of("1065/hdr/G5"),
                Set.of("owner-draw", "owner-contribution")));
    }

    @Override
    public List<TieOut> tieOuts(Examination examination) {
        return PartnershipTieOuts.of(examination);
    }

    @Override
    public BookLines bookLines() {
        return PartnershipBookLines.LINES;
    }

    @Override
    public List<Vital> vitals(Calculation calculation) {
        return List.of(
                new Vital("Book income", LineId.of("1065/M-1/1")),
                new Vital("Ordinary income", LineId.of("1065/23")),
                new Vital("Net income", LineId.of("1065/ANI/1")));
    }
}
