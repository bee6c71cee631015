package undersaw.files.statements;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import undersaw.books.StatementRow.Kind;
import undersaw.files.statements.StatementSet.Page;
import undersaw.files.statements.StatementSet.Row;

/** Financial statements as a workbook, one sheet each. */
public final class StatementsWorkbook {
    private static final int WIDE = 46;
    private static final int NARROW = 16;
    private static final String FORMAT = "#,##0;(#,##0);\"–\"";

    private StatementsWorkbook() {}

    /** The workbook as XLSX bytes. */
    public static byte[] write(StatementSet set) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (Workbook workbook = new Workbook(bytes, "Undersaw", "1.0")) {
            for (Page page : set.pages()) {
                sheet(workbook.newWorksheet(page.title()), set, page);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private static void sheet(Worksheet sheet, StatementSet set, Page page) {
        sheet.width(0, WIDE);
        sheet.width(1, NARROW);
        sheet.width(2, NARROW);
        sheet.value(0, 0, set.client());
        sheet.value(1, 0, page.title());
        sheet.value(2, 0, page.period());
        sheet.value(3, 0, set.mark());
        sheet.value(5, 1, set.year());
        if (set.compared()) {
            sheet.value(5, 2, set.yearBefore());
        }
        int at = 6;
        for (Row row : page.rows()) {
            sheet.value(at, 0, row.caption());
            int place = at;
            row.dollars().ifPresent(amount -> sheet.value(place, 1, amount.dollars()));
            row.dollarsBefore().ifPresent(amount -> sheet.value(place, 2, amount.dollars()));
            sheet.range(at, 1, at, 2).style().format(FORMAT).set();
            if (row.kind() != Kind.ITEM) {
                sheet.range(at, 0, at, 2).style().bold().format(FORMAT).set();
            }
            at++;
        }
    }
}
