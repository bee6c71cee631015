package undersaw.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.ss.usermodel.Workbook;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import undersaw.calc.Calculation;
import undersaw.line.LineId;
import undersaw.money.Money;

/** A workbook recomputed by a general-purpose spreadsheet evaluator, Apache POI's, and held against the return. */
public final class WorkbookComparison {
    private WorkbookComparison() {}

    /**
     * Compares every figure, first by the value saved beside each formula and then by what the formula comes to; gives
     * how many of them were formulas.
     */
    public static int compared(Calculation calculation) throws IOException {
        try (Workbook workbook = new XSSFWorkbook(new ByteArrayInputStream(ReturnWorkbook.write(calculation)))) {
            int saved = compared(calculation, workbook);
            workbook.getCreationHelper().createFormulaEvaluator().evaluateAll();
            assertThat(compared(calculation, workbook)).isEqualTo(saved);
            return saved;
        }
    }

    private static int compared(Calculation calculation, Workbook workbook) {
        int compared = 0;
        for (Sheet sheet : workbook) {
            if (!sheet.getRow(0).getCell(2).getStringCellValue().equals("This year")) {
                continue;
            }
            for (Row row : sheet) {
                Cell cell = row.getCell(2);
                if (row.getRowNum() == 0 || cell == null) {
                    continue;
                }
                LineId line = LineId.of(row.getCell(0).getStringCellValue());
                boolean formula = cell.getCellType() == CellType.FORMULA;
                CellType type = formula ? cell.getCachedFormulaResultType() : cell.getCellType();
                if (type == CellType.NUMERIC
                        && calculation.answer(line).matches("-?[\\d.]+")
                        && calculation.amount(line).isZero()) {
                    assertThat(cell.getNumericCellValue())
                            .as("%s", line)
                            .isEqualTo(Double.parseDouble(calculation.answer(line)));
                } else if (type == CellType.NUMERIC) {
                    assertThat(Money.ofCents(Math.round(cell.getNumericCellValue() * 100)))
                            .as("%s", line)
                            .isEqualTo(calculation.amount(line));
                } else {
                    assertThat(cell.getStringCellValue()).as("%s", line).isEqualTo(calculation.answer(line));
                }
                compared += formula ? 1 : 0;
            }
        }
        return compared;
    }
}
