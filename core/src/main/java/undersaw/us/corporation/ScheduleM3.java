package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.rounding;
import static undersaw.form.formula.Formulas.sum;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Formula;

/**
 * Schedule M-3: net income of the financial statements to taxable income, Parts I to III, for corporations with assets
 * of 10 million or more; columns a books, b temporary and c permanent difference, d return (2024 form, from memory).
 */
final class ScheduleM3 extends Form {
    private static final long ROUNDING_UP_TO = 10;
    private static final List<String> COLUMNS = List.of("a", "b", "c", "d");

    private final CorporationForms all;
    private final Map<String, Columns> rows = new LinkedHashMap<>();
    final Line bookIncome;
    private final Line roundingOfBooks;
    private final Line roundingOfReturn;

    /** The four columns of a row. */
    private record Columns(Line a, Line b, Line c, Line d) {
        Line at(String column) {
            return switch (column) {
                case "a" -> a;
                case "b" -> b;
                case "c" -> c;
                default -> d;
            };
        }
    }

    ScheduleM3(CorporationForms all) {
        super("1120", "Schedule M-3");
        this.all = all;
        bookIncome = financialStatements();
        part("M-3-II", "Schedule M-3, Part II: income items", "Instructions for Schedule M-3 (Form 1120), Part II")
                .neededWhen(this::isDue)
                .foundOnlyThen();
        List<M3Rows.Row> table = M3Rows.rows().all();
        table.stream().filter(M3Rows.Row::isIncome).forEach(this::row);
        total("II/26", "Total income items", "II/");
        expensesInAll();
        Columns plain = new Columns(
                line("M-3/II/28/a", "Other items with no differences").fromBooks(),
                line("M-3/II/28/b", "Other items with no differences").is(NOTHING),
                line("M-3/II/28/c", "Other items with no differences").is(NOTHING),
                line("M-3/II/28/d", "Other items with no differences").fromBooks());
        rows.put("II/28", plain);
        for (String column : COLUMNS) {
            line("M-3/II/30/" + column, "Net income, lines 26 to 28")
                    .is(() -> sum(at("II/26", column), at("II/27", column), at("II/28", column)))
                    .always();
        }
        part("M-3-III", "Schedule M-3, Part III: expense items", "Instructions for Schedule M-3 (Form 1120), Part III")
                .neededWhen(this::isDue)
                .foundOnlyThen();
        table.stream().filter(row -> !row.isIncome()).forEach(this::row);
        total("III/39", "Total expense items", "III/");
        part("W-M3", "Rounding of Schedule M-3", "Instructions for Form 1120, Rounding Off to Whole Dollars")
                .worksheet()
                .neededWhen(this::isDue)
                .foundOnlyThen();
        roundingOfBooks = line("W-M3/1", "Rounding of the books")
                .is(() -> rounding(bookIncome.minus(unrounded("a")), ROUNDING_UP_TO));
        roundingOfReturn = line("W-M3/2", "Rounding of the return")
                .is(() -> rounding(all.page1.incomeBeforeLosses.minus(unrounded("d")), ROUNDING_UP_TO));
    }

    /** Asked of the box on page 1, so that assets move nothing here unless they cross the amount that calls for it. */
    Condition isDue() {
        return all.page1.reconciliation.answered("yes");
    }

    private Line financialStatements() {
        part("M-3", "Schedule M-3, Part I: financial statements", "Instructions for Schedule M-3 (Form 1120), Part I")
                .neededWhen(this::isDue)
                .foundOnlyThen();
        asked("1a", "A Form 10-K was filed for the year");
        asked("1b", "An audited income statement was prepared");
        asked("1c", "An income statement was prepared");
        asked("2b", "The income statement was restated for the year");
        asked("2c", "An income statement of one of the five years before was restated");
        asked("3a", "Some of its voting stock is publicly traded");
        line("M-3/I/3b", "Symbol of the primary class").as(LineKind.TEXT);
        Line worldwide = line("M-3/I/4a", "Worldwide consolidated net income").is(() -> all.scheduleM1.bookIncome);
        line("M-3/I/4b", "Accounting standard used")
                .as(LineKind.TEXT)
                .oneOf("GAAP", "IFRS", "statutory", "tax basis", "other");
        List<Line> adjustments = List.of(
                line("M-3/I/5a", "Net income of foreign entities not included"),
                line("M-3/I/5b", "Net loss of foreign entities not included"),
                line("M-3/I/6a", "Net income of United States entities not included"),
                line("M-3/I/6b", "Net loss of United States entities not included"),
                line("M-3/I/7a", "Net income of other foreign disregarded entities"),
                line("M-3/I/7b", "Net income of other United States disregarded entities"),
                line("M-3/I/7c", "Net income of other entities included"),
                line("M-3/I/8", "Adjustment to eliminations"),
                line("M-3/I/9", "Adjustment to the period of the income statement"),
                line("M-3/I/10a", "Intercompany dividend adjustments"),
                line("M-3/I/10b", "Other statutory accounting adjustments"),
                line("M-3/I/10c", "Other adjustments"));
        List<Line> combined = new ArrayList<>(List.of(worldwide));
        combined.addAll(adjustments);
        return line("M-3/I/11", "Net income of the corporations of the return")
                .is(sum(combined))
                .always();
    }

