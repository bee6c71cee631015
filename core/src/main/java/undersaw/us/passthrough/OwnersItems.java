package undersaw.us.passthrough;

import static undersaw.form.formula.Formulas.sum;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.Section;
import undersaw.form.formula.Formula;
import undersaw.ledger.Side;
import undersaw.us.passthrough.ItemCodes.ItemCode;

/** A Schedule K: what the owners take up, each item by itself, with the boxes of Schedule K-1 (from memory). */
public abstract class OwnersItems extends Form {
    private final String codes;
    private final List<Boxed> boxed = new ArrayList<>();
    private final List<Line> incomeOfBooks = new ArrayList<>();
    private final List<Line> deductionsOfBooks = new ArrayList<>();
    private final List<Runnable> usualCodes = new ArrayList<>();

    /**
     * A line of Schedule K and the box that it fills.
     *
     * @param bySign whether its own sign decides between shares of profit and of loss, where these differ
     */
    public record Boxed(Line line, String box, boolean bySign) {}

    /**
     * Lines 3a to 3c.
     *
     * @param depreciation that is counted in the costs
     */
    public record OtherRental(Line gross, Line costs, Line depreciation, Line net) {}

    /**
     * The schedule of a return's form.
     *
     * @param codes the table of the codes of its lines
     */
    protected OwnersItems(String form, String codes) {
        super(form, "Schedule K");
        this.codes = codes;
    }

    /** Each line that is divided among the owners by what they hold, with its box on Schedule K-1. */
    public final List<Boxed> boxed() {
        return List.copyOf(boxed);
    }

    /** Lines of income that accounts or a person lead to. */
    public final List<Line> incomeOfBooks() {
        return List.copyOf(incomeOfBooks);
    }

    /** Lines of deduction that accounts or a person lead to. */
    public final List<Line> deductionsOfBooks() {
        return List.copyOf(deductionsOfBooks);
    }

    /** A line that its own sign divides. */
    protected final Line income(String box, Line line) {
        boxed.add(new Boxed(line, box, true));
        return line;
    }

    /** A line that the sign of the whole divides. */
    protected final Line deduction(String box, Line line) {
        boxed.add(new Boxed(line, box, false));
        return line;
    }

    /** Income that accounts alone lead to. */
    protected final Line ofBooks(String number, String caption) {
        return heldAsIncome(booksLine("K/" + number, caption, Side.CREDIT));
    }

    /** A deduction that accounts alone lead to. */
    protected final Line ofBooks(String number, String caption, String citation) {
        return heldAsDeduction(booksLine("K/" + number, caption, Side.DEBIT).cites(citation));
    }

    /** A line of income that Schedule M-1 holds against the books. */
    protected final Line heldAsIncome(Line line) {
        incomeOfBooks.add(line);
        return line;
    }

    /** The same for a deduction. */
    protected final Line heldAsDeduction(Line line) {
        deductionsOfBooks.add(line);
        return line;
    }

    /** Rental of other property than real estate. */
    protected final OtherRental otherRental() {
        section(Section.OTHER_INCOME);
        Line gross = ofBooks("3a", "Other gross rental income");
        section(Section.EXPENSES);
        Line costs = line("K/3b", "Expenses of other rental activities");
        Line depreciation = line("K/3b/depreciation", "Of this, depreciation");
        costs.fromBooksAnd(() -> sum(costs.fromAccounts(), depreciation));
        mappable(costs, Side.DEBIT);
        Line net = income("3", line("K/3c", "Other net rental income or loss").is(gross.minus(costs)));
        return new OtherRental(gross, costs, depreciation, net);
    }

    /** A gain that accounts lead to, and a form besides. */
    protected final Line gain(String number, String caption) {
        Line line = line("K/" + number, caption).cites("IRC 1222, 1231");
        mappable(line, Side.CREDIT);
        return line;
    }

    /**
     * Contributions: accounts go under the usual code, other codes are typed beside them.
     *
     * @param box of Schedule K-1, with the usual code
     */
    protected final Line gifts(String number, String caption, String box) {
        List<ItemCode> known = ItemCodes.of(codes, number);
        Line whole = line("K/" + number, caption);
        List<Line> typed = known.stream()
                .map(code -> line("K/" + number + "/" + code.code(), code.caption())
                        .cites("IRC 170(b)")
                        .aside())
                .toList();
        whole.fromBooksAnd(() -> whole.fromAccounts().plus(sum(typed)));
        mappable(whole, Side.DEBIT);
        for (int i = 1; i < typed.size(); i++) {
            deduction(box.replaceFirst("/.*", "/") + known.get(i).code(), typed.get(i));
        }
        Formula other = sum(typed.subList(1, typed.size()));
        usualCodes.add(() ->
                deduction(box, line("W-K/" + number, caption + ", usual code").is(whole.minus(other))));
        return heldAsDeduction(whole);
    }

    /** The worksheet of contributions under their usual codes, after all lines of the schedule. */
    protected final void giftsByCode() {
        part("W-K", "Contributions by code", "IRC 170(b)").worksheet();
        usualCodes.forEach(Runnable::run);
    }

    /** The lines of all codes of a box; accounts can be mapped to those that the table says. */
    protected final List<Line> codes(String number, String box, Side side) {
        List<Line> lines = new ArrayList<>();
        for (ItemCode code : ItemCodes.of(codes, number)) {
            String within = "K/" + number + "/" + code.code();
            Line line = code.books() ? booksLine(within, code.caption(), side) : line(within, code.caption());
            boxed.add(new Boxed(line.aside(), box + "/" + code.code(), side == Side.CREDIT));
            lines.add(line);
        }
        return lines;
    }

    /** That of several lines which a code ends. */
    protected static Line coded(List<Line> lines, String code) {
        return lines.stream()
                .filter(line -> line.id().text().endsWith("/" + code))
                .findFirst()
                .orElseThrow();
    }

    /** Credits of rental property, a to e. */
    protected final void rentalCredits(String number) {
        lettered(
                number,
                'C',
                List.of(
                        "Low-income housing credit, section 42(j)(5)",
                        "Low-income housing credit, other",
                        "Rehabilitation expenditures, rental real estate",
                        "Other rental real estate credits",
                        "Other rental credits"));
    }

    /**
     * Items of the alternative minimum tax, a to f.
     *
     * @param depreciation of the regular tax above that of the minimum tax
     * @param gain of the minimum tax above that of the regular tax
     */
    protected final void preferenceItems(String number, Supplier<Formula> depreciation, Supplier<Formula> gain) {
        List<Line> items = lettered(
                number,
                'A',
                List.of(
                        "Depreciation adjustment of property placed in service after 1986",
                        "Adjusted gain or loss",
                        "Depletion, other than oil and gas",
                        "Oil, gas and geothermal property: gross income",
                        "Oil, gas and geothermal property: deductions",
                        "Other items of the minimum tax"));
        items.forEach(line -> line.cites("IRC 56, 57"));
        items.get(0).is(depreciation);
        items.get(1).is(gain);
    }

    /** Lines with letters from a, whose boxes have letters from another one. */
    private List<Line> lettered(String number, char first, List<String> captions) {
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < captions.size(); i++) {
            lines.add(deduction(
                    number + "/" + (char) (first + i), line("K/" + number + (char) ('a' + i), captions.get(i))));
        }
        return lines;
    }

    /** Whether foreign schedules go with the return, or may be left out. */
    protected final void foreignSchedules(String number) {
        line("K/" + number, "Schedule K-2 is attached").as(LineKind.BOX);
        line("K-2/exception", "Schedules K-2 and K-3 may be left out").as(LineKind.YES_NO);
    }
}
