package undersaw.table;

import java.util.Map;

/**
 * One row of a shipped table.
 *
 * @param table path of the table
 * @param line line number in the file, the header being 1
 * @param fields text by column
 */
public record TableRow(String table, long line, Map<String, String> fields) {
    /** Keeps its own copy of the fields. */
    public TableRow {
        fields = Map.copyOf(fields);
    }

    /**
     * The field's text.
     *
     * @throws IllegalArgumentException when there is no such column
     */
    public String text(String column) {
        String text = fields.get(column);
        if (text == null) {
            throw new IllegalArgumentException(table + " has no column \"" + column + "\"");
        }
        return text;
    }

    /** A failure that names this row. */
    public IllegalStateException fault(String column, String expected) {
        return new IllegalStateException("%s row %d, column %s: found \"%s\", expected %s"
                .formatted(table, line, column, fields.get(column), expected));
    }
}
