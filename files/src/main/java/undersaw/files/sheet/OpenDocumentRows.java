package undersaw.files.sheet;

import com.github.miachm.sods.OfficeCurrency;
import com.github.miachm.sods.OfficePercentage;
import com.github.miachm.sods.Sheet;
import com.github.miachm.sods.SpreadSheet;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** An OpenDocument spreadsheet (ODS, ISO/IEC 26300); formula cells by the value that was saved with them. */
final class OpenDocumentRows implements RowSource {
    private final SourceFile file;
    private final List<Sheet> shown = new ArrayList<>();
    private final List<String> notes = new ArrayList<>();

    OpenDocumentRows(SourceFile file) {
        this.file = file;
        try (InputStream stream = file.open()) {
            for (Sheet sheet : new SpreadSheet(stream).getSheets()) {
                if (sheet.isHidden()) {
                    notes.add("Sheet \"" + sheet.getName() + "\" is hidden and was not read.");
                } else {
                    shown.add(sheet);
                }
            }
        } catch (IOException | RuntimeException broken) {
            throw new UnreadableFile(
                    file.name(),
                    "The spreadsheet is damaged and cannot be opened. Save it again and choose that file.");
        }
        if (shown.isEmpty()) {
            throw new UnreadableFile(
                    file.name(),
                    "No sheet could be read from this spreadsheet. Save it as XLSX or CSV and choose that.");
        }
    }

    @Override
    public void read(String sheet, Visitor visitor) {
        Sheet wanted = shown.stream()
                .filter(each -> each.getName().equals(sheet))
                .findFirst()
                .orElse(shown.get(0));
        if (wanted.getMaxRows() == 0 || wanted.getMaxColumns() == 0) {
            throw new UnreadableFile(file.name(), "Sheet \"" + wanted.getName() + "\" holds no rows.");
        }
        Object[][] values = wanted.getDataRange().getValues();
        String[][] formulas = wanted.getDataRange().getFormulas();
        for (int row = 0; row < values.length; row++) {
            List<String> cells = new ArrayList<>();
            for (int column = 0; column < values[row].length; column++) {
                if (values[row][column] == null && formulas[row][column] != null) {
                    throw new UnreadableFile(file.name(), WorkbookRows.unsaved(CellText.address(column, row + 1L)));
                }
                cells.add(text(values[row][column]));
            }
            if (!visitor.row(row + 1L, cells)) {
                return;
            }
        }
    }

    private static String text(@Nullable Object value) {
        if (value instanceof OfficeCurrency currency) {
            return CellText.of(BigDecimal.valueOf(currency.getValue()));
        }
        if (value instanceof OfficePercentage percentage) {
            return BigDecimal.valueOf(percentage.getValue())
                            .movePointRight(2)
                            .stripTrailingZeros()
                            .toPlainString() + "%";
        }
        if (value instanceof Number number) {
            return CellText.of(BigDecimal.valueOf(number.doubleValue()));
        }
        return value == null ? "" : value.toString();
    }

    @Override
    public List<String> sheets() {
        return shown.stream().map(Sheet::getName).toList();
    }

    @Override
    public List<String> notes() {
        return List.copyOf(notes);
    }
}
