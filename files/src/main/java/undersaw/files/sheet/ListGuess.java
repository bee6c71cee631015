package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import undersaw.form.Line;
import undersaw.form.RowList;

/** Guesses how the rows of a list stand in a file: its header by the words of the trade, else the list's own order. */
final class ListGuess {
    private static final int HEADER_WITHIN = 30;

    private final RowList list;
    private final ListHeadings headings;
    private final List<List<String>> rows;
    private final int width;
    private final List<String> notes = new ArrayList<>();

    ListGuess(RowList list, List<List<String>> rows) {
        this.list = list;
        this.rows = rows;
        headings = new ListHeadings(list);
        width = rows.stream().mapToInt(List::size).max().orElse(0);
    }

    List<String> notes() {
        return notes;
    }

    ListPlan plan(String sheet) {
        int header = header();
        List<List<String>> body = rows.subList(header, rows.size());
        List<String> columns = header == 0 ? inOrder() : named(rows.get(header - 1));
        boolean comma = new PointOrComma(body, width).isComma(notes);
        return new ListPlan(sheet, header, columns, comma, dayFirst(body, columns));
    }

    private boolean dayFirst(List<List<String>> body, List<String> columns) {
        List<String> dates = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) {
            Optional<Line> line = headings.typed(columns.get(i));
            if (line.isPresent() && line.get().kind().isDate()) {
                int at = i;
                body.forEach(row -> dates.add(at < row.size() ? row.get(at).strip() : ""));
            }
        }
        return DayOrder.isDayFirst(dates, notes);
    }

    /** The row that names most columns; one that names none is a header where it stands over figures. */
    private int header() {
        int best = 0;
        int most = 0;
        for (int i = 0; i < Math.min(HEADER_WITHIN, rows.size()); i++) {
            List<String> row = rows.get(i);
            int known = (int) row.stream()
                    .map(headings::column)
                    .flatMap(Optional::stream)
                    .distinct()
                    .count();
            boolean words = row.stream().filter(cell -> !cell.isBlank()).noneMatch(ListGuess::isFigure);
            boolean enough = known >= Math.min(2, list.typed().size()) || known == 1 && words;
            if (words && enough && known > most) {
                most = known;
                best = i + 1;
            }
        }
        return best > 0 ? best : unknownHeader();
    }

    private int unknownHeader() {
        for (int i = 0; i + 1 < Math.min(HEADER_WITHIN, rows.size()); i++) {
            List<String> row = rows.get(i);
            long filled = row.stream().filter(cell -> !cell.isBlank()).count();
            boolean words = row.stream().filter(cell -> !cell.isBlank()).noneMatch(ListGuess::isFigure);
            boolean overFigures =
                    rows.get(i + 1).stream().filter(ListGuess::isFigure).count() > 0;
            if (filled > 1 && words && overFigures && filled >= Math.min(width, 2)) {
                return i + 1;
            }
            if (filled > 1 && !words) {
                return 0;
            }
        }
        return 0;
    }

    private static boolean isFigure(String cell) {
        String text = cell.strip();
        return !text.isEmpty()
                && text.chars().anyMatch(Character::isDigit)
                && (new WrittenAmount(false).read(text).isPresent()
                        || WrittenDate.read(text).isPresent()
                        || text.matches("\\d[\\d.,/%-]*%?"));
    }

    private List<String> named(List<String> header) {
        List<String> columns = new ArrayList<>();
        for (String heading : header) {
            if (isRowName(heading, header)) {
                columns.add(ListPlan.ROW_NAME);
                continue;
            }
            String column = headings.column(heading)
                    .filter(found -> headings.typed(found).isPresent() || found.equals(ListPlan.ROW_NAME))
                    .filter(found -> !columns.contains(found))
                    .orElse("");
            columns.add(column);
        }
        while (columns.size() < width) {
            columns.add("");
        }
        return columns;
    }

    /** The list's own word for its rows, where another column holds what the word otherwise stands for. */
    private boolean isRowName(String heading, List<String> header) {
        return list.isNamed()
                && ListHeadings.plain(heading)
                        .equals(ListHeadings.plain(list.part().rowName()))
                && header.stream()
                        .filter(other -> !other.equals(heading))
                        .anyMatch(other -> headings.column(other).equals(headings.column(heading)));
    }

    /** Without a header the columns on the page count, as far as what stands in them can be one. */
    private List<String> inOrder() {
        List<Line> typed = list.typed().stream().filter(line -> !line.isAside()).toList();
        List<String> columns = new ArrayList<>(Collections.nCopies(width, ""));
        for (int i = 0; i < Math.min(width, typed.size()); i++) {
            columns.set(i, typed.get(i).column());
        }
        if (!rows.isEmpty()) {
            notes.add("The file has no headings: its columns were taken in the order of the list.");
        }
        return columns;
    }
}
