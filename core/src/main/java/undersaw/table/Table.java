package undersaw.table;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/**
 * A comma-separated table that ships with the application.
 *
 * <p>Reading is strict: a missing file, other columns than the expected ones or an unclosed quote stop the start with
 * file and row, since a law table that is half read would compute wrong returns in silence.
 */
public final class Table {
    private Table() {}

    /**
     * Reads a table beside the class path's root.
     *
     * @param path such as {@code undersaw/law/2025/corporation.csv}
     * @param columns the header row that must stand there, in order
     * @throws IllegalStateException when the table is missing or has another shape
     */
    public static List<TableRow> read(String path, List<String> columns) {
        InputStream stream = Table.class.getClassLoader().getResourceAsStream(path);
        if (stream == null) {
            throw new IllegalStateException("table " + path + " is missing from the class path");
        }
        return read(path, new InputStreamReader(stream, StandardCharsets.UTF_8), columns);
    }

    /**
     * Reads a table that is brought, as strictly.
     *
     * @param name what faults call it
     * @throws IllegalStateException when it has another shape
     */
    public static List<TableRow> read(String name, Reader text, List<String> columns) {
        try (CsvReader<NamedCsvRecord> reader =
                CsvReader.builder().allowUnclosedQuote(false).ofNamedCsvRecord(text)) {
            List<TableRow> rows = new ArrayList<>();
            for (NamedCsvRecord row : reader) {
                if (!row.getHeader().equals(columns)) {
                    throw new IllegalStateException(
                            "table " + name + " has columns " + row.getHeader() + ", expected " + columns);
                }
                rows.add(new TableRow(name, row.getStartingLineNumber(), row.getFieldsAsMap()));
            }
            return List.copyOf(rows);
        } catch (IOException e) {
            throw new UncheckedIOException("table " + name + " cannot be read", e);
        }
    }
}
