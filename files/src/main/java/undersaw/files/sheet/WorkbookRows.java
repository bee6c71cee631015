package undersaw.files.sheet;

import java.io.IOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ExcelReaderException;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;
import org.dhatim.fastexcel.reader.SheetVisibility;

/** A workbook (XLSX, ECMA-376): formula cells by the value that was saved with them, hidden sheets named. */
final class WorkbookRows implements RowSource {
    private final SourceFile file;
    private final List<String> sheets = new ArrayList<>();
    private final List<String> notes = new ArrayList<>();

    WorkbookRows(SourceFile file) {
        this.file = file;
        try (ReadableWorkbook workbook = open()) {
            workbook.getSheets().forEach(sheet -> {
                if (sheet.getVisibility() == SheetVisibility.VISIBLE) {
                    sheets.add(sheet.getName());
                } else {
                    notes.add("Sheet \"" + sheet.getName() + "\" is hidden and was not read.");
                }
            });
        } catch (IOException | ExcelReaderException | IllegalStateException broken) {
            throw damaged();
        }
        if (sheets.isEmpty()) {
            throw new UnreadableFile(file.name(), "The workbook has no sheet that is shown. Unhide the trial balance.");
        }
    }

    private UnreadableFile damaged() {
        return new UnreadableFile(
                file.name(), "The workbook is damaged and cannot be opened. Save it again and choose that file.");
    }

    private ReadableWorkbook open() throws IOException {
        return new ReadableWorkbook(file.open(), new ReadingOptions(true, false));
    }

    @Override
    public void read(String sheet, Visitor visitor) {
        String wanted = sheets.contains(sheet) ? sheet : sheets.get(0);
        try (ReadableWorkbook workbook = open()) {
            Sheet found = workbook.findSheet(wanted).orElseThrow();
            try (Stream<Row> rows = found.openStream()) {
                for (Iterator<Row> each = rows.iterator(); each.hasNext(); ) {
                    Row row = each.next();
                    if (!visitor.row(row.getRowNum(), cells(row))) {
                        return;
                    }
                }
            }
        } catch (IOException | ExcelReaderException | IllegalStateException broken) {
            throw damaged();
        }
    }

    private List<String> cells(Row row) {
        List<String> cells = new ArrayList<>(row.getCellCount());
        for (int column = 0; column < row.getCellCount(); column++) {
            Cell cell = row.getCell(column);
            cells.add(cell == null ? "" : text(cell, row.getRowNum(), column));
        }
        return cells;
    }

    private String text(Cell cell, int row, int column) {
        boolean unsaved = cell.getType() == CellType.FORMULA
                && (cell.getRawValue() == null || cell.getRawValue().isEmpty() && !(cell.getValue() instanceof String));
        if (unsaved) {
            throw new UnreadableFile(file.name(), unsaved(CellText.address(column, row)));
        }
        if (cell.getType() == CellType.NUMBER || cell.getType() == CellType.FORMULA && isNumber(cell.getRawValue())) {
            if (isPercent(cell)) {
                return new BigDecimal(cell.getRawValue())
                                .movePointRight(2)
                                .stripTrailingZeros()
                                .toPlainString() + "%";
            }
            return isDate(cell)
                    ? cell.asDate().toLocalDate().toString()
                    : CellText.of(new BigDecimal(cell.getRawValue()));
        }
        return cell.getType() == CellType.FORMULA ? cell.getRawValue() : cell.getText();
    }

    /** What to say of a formula whose value was never computed. */
    static String unsaved(String cell) {
        return "Cell " + cell + " holds a formula without a saved value. "
                + "Open the workbook once, save it, and choose it again.";
    }

    private static boolean isNumber(String raw) {
        return raw.matches("[-+]?\\d*\\.?\\d+([eE][-+]?\\d+)?");
    }

    private static boolean isPercent(Cell cell) {
        String format = cell.getDataFormatString();
        return format != null && format.contains("%");
    }

    private static boolean isDate(Cell cell) {
        String format = cell.getDataFormatString();
        if (format == null || cell.getType() != CellType.NUMBER) {
            return false;
        }
        String letters = format.toLowerCase(Locale.ROOT).replaceAll("\"[^\"]*\"|\\[[^\\]]*]", "");
        return letters.contains("yy") || letters.contains("d") && letters.contains("m");
    }

    @Override
    public List<String> sheets() {
        return List.copyOf(sheets);
    }

    @Override
    public List<String> notes() {
        return List.copyOf(notes);
    }
}
