package undersaw.us.corporation;

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
import undersaw.engagement.Change;
import undersaw.engagement.Station;
import undersaw.form.Form;
import undersaw.form.MapTarget;
import undersaw.law.Law;
import undersaw.law.calendar.DueDate;
import undersaw.law.calendar.Period;
import undersaw.ledger.Carryover;
import undersaw.ledger.Treatment;
import undersaw.line.LineId;
import undersaw.returns.BookLines;
import undersaw.returns.BookedTax;
import undersaw.returns.CarryoverYear;
import undersaw.returns.Instalment;
import undersaw.returns.ReturnKind;
import undersaw.suggestions.Suggestions;
import undersaw.us.forms.TreatmentTable;

/** The corporation income tax return, Form 1120. */
public final class CorporationReturn implements ReturnKind {
    /** The form's code. */
    public static final String CODE = "1120";

    private static final List<String> NAMES =
            List.of("undersaw/us/corporation/suggestions.csv", "undersaw/us/corporation/names.csv");

    private static final TreatmentTable.Rows M1_ROWS =
            new TreatmentTable.Rows("1120/M-1/", "5d", "8c", "4", "7b", Map.of());

    private final CorporationForms forms = new CorporationForms();
    private final TreatmentTable treatments = treatmentTable();
    private final CorporationTargets targets;
    private final Suggestions suggestions;
    private final List<Check> checks;
    private final List<AccountCheck> accountChecks;
    private final Map<Integer, Plan> plans = new ConcurrentHashMap<>();

    /** Puts forms, treatments, suggestions and checks together. */
    public CorporationReturn() {
        List<MapTarget> all =
                forms.all().stream().map(Form::targets).flatMap(List::stream).toList();
        targets = new CorporationTargets(all);
        suggestions = Suggestions.read(NAMES, NumberSuggestions::suggest, all);
        checks = CorporationChecks.all(treatments);
        accountChecks = CorporationChecks.ofAccounts(treatments);
    }

    /** The treatments of its accounts. */
    static TreatmentTable treatmentTable() {
        return new TreatmentTable("undersaw/us/corporation/treatments.csv", M1_ROWS);
    }

    @Override
    public String code() {
        return CODE;
    }

    @Override
    public String title() {
        return "Corporation income tax return";
    }

    @Override
    public List<Station> stations() {
        return List.of(Station.values());
    }

    @Override
    public Plan plan(int year) {
        return plans.computeIfAbsent(
                year, each -> new Plan(Law.of(each).year(), forms.all(), new CorporationPostings(treatments, targets)));
    }

    @Override
    public YearRange years() {
        return new YearRange(2024, 2025);
    }

    @Override
    public DueDate due(Period period) {
        return DueDate.ofCorporation(period);
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
        return CorporationTieOuts.of(examination);
    }

    @Override
    public BookLines bookLines() {
        return CorporationBookLines.LINES;
    }

    @Override
    public List<Carryover> carriedForward(Calculation calculation) {
        return CorporationCarryforwards.of(calculation);
    }

    @Override
    public List<CarryoverYear> carryoverYears(Calculation calculation) {
        return CorporationCarryforwards.years(calculation);
    }

    /** Form 7004 in the return asks for more time too. */
    @Override
    public boolean isExtended(Calculation calculation) {
        return ReturnKind.super.isExtended(calculation)
                || calculation.plan().parts().stream()
                        .anyMatch(part -> part.code().equals("7004") && calculation.holds(part));
    }

    @Override
    public Optional<Change.FactsSet> fromRegisters(Calculation calculation) {
        return ScheduleG.fromOwners(calculation);
    }

    @Override
    public List<Instalment> instalments(Calculation calculation) {
        return CorporationInstalments.ofThisYear(calculation);
    }

    @Override
    public List<Instalment> instalmentsOfNextYear(Calculation calculation) {
        return CorporationInstalments.ofNextYear(calculation);
    }

    @Override
    public Optional<BookedTax> bookedTax(Calculation calculation) {
        return BookedTax.of(calculation, LineId.of("1120/M-1/2"), LineId.of("1120/31"));
    }

    @Override
    public List<Vital> vitals(Calculation calculation) {
        boolean overpaid = calculation.amount(LineId.of("1120/36")).isPositive();
        return List.of(
                new Vital("Book income", LineId.of("1120/M-1/1")),
                new Vital("Taxable income", LineId.of("1120/30")),
                overpaid
                        ? new Vital("Overpayment", LineId.of("1120/36"))
                        : new Vital("Amount owed", LineId.of("1120/35")));
    }
}
