package undersaw.us.passthrough;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import undersaw.assets.AssetLaw;
import undersaw.calc.Plan;
import undersaw.engagement.Station;
import undersaw.form.Form;
import undersaw.form.MapTarget;
import undersaw.law.calendar.DueDate;
import undersaw.law.calendar.Period;
import undersaw.ledger.Treatment;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.owners.OwnerRegister;
import undersaw.returns.PlannedReturn;
import undersaw.suggestions.Suggestions;
import undersaw.us.depreciation.FederalAssets;
import undersaw.us.forms.TreatmentTable;

/** The return of an entity whose owners take up its income, with a Schedule K-1 for each of them. */
public abstract class PassthroughReturn extends PlannedReturn {
    private final TreatmentTable treatments;
    private final Parts parts;

    /**
     * What such a return has of its own.
     *
     * @param title what the return is, in words
     * @param forms every form of it
     * @param rows of its Schedule M-1
     * @param places where its accounts go besides their line
     * @param names the list of what names of accounts mean here
     * @param checks of it
     * @param amended the box that makes it an amended one
     * @param closedOut treatments whose accounts close with the year
     */
    public record Parts(
            String title,
            List<Form> forms,
            ScheduleM1.Rows rows,
            Places places,
            String names,
            PassthroughChecks checks,
            LineId amended,
            Set<String> closedOut) {
        private TreatmentTable treatments() {
            return new TreatmentTable("undersaw/us/passthrough/treatments.csv", rows.ofTreatments());
        }

        private Definition definition(TreatmentTable treatments) {
            List<MapTarget> targets = targets(forms);
            return new Definition(
                    rows.form(),
                    title,
                    forms,
                    new PassthroughPostings(treatments, targets, places),
                    Suggestions.read(List.of(names), account -> Optional.empty(), targets),
                    checks.all(treatments),
                    checks.ofAccounts(treatments));
        }
    }

    /** Puts forms, treatments, suggestions and checks together. */
    protected PassthroughReturn(Parts parts) {
        this(parts, parts.treatments());
    }

    private PassthroughReturn(Parts parts, TreatmentTable treatments) {
        super(parts.definition(treatments));
        this.parts = parts;
        this.treatments = treatments;
    }

    @Override
    public Optional<AssetLaw> assetLaw() {
        return Optional.of(new FederalAssets());
    }

    @Override
    public final List<Station> stations() {
        return List.of(Station.values());
    }

    @Override
    public final DueDate due(Period period) {
        return DueDate.ofPassthrough(period);
    }

    @Override
    public final List<Treatment> treatments() {
        return treatments.all();
    }

    @Override
    public final Optional<Treatment> treatment(String id) {
        return treatments.find(id);
    }

    /** An account of a line that stands once may name an owner. */
    @Override
    public final Optional<Dimension> membersOf(Plan plan, LineId target) {
        return super.membersOf(plan, target).or(() -> Optional.of(OwnerRegister.ROWS));
    }

    @Override
    public final boolean isClosedOut(String treatment) {
        return parts.closedOut().contains(treatment);
    }

    @Override
    public final Optional<String> ownerStatement() {
        return Optional.of("K-1");
    }

    @Override
    public final Optional<LineId> amendedBox() {
        return Optional.of(parts.amended());
    }
}
