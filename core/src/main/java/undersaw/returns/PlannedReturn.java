package undersaw.returns;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import undersaw.calc.Calculation;
import undersaw.calc.Plan;
import undersaw.calc.PostingRule;
import undersaw.check.AccountCheck;
import undersaw.check.Check;
import undersaw.form.Form;
import undersaw.form.MapTarget;
import undersaw.law.Law;
import undersaw.ledger.Carryover;
import undersaw.suggestions.Suggestions;

/** A return put together once from its definitions; the plan of a year is made when it is first asked for. */
public abstract class PlannedReturn implements ReturnKind {
    private final Definition definition;
    private final Map<Integer, Plan> plans = new ConcurrentHashMap<>();

    /**
     * What a return is made of.
     *
     * @param code the form's code
     * @param title what the return is, in words
     * @param forms every form of it
     * @param postings where accounts lead
     * @param suggestions what names of accounts mean here
     * @param checks those of figures
     * @param accountChecks those of accounts
     */
    public record Definition(
            String code,
            String title,
            List<Form> forms,
            PostingRule postings,
            Suggestions suggestions,
            List<Check> checks,
            List<AccountCheck> accountChecks) {}

    /** Keeps what it is made of. */
    protected PlannedReturn(Definition definition) {
        this.definition = definition;
    }

    /** The places of these forms that accounts can be mapped to. */
    protected static List<MapTarget> targets(List<Form> forms) {
        return forms.stream().map(Form::targets).flatMap(List::stream).toList();
    }

    @Override
    public final String code() {
        return definition.code();
    }

    @Override
    public final String title() {
        return definition.title();
    }

    @Override
    public final Plan plan(int year) {
        return plans.computeIfAbsent(
                year, each -> new Plan(Law.of(each).year(), definition.forms(), definition.postings()));
    }

    @Override
    public YearRange years() {
        return new YearRange(2024, 2025);
    }

    @Override
    public final Suggestions suggestions() {
        return definition.suggestions();
    }

    @Override
    public final List<Check> checks() {
        return definition.checks();
    }

    @Override
    public final List<AccountCheck> accountChecks() {
        return definition.accountChecks();
    }

    @Override
    public List<Carryover> carriedForward(Calculation calculation) {
        return List.of();
    }
}
