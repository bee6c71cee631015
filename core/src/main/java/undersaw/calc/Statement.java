package undersaw.calc;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import undersaw.engagement.WorksheetRow;
import undersaw.form.Line;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Posted;
import undersaw.form.formula.Reference;
import undersaw.form.formula.Sum;
import undersaw.ledger.Account;
import undersaw.line.LineId;
import undersaw.line.LineSource;
import undersaw.money.Money;

/**
 * The itemised list behind a line.
 *
 * <p>Rows are whole dollars and add up to the line: what rounding leaves is taken by the largest row of an account, for
 * what another line brings is in whole dollars already. A line that somebody typed over is one row with the reason.
 *
 * @param line the line
 * @param rows its make-up
 */
public record Statement(LineId line, List<Row> rows) {
    /**
     * One row of a statement.
     *
     * @param instance the account's number, the address of the line that brings the amount, or the place in a list
     * @param caption an account's name, or what the amount is
     * @param amount whole dollars
     * @param source where it comes from
     */
    public record Row(String instance, String caption, Money amount, LineSource source) {
        private Row with(Money other) {
            return new Row(instance, caption, other, source);
        }
    }

    /** Keeps its own copy. */
    public Statement {
        rows = List.copyOf(rows);
    }

    /** The statement of a line as it stands. */
    public static Statement of(Calculation calculation, Line line) {
        LineValue value = calculation.value(line.id()).orElse(null);
        if (value == null) {
            return new Statement(line.id(), List.of());
        }
        List<WorksheetRow> worksheet =
                calculation.snapshot().worksheets().getOrDefault(line.id().alone(), List.of());
        if (!worksheet.isEmpty()) {
            return new Statement(line.id(), footed(rows(worksheet), value.amount()));
        }
        if (value.typedFact().isPresent()) {
            String reason = value.typedFact().get().reason();
            String caption = reason.isEmpty() ? line.caption() : reason;
            return new Statement(line.id(), List.of(new Row("typed", caption, value.amount(), value.source())));
        }
        Map<String, Row> exact = new LinkedHashMap<>();
        line.rule().filter(Formula.class::isInstance).ifPresent(rule -> collect(calculation, (Formula) rule, exact));
        List<Row> rows = exact.values().stream()
                .map(row -> row.with(row.amount().roundedToDollars()))
                .filter(row -> !row.amount().isZero())
                .toList();
        return new Statement(line.id(), footed(rows, value.amount()));
    }

    /** The address of its rows, as {@code 1120/26/st}. */
    public LineId address() {
        return line.column("st");
    }

    private static List<Row> rows(List<WorksheetRow> worksheet) {
        List<Row> rows = new ArrayList<>();
        for (WorksheetRow row : worksheet) {
            rows.add(new Row(
                    String.valueOf(rows.size() + 1),
                    row.description(),
                    row.amount().roundedToDollars(),
                    LineSource.TYPED));
        }
        return rows;
    }

    private static void collect(Calculation calculation, Formula formula, Map<String, Row> exact) {
        if (formula instanceof Sum sum) {
            sum.parts().forEach(part -> collect(calculation, part, exact));
        } else if (formula instanceof Posted posted) {
            for (Posting posting : calculation.postings(posted.line())) {
                Account account = calculation.snapshot().accounts().get(posting.account());
                put(exact, new Row(account.number(), account.name(), posting.amount(), LineSource.BOOKS));
            }
        } else if (formula instanceof Reference reference) {
            Line other = calculation.plan().line(reference.line()).orElseThrow();
            Money amount = calculation.amount(other);
            put(exact, new Row(other.id().text(), other.caption(), amount, LineSource.COMPUTED));
        } else {
            Money amount = formula.value(new ValueFigures(calculation));
            put(exact, ofRule(calculation, formula).with(amount));
        }
    }

    /** What is made of one other line goes by that line. */
    private static Row ofRule(Calculation calculation, Formula formula) {
        List<Line> read = formula.reads().stream()
                .flatMap(input -> input.lines().stream())
                .distinct()
                .flatMap(line -> calculation.plan().line(line).stream())
                .toList();
        boolean one = read.size() == 1 && !read.get(0).isRepeating();
        return one
                ? new Row(read.get(0).id().text(), read.get(0).caption(), Money.ZERO, LineSource.COMPUTED)
                : new Row("rule", formula.words(), Money.ZERO, LineSource.COMPUTED);
    }

    /** An account or a line that comes twice is one row. */
    private static void put(Map<String, Row> exact, Row row) {
        String key = row.instance().equals("rule") ? row.caption() : row.instance();
        exact.merge(key, row, (before, more) -> before.with(before.amount().plus(more.amount())));
    }

    private static List<Row> footed(List<Row> rows, Money total) {
        Money missing = total.minus(Money.sum(rows.stream().map(Row::amount).toList()));
        if (missing.isZero() || rows.isEmpty()) {
            return rows;
        }
        Row largest = rows.stream()
                .max(Comparator.comparing((Row row) -> row.source() != LineSource.COMPUTED)
                        .thenComparing(row -> row.amount().abs()))
                .orElseThrow();
        List<Row> footed = new ArrayList<>(rows);
        footed.set(rows.indexOf(largest), largest.with(largest.amount().plus(missing)));
        return footed;
    }
}
