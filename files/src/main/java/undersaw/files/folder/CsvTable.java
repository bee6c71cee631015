package undersaw.files.folder;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.regex.Pattern;
import undersaw.files.FileFault;
import undersaw.money.Money;

/** One comma-separated file of an engagement folder. */
final class CsvTable {
    private CsvTable() {}

    /** A row with its place, for faults. */
    record Row(String file, NamedCsvRecord fields, List<FileFault> faults) {
        String text(String column) {
            return fields.findField(column)
                    .map(String::strip)
                    .map(CsvTable::plain)
                    .orElse("");
        }

        void fault(String column, String expected) {
            faults.add(new FileFault(file, fields.getStartingLineNumber(), column, text(column), expected));
        }
    }

    /** Texts that a spreadsheet would run, and those that already begin as their harmless form does. */
    private static final Pattern RUN = Pattern.compile("'*[=+@\\t\\r-].*", Pattern.DOTALL);

    /** A text that a spreadsheet would take for a formula gets an apostrophe in front; amounts stay as they are. */
    private static String harmless(String text) {
        return RUN.matcher(text).matches() && !Money.isPlain(text) ? "'" + text : text;
    }

    /** The text that {@link #harmless} made harmless. */
    private static String plain(String text) {
        return text.startsWith("'") && RUN.matcher(text.substring(1)).matches() ? text.substring(1) : text;
    }

    /** Reads rows that must have the columns, and reports columns nobody asked for. */
    static void read(FolderFile source, List<String> columns, List<FileFault> faults, Consumer<Row> each) {
        read(source, new Columns(columns, columns), faults, each);
    }

    /**
     * The columns of a table.
     *
     * @param required those without which it cannot be read
     * @param known all that it may have
     */
    record Columns(List<String> required, List<String> known) {}

    /** Reads rows that must have some columns and may have others. */
    static void read(FolderFile source, Columns columns, List<FileFault> faults, Consumer<Row> each) {
        try (CsvReader<NamedCsvRecord> reader = CsvReader.builder()
                .detectBomHeader(true)
                .allowUnclosedQuote(false)
                .ofNamedCsvRecord(new ByteArrayInputStream(source.bytes()))) {
            boolean first = true;
            for (NamedCsvRecord row : reader) {
                if (first && !hasColumns(source.name(), row.getHeader(), columns, faults)) {
                    return;
                }
                first = false;
                each.accept(new Row(source.name(), row, faults));
            }
        } catch (CsvParseException broken) {
            faults.add(FileFault.whole(source.name(), "cannot be read as CSV: " + broken.getMessage()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static boolean hasColumns(String file, List<String> header, Columns columns, List<FileFault> faults) {
        List<String> missing = new ArrayList<>(columns.required());
        missing.removeAll(header);
        missing.forEach(column -> faults.add(FileFault.whole(
                file, "has no column \"" + column + "\"; it has " + header + ". Expected " + columns.known() + ".")));
        List<String> unknown = new ArrayList<>(header);
        unknown.removeAll(columns.known());
        unknown.forEach(column -> faults.add(new FileFault(
                file, 1, column, column, "expected only the columns " + columns.known() + ". Remove or rename it.")));
        return missing.isEmpty() && unknown.isEmpty();
    }

    /** Writes a table with a header row, lines ended as RFC 4180 says. */
    static <T> byte[] write(List<String> columns, Iterable<T> rows, Function<T, List<String>> fields) {
        StringWriter text = new StringWriter();
        try (CsvWriter writer =
                CsvWriter.builder().lineDelimiter(LineDelimiter.CRLF).build(text)) {
            writer.writeRecord(columns);
            rows.forEach(row -> writer.writeRecord(
                    fields.apply(row).stream().map(CsvTable::harmless).toList()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    /** Adds the file of a table, unless it has no rows: absent means none. */
    static void add(List<FolderFile> files, String name, List<String> columns, List<List<String>> rows) {
        if (!rows.isEmpty()) {
            files.add(new FolderFile(name, write(columns, rows, row -> row)));
        }
    }
}
