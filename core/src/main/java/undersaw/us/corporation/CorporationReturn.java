package undersaw.us.corporation;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import undersaw.assets.AssetLaw;
import undersaw.calc.Calculation;
import undersaw.check.Examination;
import undersaw.check.TieOut;
import undersaw.engagement.Change;
import undersaw.engagement.Station;
import undersaw.form.Form;
import undersaw.form.MapTarget;
import undersaw.law.calendar.DueDate;
import undersaw.law.calendar.Period;
import undersaw.ledger.Carryover;
import undersaw.ledger.Treatment;
import undersaw.line.LineId;
import undersaw.returns.BookLines;
import undersaw.returns.BookedTax;
import undersaw.returns.CarryoverYear;
import undersaw.returns.Instalment;
import undersaw.returns.PlannedReturn;
import undersaw.suggestions.Suggestions;
import undersaw.us.depreciation.FederalAssets;
import undersaw.us.forms.TreatmentTable;

/** The corporation income tax return, Form 1120. */
public final class CorporationReturn extends PlannedReturn {
    /** The form's code. */
    public static final String CODE = "1120";

    private static final List<String> NAMES =
            List.of("undersaw/us/corporation/suggestions.csv", "undersaw/us/corporation/names.csv");

    private static final TreatmentTable.Rows M1_ROWS =
            new TreatmentTable.Rows("1120/M-1/", "5d", "8c", "4", "7b", Map.of());

    private static final TreatmentTable TREATMENTS =
            new TreatmentTable("undersaw/us/corporation/treatments.csv", M1_ROWS);

    /** Puts forms, treatments, suggestions and checks together. */
    public CorporationReturn() {
        super(definition());
    }

    private static Definition definition() {
        List<Form> forms = new CorporationForms().all();
        List<MapTarget> targets = targets(forms);
        return new Definition(
                CODE,
                "Corporation income tax return",
                forms,
                new CorporationPostings(TREATMENTS, new CorporationTargets(targets)),
                Suggestions.read(NAMES, NumberSuggestions::suggest, targets),
                CorporationChecks.all(TREATMENTS),
                CorporationChecks.ofAccounts(TREATMENTS));
    }

    /** The treatments of its accounts. */
    static TreatmentTable treatmentTable() {
        return TREATMENTS;
    }

    @Override
    public Optional<AssetLaw> assetLaw() {
        return Optional.of(new FederalAssets());
    }

    @Override
    public List<Station> stations() {
        return List.of(Station.values());
    }

    @Override
    public DueDate due(Period period) {
        return DueDate.ofCorporation(period);
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
        return super.isExtended(calculation)
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
