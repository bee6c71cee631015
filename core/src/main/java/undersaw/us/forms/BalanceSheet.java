package undersaw.us.forms;

import static undersaw.form.formula.Formulas.rounding;
import static undersaw.form.formula.Formulas.sum;

import java.util.List;
import java.util.function.Function;
import undersaw.form.BalanceRow;
import undersaw.form.BalanceRow.YearEnd;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.Section;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Reference;
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

    /** The schedule of a return's form. */
    protected BalanceSheet(String form) {
        super(form, "Schedule L");
    }

    /** The lines of several rows at one end of the year. */
    protected static List<Line> at(List<BalanceRow> rows, YearEnd end) {
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
    public record Half(String number, String caption, Section section) {}

    /** Gross amounts in columns a and c; the net of the pair in columns b and d of the lower row. */
    protected final BalanceRow pair(Half gross, Half less) {
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
    protected final BalanceRow total(String number, String caption, Function<YearEnd, Formula> rule) {
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
     * The worksheet lines that find the rounding; their part is begun before.
     *
     * @param where it is put, in a sentence
     * @param difference assets less liabilities and equity before rounding
     */
    protected final void putRounding(String where, Function<YearEnd, Formula> difference) {
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
