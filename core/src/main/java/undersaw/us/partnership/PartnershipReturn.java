package undersaw.us.partnership;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import undersaw.calc.Calculation;
import undersaw.calc.Plan;
import undersaw.check.Examination;
import undersaw.check.TieOut;
import undersaw.engagement.Station;
import undersaw.form.Form;
import undersaw.form.MapTarget;
import undersaw.law.calendar.DueDate;
import undersaw.law.calendar.Period;
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

/** The return of a partnership, Form 1065, with a Schedule K-1 for each partner. */
public final class PartnershipReturn extends PlannedReturn {
    /** The form's code. */
    public static final String CODE = PartnershipForms.CODE;

    private static final List<String> NAMES = List.of("undersaw/us/partnership/names.csv");
    private static final Set<String> CLOSED_OUT = Set.of("owner-draw", "owner-contribution");

    private static final TreatmentTable TREATMENTS =
            new TreatmentTable("undersaw/us/passthrough/treatments.csv", ScheduleM1.Rows.OF_1065.ofTreatments());

    /** Puts forms, treatments, suggestions and checks together. */
    public PartnershipReturn() {
        super(definition());
    }

    private static Definition definition() {
        List<Form> forms = new PartnershipForms().all();
        List<MapTarget> targets = targets(forms);
        return new Definition(
                CODE,
                "Partnership return of income",
                forms,
                new PassthroughPostings(TREATMENTS, targets, PartnershipPlaces.PLACES),
                Suggestions.read(NAMES, account -> Optional.empty(), targets),
                PartnershipChecks.all(TREATMENTS),
                PartnershipChecks.ofAccounts(TREATMENTS));
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
        return PartnershipTieOuts.of(examination);
    }

    @Override
    public BookLines bookLines() {
        return PartnershipBookLines.LINES;
    }

    /** An account of a line that stands once may name a partner. */
    @Override
    public Optional<Dimension> membersOf(Plan plan, LineId target) {
        return super.membersOf(plan, target).or(() -> Optional.of(OwnerRegister.ROWS));
    }

    @Override
    public boolean isClosedOut(String treatment) {
        return CLOSED_OUT.contains(treatment);
    }

    @Override
    public Optional<String> ownerStatement() {
        return Optional.of("K-1");
    }

    @Override
    public boolean isAmended(Calculation calculation) {
        return calculation.answer(LineId.of("1065/hdr/G5")).equals("yes");
    }

    @Override
    public Optional<LineId> amendedBox() {
        return Optional.of(LineId.of("1065/hdr/G5"));
    }

    @Override
    public List<Vital> vitals(Calculation calculation) {
        return List.of(
                new Vital("Book income", LineId.of("1065/M-1/1")),
                new Vital("Ordinary income", LineId.of("1065/23")),
                new Vital("Net income", LineId.of("1065/ANI/1")));
    }
}
