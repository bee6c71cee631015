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
import undersaw.money.Money;

/**
 * The itemised list behind a line.
 *
 * <p>Rows are whole dollars and add up to the line: what rounding leaves is taken by the largest row. A line that
 * somebody typed over is one row with the reason.
 *
 * @param line the line
 * @param rows its make-up
 */
public record Statement(LineId line, List<Row> rows) {
    /**
     * One row of a statement.
     *
     * @param caption an account's name, or the line that brings the amount
     * @param amount whole dollars
     */
    public record Row(String caption, Money amount) {}

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
            return new Statement(
                    line.id(), List.of(new Row(reason.isEmpty() ? line.caption() : reason, value.amount())));
        }
        Map<String, Money> exact = new LinkedHashMap<>();
        line.rule().ifPresent(formula -> collect(calculation, formula, exact));
        List<Row> rows = new ArrayList<>();
        exact.forEach((caption, amount) -> {
            if (!amount.roundedToDollars().isZero()) {
                rows.add(new Row(caption, amount.roundedToDollars()));
            }
        });
        return new Statement(line.id(), footed(rows, value.amount()));
    }

    private static List<Row> rows(List<WorksheetRow> worksheet) {
        return worksheet.stream()
                .map(row -> new Row(row.description(), row.amount().roundedToDollars()))
                .toList();
    }

    private static void collect(Calculation calculation, Formula formula, Map<String, Money> exact) {
        if (formula instanceof Sum sum) {
            sum.parts().forEach(part -> collect(calculation, part, exact));
        } else if (formula instanceof Posted posted) {
            for (Posting posting : calculation.postings(posted.line())) {
                Account account = calculation.snapshot().accounts().get(posting.account());
                exact.merge(account.name(), posting.amount(), Money::plus);
            }
        } else if (formula instanceof Reference reference) {
            String caption =
                    calculation.plan().line(reference.line()).orElseThrow().caption();
            exact.merge(caption, calculation.amount(reference.line()), Money::plus);
        } else {
            exact.merge(formula.words(), formula.value(new ValueFigures(calculation)), Money::plus);
        }
    }

    private static List<Row> footed(List<Row> rows, Money total) {
        Money missing = total.minus(Money.sum(rows.stream().map(Row::amount).toList()));
        if (missing.isZero() || rows.isEmpty()) {
            return rows;
        }
        Row largest = rows.stream()
                .max(Comparator.comparing(row -> row.amount().abs()))
                .orElseThrow();
        List<Row> footed = new ArrayList<>(rows);
        footed.set(
                rows.indexOf(largest),
                new Row(largest.caption(), largest.amount().plus(missing)));
        return footed;
    }
}
