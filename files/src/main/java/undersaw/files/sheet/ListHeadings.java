package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import undersaw.form.Line;
import undersaw.form.RowList;
import undersaw.table.Table;
import undersaw.table.TableRow;

/** The headings by which the columns of a list go in files, a table per list (common practice, no source). */
final class ListHeadings {
    private static final Map<String, Map<String, String>> BY_LIST = read();

    private static final Map<String, String> WORDS = words();

    private final RowList list;
    private final Map<String, String> known;

    ListHeadings(RowList list) {
        this.list = list;
        known = new HashMap<>(BY_LIST.getOrDefault(list.name(), Map.of()));
        list.lines().forEach(line -> {
            known.put(plain(line.caption()), line.column());
            known.put(plain(line.column()), line.column());
        });
        if (list.isNamed()) {
            known.putIfAbsent(plain(list.part().rowName()), ListPlan.ROW_NAME);
        }
    }

    private static Map<String, Map<String, String>> read() {
        Map<String, Map<String, String>> lists = new HashMap<>();
        for (TableRow row :
                Table.read("undersaw/files/sheet/list-headings.csv", List.of("list", "column", "headings"))) {
            Map<String, String> columns = lists.computeIfAbsent(row.text("list"), unused -> new HashMap<>());
            Arrays.stream(row.text("headings").split("\\|", -1))
                    .forEach(heading -> columns.putIfAbsent(plain(heading), row.text("column")));
        }
        return lists;
    }

    private static Map<String, String> words() {
        Map<String, String> words = new HashMap<>();
        List<String> columns = List.of("list", "column", "value", "words");
        for (TableRow row : Table.read("undersaw/files/sheet/list-words.csv", columns)) {
            String place = row.text("list") + "/" + row.text("column") + "/";
            Arrays.stream(row.text("words").split("\\|", -1))
                    .forEach(word -> words.putIfAbsent(place + plain(word), row.text("value")));
        }
        return words;
    }

    /** The word of a line's choice that is meant by what people write for it. */
    Optional<String> meant(Line line, String text) {
        String plain = plain(text.replaceAll("['’]", "").replaceAll("\\b20\\d{2}\\b", " "));
        return Optional.ofNullable(WORDS.get(list.name() + "/" + line.column() + "/" + plain));
    }

    /** A heading's words without case, punctuation and what stands in parentheses. */
    static String plain(String heading) {
        String bare = heading.toLowerCase(Locale.ROOT)
                .replaceAll("\\((mm|dd|yy|m/|\\$|usd|see|if|in ).*?\\)", " ")
                .replace("%", " percent ")
                .replace("#", " no ");
        return bare.replaceAll("[^a-z0-9]+", " ").strip().replaceAll("^(percent) (.+)$", "$2 percent");
    }

    /** The column that a heading means; absent where none or more than one fits. */
    Optional<String> column(String heading) {
        String plain = plain(heading);
        if (plain.isEmpty()) {
            return Optional.empty();
        }
        String exact = known.get(plain);
        return exact != null ? Optional.of(exact) : alike(plain);
    }

    /** The known heading with most words that all stand in this one. */
    private Optional<String> alike(String plain) {
        Set<String> words = new HashSet<>(List.of(plain.split(" ")));
        int most = 0;
        Set<String> found = new HashSet<>();
        for (Map.Entry<String, String> each : known.entrySet()) {
            List<String> within = List.of(each.getKey().split(" "));
            // one short word says too little of a longer heading
            boolean says = within.size() > 1 || within.get(0).length() > 3;
            if (says && words.containsAll(within) && within.size() >= most) {
                if (within.size() > most) {
                    found.clear();
                    most = within.size();
                }
                found.add(each.getValue());
            }
        }
        return found.size() == 1 && most * 2 >= words.size() ? found.stream().findFirst() : Optional.empty();
    }

    /** The line of a column that a person fills in. */
    Optional<Line> typed(String column) {
        return list.typed().stream()
                .filter(line -> line.column().equals(column))
                .findFirst();
    }

    /** Whether a column is found by a rule, so that a file's figures of it are left out. */
    boolean isComputed(String column) {
        return list.lines().stream().anyMatch(line -> line.column().equals(column) && !line.isFilledIn());
    }

    /** All columns that can be chosen: the row's name, then what a person fills in. */
    List<String> choices() {
        List<String> choices = new ArrayList<>(list.isNamed() ? List.of(ListPlan.ROW_NAME) : List.of());
        list.typed().forEach(line -> choices.add(line.column()));
        return choices;
    }
}
