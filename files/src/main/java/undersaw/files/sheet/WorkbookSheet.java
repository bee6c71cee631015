package undersaw.files.sheet;

import java.math.BigDecimal;
import java.util.Optional;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import undersaw.line.Value;
import undersaw.money.Money;

/**
 * One sheet that is filled from its first row down.
 *
 * @param sheet where cells go
 * @param formats how they look
 */
record WorkbookSheet(Sheet sheet, WorkbookFormats formats) {
    private static final int WIDTH_UNIT = 256;

    private Cell cell(int row, int column) {
        Row there = sheet.getRow(row);
        return (there == null ? sheet.createRow(row) : there).createCell(column);
    }

    void header(String... names) {
        for (int column = 0; column < names.length; column++) {
            Cell cell = cell(0, column);
            cell.setCellValue(names[column]);
            cell.setCellStyle(formats.heading());
        }
    }

    /** Widths of the first columns, in characters. */
    void widths(int... characters) {
        for (int column = 0; column < characters.length; column++) {
            sheet.setColumnWidth(column, characters[column] * WIDTH_UNIT);
        }
    }

    void text(int row, int column, String text) {
        cell(row, column).setCellValue(text);
    }

    void number(int row, int column, BigDecimal number) {
        cell(row, column).setCellValue(number.doubleValue());
    }

    void dollars(int row, int column, Money amount) {
        amount(row, column, amount, false);
    }

    void cents(int row, int column, Money amount) {
        amount(row, column, amount, true);
    }

    void amount(int row, int column, Money amount, boolean inCents) {
        Cell cell = cell(row, column);
        cell.setCellValue(plain(amount));
        cell.setCellStyle(formats.amount(inCents));
    }

    /** A formula of whole dollars or words, with what it comes to. */
    void formula(int row, int column, String expression, Optional<Value> result) {
        Cell cell = cell(row, column);
        cell.setCellFormula(expression);
        result.ifPresent(value -> {
            if (value instanceof Value.Amount amount) {
                cell.setCellValue(plain(amount.money()));
                cell.setCellStyle(formats.amount(false));
            } else if (value.plain().matches("-?\\d+(\\.\\d+)?")) {
                cell.setCellValue(Double.parseDouble(value.plain()));
            } else {
                cell.setCellValue(value.plain());
            }
        });
    }

    /** A formula of cents, with what it comes to. */
    void formulaInCents(int row, int column, String expression, Money result) {
        Cell cell = cell(row, column);
        cell.setCellFormula(expression);
        cell.setCellValue(plain(result));
        cell.setCellStyle(formats.amount(true));
    }

    private static double plain(Money amount) {
        return amount.cents() / 100.0;
    }
}
