package undersaw.files.sheet;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import undersaw.files.sheet.BooksReader.Look;

/**
 * Which sheet of a workbook holds the books.
 *
 * @param sheet the one to read
 * @param words what was taken for granted
 * @param others sheets that look as much like books; a person must choose
 */
record SheetChoice(String sheet, String words, List<String> others) {
    /** Looks at what each sheet would be read as. */
    static SheetChoice of(Map<String, Look> looks, @Nullable LocalDate end) {
        List<String> names = new ArrayList<>(looks.keySet());
        List<String> books =
                names.stream().filter(name -> isBooks(looks.get(name))).toList();
        if (books.isEmpty()) {
            return new SheetChoice(names.get(0), "No sheet looks like a trial balance.", List.of());
        }
        List<String> joined = books.stream().filter(JoinedSheets::isJoined).toList();
        if (!joined.isEmpty()
                && books.stream()
                        .noneMatch(name ->
                                name.toLowerCase(Locale.ROOT).matches("(?s).*\\b(tb|trial balance|trial)\\b.*"))) {
            return new SheetChoice(
                    joined.get(0), "Sheets " + joined.get(0) + " were read one after the other.", List.of());
        }
        List<String> single =
                books.stream().filter(name -> !JoinedSheets.isJoined(name)).toList();
        List<String> named = single.stream()
                .filter(name -> name.toLowerCase(Locale.ROOT).matches("(?s).*(\\btb\\b|trial|\\bgl\\b|accounts).*"))
                .toList();
        List<String> likely = named.isEmpty() ? single : named;
        List<String> ofYear = end == null
                ? List.of()
                : likely.stream()
                        .filter(name -> isOfYear(name, looks.get(name), end))
                        .toList();
        List<String> left = ofYear.isEmpty() ? likely : ofYear;
        List<String> others = left.size() == 1 ? List.of() : left.subList(1, left.size());
        return new SheetChoice(
                left.get(0),
                "Sheet " + left.get(0) + " was read" + (books.size() > 1 ? "; others could be." : "."),
                others);
    }

    private static boolean isBooks(Look look) {
        int amounts = 0;
        for (int column = 0; column < look.plan().columns().size(); column++) {
            if (look.plan().columns().get(column).isAmount()) {
                int at = column;
                amounts += (int) look.rows().stream()
                        .filter(row -> at < row.size() && row.get(at).matches(".*\\d.*"))
                        .count();
            }
        }
        return look.plan().missing().isEmpty() && amounts > 1;
    }

    private static boolean isOfYear(String name, Look look, LocalDate end) {
        String year = String.valueOf(end.getYear());
        StringBuilder head = new StringBuilder(name);
        look.rows().stream()
                .limit(Math.max(1, look.plan().header()))
                .forEach(row -> head.append(' ').append(row));
        return head.indexOf(year) >= 0;
    }
}
