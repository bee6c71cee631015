package undersaw.us.scorporation;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import undersaw.calc.Calculation;
import undersaw.calc.Plan;
import undersaw.check.AccountCheck;
import undersaw.check.Check;
import undersaw.check.Examination;
import undersaw.check.TieOut;
import undersaw.engagement.Station;
import undersaw.form.Form;
import undersaw.form.MapTarget;
import undersaw.law.Law;
import undersaw.law.calendar.DueDate;
import undersaw.law.calendar.Period;
import undersaw.ledger.Carryover;
import undersaw.ledger.StatementKind;
import undersaw.ledger.Treatment;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.owners.OwnerRegister;
import undersaw.returns.BookLines;
import undersaw.returns.ReturnKind;
import undersaw.suggestions.Suggestions;
import undersaw.us.forms.TreatmentTable;
import undersaw.us.passthrough.PassthroughPostings;
import undersaw.us.passthrough.ScheduleM1;

/** The return of an S corporation, Form 1120-S, with a Schedule K-1 for each shareholder. */
public final class SCorporationReturn implements ReturnKind {
    /** The form's code. */
    public static final String CODE = SCorporationForms.CODE;

    private static final List<String> NAMES = List.of("undersaw/us/scorporation/names.csv");

    private final SCorporationForms forms = new SCorporationForms();
    private final TreatmentTable treatments =
            new TreatmentTable("undersaw/us/passthrough/treatments.csv", ScheduleM1.Rows.OF_1120S.ofTreatments());
    private final List<MapTarget> targets =
            forms.all().stream().map(Form::targets).flatMap(List::stream).toList();
    private final Suggestions suggestions = Suggestions.read(NAMES, account -> Optional.empty(), targets);
    private final List<Check> checks = SCorporationChecks.all(treatments);
    private final List<AccountCheck> accountChecks = SCorporationChecks.ofAccounts(treatments);
    private final Map<Integer, Plan> plans = new ConcurrentHashMap<>();

    @Override
    public String code() {
        return CODE;
    }

    @Override
    public String title() {
        return "S corporation income tax return";
    }

    @Override
    public List<Station> stations() {
        return List.of(Station.values());
    }

    @Override
    public Plan plan(int year) {
        return plans.computeIfAbsent(
                year,
                each -> new Plan(
                        Law.of(each).year(),
                        forms.all(),
                        new PassthroughPostings(treatments, targets, SCorporationPlaces.PLACES)));
    }

    @Override
    public YearRange years() {
        return new YearRange(2024, 2025);
    }

    @Override
    public DueDate due(Period period) {
        return DueDate.ofPassthrough(period);
    }

    @Override
    public List<Treatment> treatments() {
        return treatments.all();
    }

    @Override
    public Optional<Treatment> treatment(String id) {
        return treatments.find(id);
    }

    @Override
    public Suggestions suggestions() {
        return suggestions;
    }

    @Override
    public List<Check> checks() {
        return checks;
    }

    @Override
    public List<AccountCheck> accountChecks() {
        return accountChecks;
    }

    @Override
    public List<TieOut> tieOuts(Examination examination) {
        return SCorporationTieOuts.of(examination);
    }

    @Override
    public BookLines bookLines() {
        return SCorporationBookLines.LINES;
    }

    @Override
    public List<Carryover> carriedForward(Calculation calculation) {
        return List.of();
    }

    /** An account of a line that stands once may name a shareholder. */
    @Override
    public Optional<Dimension> membersOf(Plan plan, LineId target) {
        return ReturnKind.super.membersOf(plan, target).or(() -> Optional.of(OwnerRegister.ROWS));
    }

    @Override
    public boolean isClosedOut(String treatment) {
        return treatment.equals("shareholder-distribution");
    }

    /** How a debt binds matters to partners only. */
    @Override
    public boolean asksTreatment(MapTarget target) {
        return ReturnKind.super.asksTreatment(target)
                        && treatments.all().stream()
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
