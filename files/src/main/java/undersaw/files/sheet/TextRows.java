package undersaw.files.sheet;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Text with separated values (RFC 4180 and its relatives), in any usual encoding. */
final class TextRows implements RowSource {
    private static final Map<Character, String> SEPARATORS =
            Map.of(',', "commas", ';', "semicolons", '\t', "tabs", '|', "bars");
    private static final int HEAD = 8000;

    private final SourceFile file;
    private final Charset charset;
    private final char separator;

    private TextRows(SourceFile file, Charset charset, char separator) {
        this.file = file;
        this.charset = charset;
        this.separator = separator;
    }

    /** Separated values, or printed text where nothing but blanks parts its columns. */
    static RowSource of(SourceFile file) {
        Charset charset = TextEncoding.of(file);
        String head = new String(file.head(HEAD), charset);
        return PrintedRows.isPrinted(head)
                ? PrintedRows.of(file, charset)
                : new TextRows(file, charset, separator(head));
    }

    private static char separator(String head) {
        char best = ',';
        long most = -1;
        long lines = head.lines().filter(line -> !line.isBlank()).count();
        for (char candidate : new char[] {'\t', '|', ';', ','}) {
            long rows =
                    head.lines().filter(line -> line.indexOf(candidate) >= 0).count();
            // grouped amounts and decimal commas hold commas too, so every other separator goes first
            if (rows > most && rows * 2 > lines) {
                most = rows;
                best = candidate;
            }
            if (most > 0 && candidate != ',') {
                return best;
            }
        }
        return best;
    }

    @Override
    public void read(String sheet, Visitor visitor) {
        try (Reader reader = new InputStreamReader(file.open(), charset);
                CsvReader<CsvRecord> records = CsvReader.builder()
                        .fieldSeparator(separator)
                        .allowUnclosedQuote(false)
                        .allowExtraFields(true)
                        .allowMissingFields(true)
                        .skipEmptyLines(false)
                        .ofCsvRecord(reader)) {
            boolean first = true;
            for (CsvRecord record : records) {
                List<String> fields = first ? withoutMark(record.getFields()) : record.getFields();
                first = false;
                if (!visitor.row(record.getStartingLineNumber(), fields)) {
                    return;
                }
            }
        } catch (CsvParseException broken) {
            throw new UnreadableFile(
                    file.name(), "A quotation mark is opened and never closed. Export the file again as CSV.");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<String> withoutMark(List<String> fields) {
        if (fields.isEmpty() || !fields.get(0).startsWith("\uFEFF")) {
            return fields;
        }
        List<String> plain = new ArrayList<>(fields);
        plain.set(0, fields.get(0).substring(1));
        return plain;
    }

    @Override
    public List<String> sheets() {
        return List.of();
    }

    @Override
    public List<String> notes() {
        return List.of("Read as " + charset.displayName() + " text separated by " + SEPARATORS.get(separator) + ".");
    }
}
