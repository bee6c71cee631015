package undersaw.returns;

import java.util.List;
import java.util.Optional;
import undersaw.assets.AssetLaw;
import undersaw.calc.Calculation;
import undersaw.calc.Plan;
import undersaw.check.AccountCheck;
import undersaw.check.Check;
import undersaw.check.Examination;
import undersaw.check.TieOut;
import undersaw.engagement.Change;
import undersaw.engagement.Heading;
import undersaw.engagement.Station;
import undersaw.form.Line;
import undersaw.form.MapTarget;
import undersaw.law.calendar.DueDate;
import undersaw.law.calendar.Period;
import undersaw.ledger.Carryover;
import undersaw.ledger.StatementKind;
import undersaw.ledger.Treatment;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.suggestions.Suggestions;

/** One kind of return: its forms, treatments, suggestions and checks. */
public interface ReturnKind {
    /** The form's code, such as {@code 1120}. */
    String code();

    /** The return's name on screen. */
    String title();

    /** The stations that an engagement of this kind passes, in order. */
    List<Station> stations();

    /**
     * The lines in order for a year.
     *
     * @throws IllegalArgumentException when the law of the year is not held
     */
    Plan plan(int year);

    /** First and last year of which the form is held. */
    YearRange years();

    DueDate due(Period period);

    List<Treatment> treatments();

    Suggestions suggestions();

    /** The checks that look at the return as a whole. */
    List<Check> checks();

    /** The checks that look at one account at a time. */
    List<AccountCheck> accountChecks();

    List<TieOut> tieOuts(Examination examination);

    /** Book income, taxable income or its like, and what is owed or overpaid. */
    List<Vital> vitals(Calculation calculation);

    /** Where the books and the return meet. */
    BookLines bookLines();

    /** What this year leaves to the years that follow, by year of origin. */
    List<Carryover> carriedForward(Calculation calculation);

    /** What the registers hold and the return's own lists ask for too, where those lists lack it. */
    default Optional<Change.FactsSet> fromRegisters(Calculation calculation) {
        return Optional.empty();
    }

    /** Each year of origin of what earlier years left, with its use in this year. */
    default List<CarryoverYear> carryoverYears(Calculation calculation) {
        return List.of();
    }

    /** Whether the return takes the place of one that was accepted. */
    default boolean isAmended(Calculation calculation) {
        return amendedBox().filter(box -> calculation.answer(box).equals("yes")).isPresent();
    }

    /** Whether more time to file was asked for. */
    default boolean isExtended(Calculation calculation) {
        return calculation.snapshot().heading().is(Heading.Flag.EXTENDED);
    }

    /** The line that makes the return an amended one; nothing where another form does. */
    default Optional<LineId> amendedBox() {
        return Optional.empty();
    }

    /** The instalments of this year's estimated tax; none where the return has none. */
    default List<Instalment> instalments(Calculation calculation) {
        return List.of();
    }

    /** The instalments that next year's estimated tax calls for. */
    default List<Instalment> instalmentsOfNextYear(Calculation calculation) {
        return List.of();
    }

    /** Federal tax on the books against the return's; nothing where the books have no accounts for it. */
    default Optional<BookedTax> bookedTax(Calculation calculation) {
        return Optional.empty();
    }

    /** Whose members an account of that line may name; none where the line stands once and belongs to nobody. */
    default Optional<Dimension> membersOf(Plan plan, LineId target) {
        return plan.target(target).map(MapTarget::closing).flatMap(plan::line).flatMap(Line::scope);
    }

    /**
     * The part that stands once an owner and tells each what to take up; nothing where the return has no owners. Its
     * addresses name the box, and the code within it where there is one.
     */
    default Optional<String> ownerStatement() {
        return Optional.empty();
    }

    /** How its law writes off what stands in the register of assets; nothing where it does not. */
    default Optional<AssetLaw> assetLaw() {
        return Optional.empty();
    }

    /** Whether accounts under the treatment are closed into retained earnings with the year, as distributions are. */
    default boolean isClosedOut(String treatment) {
        return false;
    }

    /** Whether accounts of that place need a treatment: all of income and expense, and some of the balance sheet. */
    default boolean asksTreatment(MapTarget target) {
        return target.statement() == StatementKind.INCOME_STATEMENT
                || treatments().stream().anyMatch(target::takes);
    }

    /** The treatment of that name, under its own or a former id. */
    default Optional<Treatment> treatment(String id) {
        String wanted = id.isEmpty() ? "full" : id;
        return treatments().stream().filter(each -> each.id().equals(wanted)).findFirst();
    }

    /**
     * Years of which a form is held.
     *
     * @param first first year
     * @param last last year
     */
    record YearRange(int first, int last) {
        public boolean contains(int year) {
            return year >= first && year <= last;
        }

        @Override
        public String toString() {
            return first + " to " + last;
        }
    }

    /**
     * A figure that follows every edit at the head of the engagement.
     *
     * @param caption what it is
     * @param line where it stands
     */
    record Vital(String caption, LineId line) {}
}
