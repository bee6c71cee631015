package undersaw.files.sheet;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import org.apache.poi.ss.usermodel.IndexedColors;
import org.apache.poi.xssf.streaming.SXSSFSheet;
import org.apache.poi.xssf.streaming.SXSSFWorkbook;
import org.apache.poi.xssf.usermodel.XSSFColor;
import undersaw.engagement.Heading;

/** A workbook on its way out; every sheet prints whose it is and for which period. */
final class WorkbookSheets implements AutoCloseable {
    /** Rows that stay in memory; those before them lie in a file of the system's until the workbook is written. */
    private static final int ROWS_KEPT = 200;

    private final SXSSFWorkbook workbook = new SXSSFWorkbook(ROWS_KEPT);
    private final WorkbookFormats formats = new WorkbookFormats(workbook);
    private final String whose;

    WorkbookSheets(Heading heading) {
        whose = heading.client().name() + ", Form " + heading.form() + ", "
                + heading.period().start() + " to " + heading.period().end();
        workbook.getXSSFWorkbook().getProperties().getCoreProperties().setTitle(whose);
    }

    /** The next sheet; one without figures has a grey tab. */
    WorkbookSheet sheet(String name, boolean filled) {
        SXSSFSheet sheet = workbook.createSheet(name);
        if (!filled) {
            sheet.setTabColor(new XSSFColor(IndexedColors.GREY_25_PERCENT, null));
        }
        sheet.createFreezePane(0, 1);
        sheet.getHeader().setLeft(whose);
        sheet.getHeader().setRight("&A");
        sheet.getFooter().setRight("&P / &N");
        return new WorkbookSheet(sheet, formats);
    }

    byte[] bytes() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        workbook.write(bytes);
        return bytes.toByteArray();
    }

    @Override
    public void close() throws IOException {
        workbook.close();
    }
}