    private void asked(String number, String question) {
        line("M-3/I/" + number, question).as(LineKind.YES_NO);
    }

    private Line at(String row, String column) {
        return rows.get(row).at(column);
    }

    /** What the books bring, and what other forms find where they do not. */
    private void row(M3Rows.Row row) {
        String number = "M-3/" + row.number() + "/";
        Line a = line(number + "a", row.caption());
        Line b = line(number + "b", row.caption());
        Line c = line(number + "c", row.caption()).fromBooks();
        Line d = line(number + "d", row.caption());
        rows.put(row.number(), new Columns(a, b, c, d));
        switch (row.number()) {
            case "II/17" -> foundElsewhere(row, NOTHING, NOTHING.minus(costWithoutDepreciation()));
            case "II/23a" -> {
                a.fromBooksAnd(() -> sum(a.fromAccounts(), all.differences.disposals, all.differences.capitalGains));
                b.is(() -> NOTHING.minus(a));
                d.is(NOTHING);
            }
            case "II/23b" -> foundElsewhere(row, NOTHING, all.page1.capitalGain.asFormula());
            case "II/23d" -> foundElsewhere(row, NOTHING, all.page1.businessPropertyGain.asFormula());
            case "III/19" -> foundElsewhere(row, all.charity.gifts.asFormula(), all.page1.charity.asFormula());
            case "III/27" -> foundElsewhere(row, all.differences.firstYearCosts(), all.differences.firstYearDeducted());
            case "III/28" ->
                foundElsewhere(row, all.differences.amortization.asFormula(), all.differences.runningAmortization());
            case "III/31" ->
                foundElsewhere(row, all.differences.depreciation.asFormula(), all.form4562.depreciation.asFormula());
            default -> {
                boolean otherIncome = row.number().equals("II/25");
                a.fromBooksAnd(() -> otherIncome ? sum(a.fromAccounts(), roundingOfBooks) : a.fromAccounts());
                b.fromBooksAnd(() -> sum(b.fromAccounts(), notFromAccounts(row.number())));
                d.is(sum(a, b, c));
            }
        }
    }

    /** Differences that no account brings: figures typed over the books, and rounding. */
    private Formula notFromAccounts(String row) {
        return switch (row) {
            case "II/25" ->
                sum(
                        all.differences.incomeTypedAbove.minus(all.differences.incomeTypedBelow),
                        roundingOfReturn.minus(roundingOfBooks));
            case "III/8" -> all.differences.interestMoved();
            case "III/38" -> all.differences.deductionsTyped();
            default -> NOTHING;
        };
    }

    /** The return's figure stands on another form; what is no permanent difference is a temporary one. */
    private void foundElsewhere(M3Rows.Row row, Formula books, Formula onReturn) {
        Columns columns = rows.get(row.number());
        columns.a().fromBooksAnd(() -> sum(columns.a().fromAccounts(), books));
        columns.d().is(onReturn);
        columns.b().is(() -> columns.d().minus(sum(columns.a(), columns.c())));
    }

    private Formula costWithoutDepreciation() {
        return all.page1.costOfSales.minus(sum(all.form4562.depreciationInCost, all.form4562.amortizationInCost));
    }

    private void total(String number, String caption, String head) {
        List<Columns> added = rows.entrySet().stream()
                .filter(each -> each.getKey().startsWith(head))
                .map(Map.Entry::getValue)
                .toList();
        List<Line> totals = COLUMNS.stream()
                .map(column -> line("M-3/" + number + "/" + column, caption)
                        .is(sum(added.stream().map(row -> row.at(column)).toList())))
                .toList();
        rows.put(number, new Columns(totals.get(0), totals.get(1), totals.get(2), totals.get(3)));
    }

    private void expensesInAll() {
        List<Line> lines = COLUMNS.stream()
                .map(column -> line("M-3/II/27/" + column, "Total expense items, from Part III")
                        .is(() -> NOTHING.minus(at("III/39", column))))
                .toList();
        rows.put("II/27", new Columns(lines.get(0), lines.get(1), lines.get(2), lines.get(3)));
    }

    /** Column a or d of line 30 before rounding, from what the rows hold by themselves. */
    private Formula unrounded(String column) {
        List<Formula> parts = new ArrayList<>();
        rows.forEach((number, columns) -> {
            boolean item = !number.equals("II/26") && !number.equals("II/27") && !number.equals("III/39");
            if (item && !number.equals("II/25")) {
                Formula part = columns.at(column).asFormula();
                parts.add(number.startsWith("III/") ? NOTHING.minus(part) : part);
            }
        });
        Columns other = rows.get("II/25");
        parts.add(other.a().fromAccounts());
        if (column.equals("d")) {
            parts.add(sum(
                    other.b().fromAccounts(),
                    other.c(),
                    all.differences.incomeTypedAbove.minus(all.differences.incomeTypedBelow)));
        }
        return sum(parts);
    }
}
