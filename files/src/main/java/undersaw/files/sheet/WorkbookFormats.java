package undersaw.files.sheet;

import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.Font;
import org.apache.poi.ss.usermodel.Workbook;

/** How the cells of a workbook look: amounts with separators, negative ones in parentheses, nothing as a dash. */
final class WorkbookFormats {
    static final String DOLLARS = "#,##0;(#,##0);\"–\"";
    static final String CENTS = "#,##0.00;(#,##0.00);\"–\"";
    static final String PERCENT = "0.######%";

    private final CellStyle heading;
    private final CellStyle dollars;
    private final CellStyle cents;

    WorkbookFormats(Workbook workbook) {
        Font bold = workbook.createFont();
        bold.setBold(true);
        heading = workbook.createCellStyle();
        heading.setFont(bold);
        dollars = format(workbook, DOLLARS);
        cents = format(workbook, CENTS);
    }

    private static CellStyle format(Workbook workbook, String format) {
        CellStyle style = workbook.createCellStyle();
        style.setDataFormat(workbook.createDataFormat().getFormat(format));
        return style;
    }

    CellStyle heading() {
        return heading;
    }

    CellStyle amount(boolean inCents) {
        return inCents ? cents : dollars;
    }
}
