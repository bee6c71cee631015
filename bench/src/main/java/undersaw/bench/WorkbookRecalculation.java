package undersaw.bench;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.Map;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.FormulaEvaluator;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.ss.usermodel.Workbook;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;

/** The exported workbook in a general-purpose spreadsheet evaluator, Apache POI's. */
final class WorkbookRecalculation implements AutoCloseable {
    private final Workbook workbook;

    WorkbookRecalculation(byte[] xlsx) {
        try {
            workbook = new XSSFWorkbook(new ByteArrayInputStream(xlsx));
        } catch (IOException e) {
            throw new UncheckedIOException("the workbook cannot be opened", e);
        }
    }

    /** Evaluates every formula anew. */
    void recalculate() {
        FormulaEvaluator evaluator = workbook.getCreationHelper().createFormulaEvaluator();
        evaluator.clearAllCachedResultValues();
        evaluator.evaluateAll();
    }

    /** The results of column C by line, whole dollars; words are left out. */
    Map<String, Long> amounts() {
        Map<String, Long> amounts = new HashMap<>();
        for (Sheet sheet : workbook) {
            if (isForm(sheet)) {
                for (Row row : sheet) {
                    Cell cell = row.getCell(2);
                    if (row.getRowNum() > 0 && cell != null && isNumber(cell)) {
                        amounts.put(row.getCell(0).getStringCellValue(), Math.round(cell.getNumericCellValue()));
                    }
                }
            }
        }
        return amounts;
    }

    private static boolean isForm(Sheet sheet) {
        Row header = sheet.getRow(0);
        return header != null && header.getCell(2).getStringCellValue().equals("This year");
    }

    private static boolean isNumber(Cell cell) {
        CellType type = cell.getCellType() == CellType.FORMULA ? cell.getCachedFormulaResultType() : cell.getCellType();
        return type == CellType.NUMERIC;
    }

    @Override
    public void close() throws IOException {
        workbook.close();
    }
}
