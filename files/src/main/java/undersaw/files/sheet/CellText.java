package undersaw.files.sheet;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Cells of spreadsheets as the plain text that all readers understand. */
final class CellText {
    private static final BigDecimal HAIR = new BigDecimal("0.000001");

    private CellText() {}

    /** A number in plain digits: binary dust is wiped off, and fractions of a cent are rounded to cents. */
    static String of(BigDecimal number) {
        BigDecimal whole = number.setScale(0, RoundingMode.HALF_UP);
        if (number.subtract(whole).abs().compareTo(HAIR) < 0) {
            return whole.toPlainString();
        }
        return number.setScale(2, RoundingMode.HALF_UP).toPlainString();
    }

    /** A column as spreadsheets name it, such as {@code AB}. */
    static String letters(int column) {
        return address(column, 0).replace("0", "");
    }

    /** A cell's address as spreadsheets write it, such as {@code C5}. */
    static String address(int column, long row) {
        StringBuilder letters = new StringBuilder();
        for (int rest = column; rest >= 0; rest = rest / 26 - 1) {
            letters.insert(0, (char) ('A' + rest % 26));
        }
        return letters.append(row).toString();
    }
}
