package undersaw.us.scorporation;

import java.util.List;
import java.util.Set;
import undersaw.calc.Calculation;
import undersaw.check.Examination;
import undersaw.check.TieOut;
import undersaw.form.MapTarget;
import undersaw.ledger.StatementKind;
import undersaw.line.LineId;
import undersaw.returns.BookLines;
import undersaw.us.passthrough.PassthroughReturn;
import undersaw.us.passthrough.ScheduleM1;

/** The return of an S corporation, Form 1120-S, with a Schedule K-1 for each shareholder. */
public final class SCorporationReturn extends PassthroughReturn {
    /** The form's code. */
    public static final String CODE = SCorporationForms.CODE;

    /** Puts it together. */
    public SCorporationReturn() {
        super(new Parts(
                "S corporation income tax return",
                new SCorporationForms().all(),
                ScheduleM1.Rows.OF_1120S,
                SCorporationPlaces.PLACES,
                "undersaw/us/scorporation/names.csv",
                SCorporationChecks.CHECKS,
                LineId.of("1120-S/hdr/H4"),
                Set.of("shareholder-distribution")));
    }

    @Override
    public List<TieOut> tieOuts(Examination examination) {
        return SCorporationTieOuts.of(examination);
    }

    @Override
    public BookLines bookLines() {
        return SCorporationBookLines.LINES;
    }

    /** How a debt binds matters to partners only. */
    @Override
    public boolean asksTreatment(MapTarget target) {
        return super.asksTreatment(target)
                        && treatments().stream()
                                .filter(target::takes)
                                .noneMatch(treatment -> treatment.id().equals("nonrecourse"))
                || target.id().equals(LineId.of("1120-S/L/19"))
                || target.statement() == StatementKind.INCOME_STATEMENT;
    }

    @Override
    public List<Vital> vitals(Calculation calculation) {
        boolean owed = calculation.amount(LineId.of("1120-S/26")).isPositive();
        return List.of(
                new Vital("Book income", LineId.of("1120-S/M-1/1")),
                new Vital("Ordinary income", LineId.of("1120-S/22")),
                owed
                        ? new Vital("Amount owed", LineId.of("1120-S/26"))
                        : new Vital("Distributions", LineId.of("1120-S/K/16d")));
    }
}
