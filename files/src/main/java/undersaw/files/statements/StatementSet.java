package undersaw.files.statements;

import java.util.List;
import java.util.Optional;
import undersaw.books.FinancialStatement;
import undersaw.books.StatementRow;
import undersaw.money.Money;

/**
 * The financial statements of one year as they are printed; whole dollars.
 *
 * @param client the client's name
 * @param year the year they speak of
 * @param compared whether last year stands beside it
 * @param isFinal whether they are marked final
 * @param pages one a statement
 */
public record StatementSet(String client, int year, boolean compared, boolean isFinal, List<Page> pages) {
    /** Keeps its own copy. */
    public StatementSet {
        pages = List.copyOf(pages);
    }

    /**
     * One statement.
     *
     * @param title its title
     * @param period the day or year it speaks of
     * @param rows its rows
     */
    public record Page(String title, String period, List<Row> rows) {}

    /**
     * One row.
     *
     * @param caption its words
     * @param kind heading, item, subtotal or total
     * @param dollars this year's whole dollars; nothing for a heading
     * @param dollarsBefore last year's
     */
    public record Row(String caption, StatementRow.Kind kind, Optional<Money> dollars, Optional<Money> dollarsBefore) {
        /** This year's amount as it is printed; empty for a heading. */
        public String amount() {
            return dollars.map(Row::printed).orElse("");
        }

        /** Last year's amount as it is printed. */
        public String lastYear() {
            return dollarsBefore.map(Row::printed).orElse("");
        }

        private static String printed(Money amount) {
            return amount.isZero() ? "–" : amount.printed();
        }
    }

    /** The statements as they are printed. */
    public static StatementSet of(String client, int year, boolean isFinal, List<FinancialStatement> statements) {
        boolean compared = statements.stream()
                .flatMap(statement -> statement.rows().stream())
                .anyMatch(row -> row.lastYear().isPresent());
        return new StatementSet(
                client,
                year,
                compared,
                isFinal,
                statements.stream()
                        .map(statement -> new Page(
                                statement.title(),
                                statement.period(),
                                statement.rows().stream().map(StatementSet::row).toList()))
                        .toList());
    }

    private static Row row(StatementRow row) {
        return new Row(
                row.caption(),
                row.kind(),
                row.amount().map(Money::roundedToDollars),
                row.lastYear().map(Money::roundedToDollars));
    }

    public int yearBefore() {
        return year - 1;
    }

    /** The words at the head of each page. */
    public String mark() {
        return isFinal ? "Final. Whole dollars, from the adjusted trial balance." : "Draft. Not final.";
    }
}
