package undersaw.files.sheet;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import undersaw.calc.Calculation;
import undersaw.form.Line;
import undersaw.form.formula.Cells;
import undersaw.form.formula.Counted;
import undersaw.form.formula.Division;
import undersaw.form.formula.Total;
import undersaw.form.formula.Worked;
import undersaw.form.formula.YearSpan;
import undersaw.law.LawKey;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;

/** Where each figure stands in the exported workbook. */
final class WorkbookCells implements Cells {
    private static final int MILLIONTHS = 6;

    static final String POSTINGS = "Postings";
    static final String ROWS = "Rows";
    static final String PAYMENTS = "Payments";
    static final String CARRYOVERS = "Carryovers";
    static final String LAW = "Law";

    private final Map<LineId, String> lines = new HashMap<>();
    private final Map<LineId, String> computed = new HashMap<>();
    private final Map<LawKey, Integer> lawRows = new HashMap<>();
    private final Map<String, Integer> lastRows = new HashMap<>();
    private final Map<LineKey, String> rows = new HashMap<>();
    private final Map<Total, String> parts = new HashMap<>();
    private final Map<LineId, String> blanks = new HashMap<>();
    private final Calculation calculation;
    private final int returnYear;
    private @Nullable LineKey place;
    private int decimals;
    private boolean isAmount;

    WorkbookCells(Calculation calculation) {
        this.calculation = calculation;
        returnYear = calculation.plan().year();
    }

    void putLine(LineId line, String sheet, int row, boolean replaced) {
        lines.put(line, "'" + sheet + "'!$C$" + (row + 1));
        computed.put(line, "'" + sheet + "'!" + (replaced ? "$D$" : "$C$") + (row + 1));
    }

    /** A cell of a list; what stands there when a row leaves it empty is a zero or no words. */
    void putRow(LineKey key, int at) {
        rows.put(key, ROWS + "!$C$" + (at + 1));
    }

    void putColumn(Line line) {
        blanks.put(line.id(), line.kind().isNumber() ? "0" : "\"\"");
    }

    /** A total of which some members only count: what each of them brings has rows of its own. */
    String putParts(Total total) {
        return parts.computeIfAbsent(total, unused -> total.line() + " [" + (parts.size() + 1) + "]");
    }

    /** From here on, expressions are rounded to the unit of this line. */
    void write(Line line) {
        decimals = line.unit().decimals();
        isAmount = line.kind().isNumber();
    }

    /** From here on, columns of lists mean the row of this place. */
    void enter(LineKey key) {
        place = key;
    }

    /** From here on, expressions stand outside of all lists. */
    void leave() {
        place = null;
    }

    /** The row that a line means here; empty where it stands once, or expressions stand outside of all lists. */
    private String row(LineId line) {
        Optional<Line> read = calculation.plan().line(line);
        return place == null || read.isEmpty()
                ? ""
                : calculation.read(place, read.get()).instance();
    }

    void putLaw(LawKey key, int row) {
        lawRows.put(key, row + 1);
    }

    /** Bounds the lists, so that an evaluator need not look at whole columns. */
    void putLastRow(String sheet, int row) {
        lastRows.put(sheet, row + 1);
    }

    @Override
    public String of(LineId line) {
        String row = row(line);
        return row.isEmpty() || !blanks.containsKey(line)
                ? lines.get(line)
                : rows.getOrDefault(line.in(row), blanks.get(line));
    }

    @Override
    public String unreplaced(LineId line) {
        return computed.get(line);
    }

    /** Accounts that feed a row are posted to its own place. */
    @Override
    public String posted(LineId line) {
        String row = row(line);
        String fed = row.isEmpty() ? line.text() : line.in(row).toString();
        return rounded("ROUND(" + sumOf(POSTINGS, "C", "B", fed) + ",2)");
    }

    @Override
    public String total(Total total) {
        return rounded(
                sumOf(ROWS, "C", "A", parts.getOrDefault(total, total.line().text())));
    }

    @Override
    public String paid(PaymentKind kind) {
        return rounded("ROUND(" + sumOf(PAYMENTS, "C", "B", kind.word()) + ",2)");
    }

    @Override
    public String carried(CarryoverKind kind, YearSpan years) {
        int oldest = Math.max(returnYear - years.oldest(), years.since());
        int newest = Math.min(returnYear - years.newest(), years.before() - 1);
        String year = column(CARRYOVERS, "B");
        return rounded("SUMIFS(" + column(CARRYOVERS, "C") + "," + column(CARRYOVERS, "A") + ",\"" + kind.word() + "\","
                + year + ",\">=" + oldest + "\"," + year + ",\"<=" + newest + "\")");
    }

    @Override
    public String worked(Worked formula) {
        return formula.value(calculation.seenFrom(place)).toString();
    }

    @Override
    public String rounded(String expression) {
        return "ROUND(" + expression + "," + decimals + ")";
    }

    @Override
    public String counted(Counted count) {
        return String.valueOf(count.value(calculation.seenFrom(place)));
    }

    @Override
    public String divided(Division division) {
        String member = place == null ? "" : calculation.member(place, division.members());
        long number = calculation.part(division, member);
        return isAmount
                ? Money.ofCents(number).toString()
                : BigDecimal.valueOf(number, MILLIONTHS).toPlainString();
    }

    @Override
    public String law(LawKey key) {
        return LAW + "!$B$" + lawRows.get(key);
    }

    private String sumOf(String sheet, String amounts, String keys, String key) {
        return "SUMIFS(" + column(sheet, amounts) + "," + column(sheet, keys) + ",\"" + key + "\")";
    }

    private String column(String sheet, String letter) {
        return sheet + "!$" + letter + "$2:$" + letter + "$" + Math.max(2, lastRows.getOrDefault(sheet, 2));
    }
}
