package undersaw.us.forms;

import static undersaw.form.formula.Formulas.rounding;
import static undersaw.form.formula.Formulas.sum;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import undersaw.form.BalanceRow;
import undersaw.form.BalanceRow.YearEnd;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.Section;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Reference;
import undersaw.form.formula.Term;
import undersaw.ledger.Side;
import undersaw.line.LineId;

/**
 * Schedule L, balance sheets per books (2024 forms, from memory).
 *
 * <p>Columns a and c hold gross amounts, b and d net ones. A difference of up to five dollars, left by rounding each
 * line, is put to one row.
 */
public abstract class BalanceSheet extends Form {
    private static final long ROUNDING_UP_TO = 5;

    private final List<BalanceRow> assets = new ArrayList<>();
    private final List<BalanceRow> rightSide = new ArrayList<>();
    private final Layout layout;

    /** The sum of the assets; there once the right side begins. */
    public final BalanceRow totalAssets;

    /**
     * How a form numbers and names its rows.
     *
     * @param form the form's code
     * @param owners what its owners are called
     * @param assets the numbers of the rows of assets, in their order
     * @param totalAssets the number of their sum
     * @param allLiabilities what the right side comes to, in words
     */
    public record Layout(String form, String owners, List<String> assets, String totalAssets, String allLiabilities) {
        /** That of corporations. */
        public static Layout ofCorporation(String form) {
            return new Layout(
                    form,
                    "shareholders",
                    List.of(
                            "1", "2a", "2b", "3", "4", "5", "6", "7", "8", "9", "10a", "10b", "11a", "11b", "12", "13a",
                            "13b", "14"),
                    "15",
                    "Total liabilities and shareholders' equity");
        }
    }

    /**
     * The schedule of a return's form as far as the total of assets.
     *
     * @param layout its numbers and words
     * @param excused the answer with which the schedule need not be given
     */
    protected BalanceSheet(Layout layout, Supplier<Condition> excused) {
        super(layout.form(), "Schedule L");
        this.layout = layout;
        part("L", "Schedule L: balance sheets per books", "Instructions for Form " + layout.form() + ", Schedule L")
                .excusedWhen(excused);
        assets(layout.assets().iterator());
        totalAssets = total(layout.totalAssets(), "Total assets", end -> sum(at(assets, end)));
    }

    private void assets(Iterator<String> numbers) {
        section(Section.CASH);
        assets.add(row(numbers.next(), "Cash", Side.DEBIT));
        assets.add(pair(
                new Half(numbers.next(), "Trade notes and accounts receivable", Section.RECEIVABLES),
                new Half(numbers.next(), "Less allowance for bad debts", Section.RECEIVABLES)));
        section(Section.CURRENT_ASSETS);
        assets.add(row(numbers.next(), "Inventories", Side.DEBIT));
        assets.add(row(numbers.next(), "US government obligations", Side.DEBIT));
        assets.add(row(numbers.next(), "Tax-exempt securities", Side.DEBIT));
        assets.add(statement(numbers.next(), "Other current assets", Side.DEBIT));
        section(Section.OTHER_ASSETS);
        assets.add(row(numbers.next(), "Loans to " + layout.owners(), Side.DEBIT));
        assets.add(row(numbers.next(), "Mortgage and real estate loans", Side.DEBIT));
        assets.add(statement(numbers.next(), "Other investments", Side.DEBIT));
        assets.add(pair(
                new Half(numbers.next(), "Buildings and other depreciable assets", Section.FIXED_ASSETS),
                new Half(numbers.next(), "Less accumulated depreciation", Section.ACCUMULATED)));
        assets.add(pair(
                new Half(numbers.next(), "Depletable assets", Section.FIXED_ASSETS),
                new Half(numbers.next(), "Less accumulated depletion", Section.ACCUMULATED)));
        section(Section.FIXED_ASSETS);
        assets.add(row(numbers.next(), "Land", Side.DEBIT));
        assets.add(pair(
                new Half(numbers.next(), "Intangible assets", Section.INTANGIBLES),
                new Half(numbers.next(), "Less accumulated amortization", Section.ACCUMULATED_AMORTIZATION)));
        section(Section.OTHER_ASSETS);
        assets.add(statement(numbers.next(), "Other assets", Side.DEBIT));
    }

    /** Loans of owners, long borrowings, and other liabilities, by their numbers. */
    protected final void owedForLonger(String loans, String borrowings, String other) {
        section(Section.BORROWINGS);
        right(row(loans, "Loans from " + layout.owners(), Side.CREDIT));
        right(row(borrowings, "Mortgages, notes, bonds payable in 1 year or more", Side.CREDIT));
        section(Section.OTHER_LIABILITIES);
        right(statement(other, "Other liabilities", Side.CREDIT));
    }

    /** What is owed within a year, by its numbers. */
    protected final void owedSoon(String payable, String borrowings) {
        section(Section.CURRENT_LIABILITIES);
        right(row(payable, "Accounts payable", Side.CREDIT));
        section(Section.BORROWINGS);
        right(row(borrowings, "Mortgages, notes, bonds payable in less than 1 year", Side.CREDIT));
        section(Section.CURRENT_LIABILITIES);
    }

    /** A row of liabilities or equity, in the order of the form. */
    protected final BalanceRow right(BalanceRow row) {
        rightSide.add(row);
        return row;
    }

