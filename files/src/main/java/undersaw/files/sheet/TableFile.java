package undersaw.files.sheet;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import undersaw.engagement.Heading;
import undersaw.money.Money;

/**
 * A table of a page, to be saved as CSV (RFC 4180) or XLSX: whose it is and for which period above it, totals below.
 * Amounts are plain numbers with a decimal point.
 *
 * @param title the table's name
 * @param header its column captions
 * @param rows its rows; each cell a text, a {@link Money} or a {@link PercentCell}
 * @param totals the foot, one cell a column; empty for a table without one
 */
public record TableFile(String title, List<String> header, List<List<Object>> rows, List<Object> totals) {
    private static final int ABOVE = 2;

    /**
     * A percentage.
     *
     * @param percent 12.5 for 12.5 percent
     */
    public record PercentCell(BigDecimal percent) {
        @Override
        public String toString() {
            return percent.stripTrailingZeros().toPlainString();
        }
    }

    /** Whose table it is. */
    private static String whose(Heading heading) {
        return heading.client().name() + ", Form " + heading.form() + ", "
                + heading.period().start() + " to " + heading.period().end();
    }

    private List<List<Object>> body() {
        List<List<Object>> body = new ArrayList<>(rows);
        if (!totals.isEmpty()) {
            body.add(totals);
        }
        return body;
    }

    /** As CSV bytes in UTF-8; every record has as many fields as the header. */
    public byte[] csv(Heading heading) {
        StringWriter text = new StringWriter();
        try (CsvWriter writer = CsvWriter.builder().build(text)) {
            writer.writeRecord(padded(whose(heading)));
            writer.writeRecord(padded(title));
            writer.writeRecord(header);
            for (List<Object> row : body()) {
                writer.writeRecord(row.stream().map(TableFile::plain).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    private List<String> padded(String text) {
        List<String> record = new ArrayList<>(Collections.nCopies(header.size(), ""));
        record.set(0, plain(text));
        return record;
    }

    /** A text that a spreadsheet would take for a formula is kept from being one. */
    private static String plain(Object cell) {
        String text = cell.toString();
        boolean formula = cell instanceof String && !text.isEmpty() && "=+-@".indexOf(text.charAt(0)) >= 0;
        return formula && !Money.isPlain(text) ? "'" + text : text;
    }

    /** As XLSX bytes. */
    public byte[] xlsx(Heading heading) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (Workbook workbook = new Workbook(bytes, "Undersaw", "1.0")) {
            Worksheet sheet = workbook.newWorksheet(title);
            sheet.value(0, 0, whose(heading));
            sheet.value(1, 0, title);
            for (int column = 0; column < header.size(); column++) {
                sheet.value(ABOVE, column, header.get(column));
                sheet.style(ABOVE, column).bold().set();
            }
            sheet.freezePane(0, ABOVE + 1);
            List<List<Object>> body = body();
            for (int row = 0; row < body.size(); row++) {
                for (int column = 0; column < body.get(row).size(); column++) {
                    cell(sheet, row + ABOVE + 1, column, body.get(row).get(column));
                }
            }
            for (int column = 0; column < totals.size(); column++) {
                sheet.style(body.size() + ABOVE, column).bold().set();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private static void cell(Worksheet sheet, int row, int column, Object cell) {
        if (cell instanceof Money amount) {
            sheet.value(row, column, amount.cents() / 100.0);
            sheet.style(row, column).format(WorkbookFormats.CENTS).set();
        } else if (cell instanceof PercentCell share) {
            sheet.value(row, column, share.percent().movePointLeft(2).doubleValue());
            sheet.style(row, column).format(WorkbookFormats.PERCENT).set();
        } else {
            sheet.value(row, column, cell.toString());
        }
    }
}
