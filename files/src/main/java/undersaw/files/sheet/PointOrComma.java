package undersaw.files.sheet;

import java.util.List;
import java.util.regex.Pattern;

/**
 * Tells by all amounts of a file whether the comma or the point parts the cents. {@code 12.500} without cents is twelve
 * thousand five hundred where no amount has two decimals after a point (common practice, no source).
 */
final class PointOrComma {
    private static final Pattern COMMA_CENTS = Pattern.compile("[-(]*[\\d.\\s'’]*\\d,\\d{2}\\)?-?\\D*");
    private static final Pattern POINT_CENTS = Pattern.compile("[-(]*\\D*[\\d,\\s'’]*\\d?\\.\\d{1,2}\\)?-?\\D*");
    private static final Pattern POINT_GROUPS = Pattern.compile("[-(]*\\D?\\d{1,3}(\\.\\d{3})+\\)?-?\\D*");
    private static final Pattern COMMA_GROUPS = Pattern.compile("[-(]*\\D?\\d{1,3}(,\\d{3})+(\\.\\d{2})?\\)?-?\\D*");

    private final List<List<String>> rows;
    private final int width;

    PointOrComma(List<List<String>> rows, int width) {
        this.rows = rows;
        this.width = width;
    }

    boolean isComma(List<String> assumptions) {
        long commas = 0;
        long points = 0;
        long pointGroups = 0;
        long commaGroups = 0;
        // the first column holds names and numbers
        for (int column = 1; column < width; column++) {
            for (List<String> row : rows) {
                String cell = column < row.size() ? row.get(column).strip() : "";
                commas += COMMA_CENTS.matcher(cell).matches() ? 1 : 0;
                points += POINT_CENTS.matcher(cell).matches() ? 1 : 0;
                pointGroups += POINT_GROUPS.matcher(cell).matches() ? 1 : 0;
                commaGroups += COMMA_GROUPS.matcher(cell).matches() ? 1 : 0;
            }
        }
        if (commas > 0 && commas > points + commaGroups) {
            assumptions.add("Amounts are written 1.234,50: the comma parts the cents.");
            return true;
        }
        if (pointGroups > 1 && points == 0 && commaGroups == 0) {
            assumptions.add("Amounts such as 12.500 were taken for thousands: the point groups digits.");
            return true;
        }
        return false;
    }
}