    /**
     * The total of the right side, and the worksheet that finds what rounding leaves.
     *
     * @param number the total's line
     * @param less treasury stock, taken off; null where there is none
     * @param rounded the row that takes what rounding leaves
     */
    protected final BalanceRow close(String number, @Nullable BalanceRow less, BalanceRow rounded) {
        BalanceRow total = total(number, layout.allLiabilities(), end -> without(less, sum(at(rightSide, end)), end));
        part(
                        "W-L",
                        "Rounding of the balance sheet",
                        "Instructions for Form " + code() + ", Rounding Off to Whole Dollars")
                .worksheet();
        String within = rounded.id().within();
        putRounding(
                "line " + within.substring(within.indexOf('/') + 1),
                end -> totalAssets.at(end).minus(without(less, before(rounded, end), end)));
        return total;
    }

    private static Formula without(@Nullable BalanceRow less, Formula sum, YearEnd end) {
        return less == null ? sum : sum.minus(less.at(end));
    }

    private Formula before(BalanceRow rounded, YearEnd end) {
        List<Term> parts = new ArrayList<>();
        for (BalanceRow row : rightSide) {
            parts.add(row.equals(rounded) ? row.at(end).fromAccounts() : row.at(end));
        }
        return sum(parts);
    }

    /** The lines of several rows at one end of the year. */
    private static List<Line> at(List<BalanceRow> rows, YearEnd end) {
        return rows.stream().map(row -> row.at(end)).toList();
    }

    private LineId id(String number) {
        return LineId.of(code() + "/L/" + number);
    }

    /** A row that accounts are mapped to, in columns b and d. */
    protected final BalanceRow row(String number, String caption, Side side) {
        return accounts(number, caption, side, "b", "d");
    }

    /** The same with an itemised statement. */
    protected final BalanceRow statement(String number, String caption, Side side) {
        BalanceRow row = row(number, caption, side);
        row.opening().withStatement();
        row.closing().withStatement();
        return row;
    }

    /** A row that accounts are mapped to, in columns a and c. */
    protected final BalanceRow columns(String number, String caption, Side side) {
        return accounts(number, caption, side, "a", "c");
    }

    private BalanceRow accounts(String number, String caption, Side side, String... columns) {
        BalanceRow row = new BalanceRow(
                id(number),
                caption,
                line("L/" + number + "/" + columns[0], caption).fromBooks(),
                line("L/" + number + "/" + columns[1], caption).fromBooks());
        mappable(row, side);
        return row;
    }

    /** A row of a pair: the gross amount, or what is taken off it. */
    private record Half(String number, String caption, Section section) {}

    /** Gross amounts in columns a and c; the net of the pair in columns b and d of the lower row. */
    private BalanceRow pair(Half gross, Half less) {
        section(gross.section());
        BalanceRow upper = columns(gross.number(), gross.caption(), Side.DEBIT);
        section(less.section());
        BalanceRow lower = columns(less.number(), less.caption(), Side.CREDIT);
        String net = gross.caption() + ", net";
        return found(less.number(), net, end -> upper.at(end).minus(lower.at(end)));
    }

    /** A row that a rule finds, in columns b and d. */
    protected final BalanceRow found(String number, String caption, Function<YearEnd, Formula> rule) {
        return new BalanceRow(
                id(number),
                caption,
                line("L/" + number + "/b", caption).is(() -> rule.apply(YearEnd.OPENING)),
                line("L/" + number + "/d", caption).is(() -> rule.apply(YearEnd.CLOSING)));
    }

    /** The same for a total, which is printed though it be nothing. */
    private BalanceRow total(String number, String caption, Function<YearEnd, Formula> rule) {
        BalanceRow row = found(number, caption, rule);
        row.closing().always();
        return row;
    }

    /** The row that takes what rounding leaves. */
    protected final BalanceRow rounded(String number, String caption, Side side) {
        BalanceRow row = new BalanceRow(
                id(number),
                caption,
                roundedLine(number + "/b", caption, YearEnd.OPENING),
                roundedLine(number + "/d", caption, YearEnd.CLOSING));
        mappable(row, side);
        return row;
    }

    private Line roundedLine(String within, String caption, YearEnd end) {
        Line line = line("L/" + within, caption);
        return line.fromBooksAnd(
                () -> sum(line.fromAccounts(), new Reference(LineId.of(code() + "/" + roundingPlace(end)))));
    }

    /**
     * The worksheet lines that find the rounding.
     *
     * @param where it is put, in a sentence
     * @param difference assets less liabilities and equity before rounding
     */
    private void putRounding(String where, Function<YearEnd, Formula> difference) {
        for (YearEnd end : YearEnd.values()) {
            Line before = line("W-L/" + place(end), "Assets less liabilities and equity before rounding, " + name(end))
                    .is(() -> difference.apply(end));
            line(roundingPlace(end), "Rounding put to " + where + ", " + name(end))
                    .is(rounding(before, ROUNDING_UP_TO));
        }
    }

    private static String place(YearEnd end) {
        return end == YearEnd.OPENING ? "1" : "3";
    }

    private static String roundingPlace(YearEnd end) {
        return "W-L/" + (end == YearEnd.OPENING ? "2" : "4");
    }

    private static String name(YearEnd end) {
        return end == YearEnd.OPENING ? "beginning of year" : "end of year";
    }
}
