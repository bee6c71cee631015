package undersaw.files.sheet;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import undersaw.money.Money;

/**
 * A table of a page, to be saved as CSV (RFC 4180) or XLSX. Amounts are plain numbers with a decimal point.
 *
 * @param title the table's name
 * @param header its column captions
 * @param rows its rows; each cell a text or a {@link Money}
 */
public record TableFile(String title, List<String> header, List<List<Object>> rows) {
    private static final String FORMAT = "#,##0.00;(#,##0.00);\"–\"";

    /** As CSV bytes in UTF-8. */
    public byte[] csv() {
        StringWriter text = new StringWriter();
        try (CsvWriter writer = CsvWriter.builder().build(text)) {
            writer.writeRecord(header);
            for (List<Object> row : rows) {
                writer.writeRecord(row.stream().map(TableFile::plain).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    /** A text that a spreadsheet would take for a formula is kept from being one. */
    private static String plain(Object cell) {
        String text = cell.toString();
        boolean formula = !(cell instanceof Money) && !text.isEmpty() && "=+-@".indexOf(text.charAt(0)) >= 0;
        return formula && !Money.isPlain(text) ? "'" + text : text;
    }

    /** As XLSX bytes. */
    public byte[] xlsx() {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (Workbook workbook = new Workbook(bytes, "Undersaw", "1.0")) {
            Worksheet sheet = workbook.newWorksheet(title);
            for (int column = 0; column < header.size(); column++) {
                sheet.value(0, column, header.get(column));
                sheet.style(0, column).bold().set();
            }
            sheet.freezePane(0, 1);
            for (int row = 0; row < rows.size(); row++) {
                for (int column = 0; column < rows.get(row).size(); column++) {
                    cell(sheet, row + 1, column, rows.get(row).get(column));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private static void cell(Worksheet sheet, int row, int column, Object cell) {
        if (cell instanceof Money amount) {
            sheet.value(row, column, amount.cents() / 100.0);
            sheet.style(row, column).format(FORMAT).set();
        } else {
            sheet.value(row, column, cell.toString());
        }
    }
}
