package undersaw.books;

import java.util.List;

/**
 * A financial statement from the adjusted balances.
 *
 * @param title its title
 * @param period the day or the year it speaks of, in words
 * @param rows its rows from the top
 */
public record FinancialStatement(String title, String period, List<StatementRow> rows) {
    /** Keeps its own copy. */
    public FinancialStatement {
        rows = List.copyOf(rows);
    }
}
