package undersaw.us.forms;

import static undersaw.form.formula.Formulas.law;
import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.proportion;
import static undersaw.form.formula.Formulas.sum;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Set;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Counted;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.line.LineId;
import undersaw.us.depreciation.DepreciationLaw;

/**
 * Costs before a business begins or a corporation is organized, in their first year: a part at once, the rest over 180
 * months (IRC 195(b), 248(a); from memory). Later years run on line 43 of Form 4562.
 */
public final class FirstYearCosts extends Form {
    private static final int MONTHS = 180;

    public final Line costs;
    public final Line atOnce;
    public final Line amortized;
    public final Line deducted;

    /**
     * Which costs.
     *
     * @param form the code of the return's form
     * @param code of the worksheet
     * @param title their name
     * @param treatment the treatment of their accounts
     * @param citation their law
     */
    public record Costs(String form, String code, String title, String treatment, String citation) {}

    /** The worksheet within a return. */
    public FirstYearCosts(Costs of) {
        super(of.form(), of.title());
        String code = of.code();
        part(code, of.title(), of.citation()).worksheet().neededWhen(() -> costs().isNotZero());
        costs = line(code + "/1", of.title() + " of the year").fromBooks();
        Line begun = line(LineId.of("TREAT/" + of.treatment() + "/begun"), "Date on which business began")
                .as(LineKind.DATE)
                .ofTheYear();
        Line cut = line(code + "/cut", "Costs above the threshold")
                .is(costs.minus(law(DepreciationLaw.FIRST_YEAR_THRESHOLD)).notBelowZero());
        atOnce = line(code + "/2", "Deducted at once")
                .is(least(
                        costs, law(DepreciationLaw.FIRST_YEAR_COSTS).minus(cut).notBelowZero()));
        Line rest = line(code + "/3", "To be amortized").is(costs.minus(atOnce));
        Line months = line(code + "/4", "Months of business in the year")
                .isCount(() -> new Counted(new MonthsOfBusiness(begun.id(), costs.id())));
        amortized = line(code + "/5", "Amortization of the year").is(proportion(rest, months.count(), MONTHS));
        deducted = line(code + "/6", "Deducted this year").is(sum(atOnce, amortized));
        line(code + "/7", "Left for later years").is(costs.minus(deducted));
    }

    private Line costs() {
        return costs;
    }

    /** Months from the one in which business begins to the end of the year, both counted; none without a date. */
    private record MonthsOfBusiness(LineId begun, LineId costs) implements Counted.Way {
        @Override
        public long value(Figures figures) {
            String date = figures.answer(begun);
            LocalDate end = figures.period().end();
            if (date.isEmpty() || LocalDate.parse(date).isAfter(end)) {
                return 0;
            }
            LocalDate first = LocalDate.parse(date).withDayOfMonth(1);
            return ChronoUnit.MONTHS.between(first, end) + 1;
        }

        @Override
        public String words() {
            return "months from line " + begun + " to the end of the year, for the costs on line " + costs;
        }

        @Override
        public Set<Input> reads() {
            return Set.of(new Input.OfLine(begun), new Input.OfLine(costs), new Input.OfHeading());
        }
    }
}
