package undersaw.us.scorporation;

import java.util.List;
import java.util.Optional;
import undersaw.calc.Calculation;
import undersaw.calc.Plan;
import undersaw.check.Examination;
import undersaw.check.TieOut;
import undersaw.engagement.Station;
import undersaw.form.Form;
import undersaw.form.MapTarget;
import undersaw.law.calendar.DueDate;
import undersaw.law.calendar.Period;
import undersaw.ledger.StatementKind;
import undersaw.ledger.Treatment;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.owners.OwnerRegister;
import undersaw.returns.BookLines;
import undersaw.returns.PlannedReturn;
import undersaw.suggestions.Suggestions;
import undersaw.us.forms.TreatmentTable;
import undersaw.us.passthrough.PassthroughPostings;
import undersaw.us.passthrough.ScheduleM1;

/** The return of an S corporation, Form 1120-S, with a Schedule K-1 for each shareholder. */
public final class SCorporationReturn extends PlannedReturn {
    /** The form's code. */
    public static final String CODE = SCorporationForms.CODE;

    private static final List<String> NAMES = List.of("undersaw/us/scorporation/names.csv");

    private static final TreatmentTable TREATMENTS =
            new TreatmentTable("undersaw/us/passthrough/treatments.csv", ScheduleM1.Rows.OF_1120S.ofTreatments());

    /** Puts forms, treatments, suggestions and checks together. */
    public SCorporationReturn() {
        super(definition());
    }

    private static Definition definition() {
        List<Form> forms = new SCorporationForms().all();
        List<MapTarget> targets = targets(forms);
        return new Definition(
                CODE,
                "S corporation income tax return",
                forms,
                new PassthroughPostings(TREATMENTS, targets, SCorporationPlaces.PLACES),
                Suggestions.read(NAMES, account -> Optional.empty(), targets),
                SCorporationChecks.all(TREATMENTS),
                SCorporationChecks.ofAccounts(TREATMENTS));
    }

    @Override
    public List<Station> stations() {
        return List.of(Station.values());
    }

    @Override
    public DueDate due(Period period) {
        return DueDate.ofPassthrough(period);
    }

    @Override
    public List<Treatment> treatments() {
        return TREATMENTS.all();
    }

    @Override
    public Optional<Treatment> treatment(String id) {
        return TREATMENTS.find(id);
    }

    @Override
    public List<TieOut> tieOuts(Examination examination) {
        return SCorporationTieOuts.of(examination);
    }

    @Override
    public BookLines bookLines() {
        return SCorporationBookLines.LINES;
    }

    /** An account of a line that stands once may name a shareholder. */
    @Override
    public Optional<Dimension> membersOf(Plan plan, LineId target) {
        return super.membersOf(plan, target).or(() -> Optional.of(OwnerRegister.ROWS));
    }

    @Override
    public boolean isClosedOut(String treatment) {
        return treatment.equals("shareholder-distribution");
    }

    /** How a debt binds matters to partners only. */
    @Override
    public boolean asksTreatment(MapTarget target) {
        return super.asksTreatment(target)
                        && TREATMENTS.all().stream()
                                .filter(target::takes)
                                .noneMatch(treatment -> treatment.id().equals("nonrecourse"))
                || target.id().equals(LineId.of("1120-S/L/19"))
                || target.statement() == StatementKind.INCOME_STATEMENT;
    }

    @Override
    public Optional<String> ownerStatement() {
        return Optional.of("K-1");
    }

    @Override
    public boolean isAmended(Calculation calculation) {
        return calculation.answer(LineId.of("1120-S/hdr/H4")).equals("yes");
    }

    @Override
    public Optional<LineId> amendedBox() {
        return Optional.of(LineId.of("1120-S/hdr/H4"));
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
