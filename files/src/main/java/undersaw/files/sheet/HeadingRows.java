package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A file's headings: the row that names most columns, joined with a row above it that spans several of them or begins
 * their words.
 *
 * @param header the header's row number, from 1; 0 where there is none
 * @param own each column's heading
 * @param groups the heading that spans it, from the row above; empty where there is none
 */
record HeadingRows(int header, List<String> own, List<String> groups) {
    private static final int WITHIN = 40;
    private static final Pattern AMOUNT =
            Pattern.compile("[-($]?\\$?\\d[\\d,.]*([.,]\\d{2})\\)?-?|\\(?\\$?\\d{1,3}(,\\d{3})+\\)?");

    /** Looks through the first rows. */
    static HeadingRows of(List<List<String>> rows, int width) {
        HeadingRows best = new HeadingRows(0, blank(width), blank(width));
        int most = 1;
        for (int i = 0; i < Math.min(rows.size(), WITHIN); i++) {
            List<String> row = padded(rows.get(i), width);
            if (row.stream().anyMatch(cell -> AMOUNT.matcher(cell).matches())) {
                continue;
            }
            HeadingRows alone = new HeadingRows(i + 1, row, blank(width));
            int known = alone.known();
            if (known == 1 && best.header == 0 && alone.isAmountsOnly()) {
                best = alone;
            }
            if (known > most) {
                most = known;
                best = alone;
            }
            if (i > 0) {
                HeadingRows below = alone.under(padded(rows.get(i - 1), width));
                if (below.known() > most || below.known() == most && best.header == i + 1 && below.isGrouped()) {
                    most = below.known();
                    best = below;
                }
            }
        }
        return best;
    }

    private static List<String> blank(int width) {
        return new ArrayList<>(Collections.nCopies(width, ""));
    }

    private static List<String> padded(List<String> row, int width) {
        List<String> cells = new ArrayList<>(row.stream().map(String::strip).toList());
        while (cells.size() < width) {
            cells.add("");
        }
        return cells;
    }

    /** The same below a row whose cells reach to the next one on their right. */
    private HeadingRows under(List<String> above) {
        boolean title = above.stream().filter(cell -> !cell.isBlank()).count() < 2
                        && above.stream().limit(1).noneMatch(String::isBlank)
                || above.stream().anyMatch(cell -> AMOUNT.matcher(cell).matches());
        if (title) {
            return new HeadingRows(header, own, blank(own.size()));
        }
        List<String> spans = new ArrayList<>();
        String last = "";
        for (int i = 0; i < own.size(); i++) {
            String cell = above.get(i);
            last = cell.isBlank() ? last : cell;
            boolean reaches = !own.get(i).isBlank() && !(cell.isBlank() && isWords(own.get(i)));
            spans.add(!cell.isBlank() || reaches ? last : "");
        }
        return new HeadingRows(header, own, spans);
    }

    /** Names need no heading where the amounts beside them have one. */
    private boolean isAmountsOnly() {
        return own.get(0).isBlank()
                && own.stream().filter(cell -> !cell.isBlank()).count() == 1
                && amount(own.size() - 1).isPresent();
    }

    /** A group of amounts does not reach over the name and number columns. */
    private static boolean isWords(String own) {
        return ColumnKind.ofHeading(own).isPresent()
                && AmountHeading.read("", own).isEmpty();
    }

    private boolean isGrouped() {
        return groups.stream().filter(group -> !group.isBlank()).distinct().count() > 1;
    }

    /** How many columns say something that can be used. */
    private int known() {
        int known = 0;
        List<Object> seen = new ArrayList<>();
        for (int i = 0; i < own.size(); i++) {
            Object said = said(i);
            if (said != null && !seen.contains(said)) {
                seen.add(said);
                known++;
            }
        }
        return known;
    }

    private @Nullable Object said(int column) {
        Optional<AmountHeading> amount = amount(column);
        return amount.isPresent() ? amount.get() : words(column).orElse(null);
    }

    /** What the column's heading says of amounts, if anything. */
    Optional<AmountHeading> amount(int column) {
        if (own.get(column).isBlank() && groups.get(column).isBlank()
                || words(column).isPresent()) {
            return Optional.empty();
        }
        return AmountHeading.read(groups.get(column), own.get(column));
    }

    /** What it says of words, numbers and dates. */
    Optional<ColumnKind> words(int column) {
        String heading = own.get(column);
        if (heading.isBlank() && groups.get(column).isBlank()) {
            return Optional.empty();
        }
        Optional<ColumnKind> joined = ColumnKind.ofHeading(groups.get(column) + " " + heading);
        return joined.isPresent() ? joined : ColumnKind.ofHeading(heading);
    }

    /** A column's heading as it stands in the file. */
    String text(int column) {
        return (groups.get(column) + " " + own.get(column)).strip();
    }
}
