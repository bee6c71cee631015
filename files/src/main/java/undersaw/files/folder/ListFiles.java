package undersaw.files.folder;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.pcollections.HashTreePMap;
import undersaw.engagement.Fact;
import undersaw.engagement.Snapshot;
import undersaw.files.FileFault;
import undersaw.files.folder.CsvTable.Row;
import undersaw.form.Line;
import undersaw.form.Part;
import undersaw.form.RowList;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.registry.Returns;

/**
 * The lists of a return, a file each: {@code assets.csv}, {@code owners.csv}, {@code sales.csv} and whatever else its
 * forms list in rows. Most have a column a line, the lines that repeat; one that is absent means that no row fills it.
 */
final class ListFiles {
    private static final String LINE = "line";
    private static final String AMOUNT = "amount";

    private ListFiles() {}

    private static List<RowList> lists(Snapshot snapshot) {
        return Returns.of(snapshot).plan(snapshot.heading().period().lawYear()).lists();
    }

    private static String file(RowList list) {
        return list.name() + ".csv";
    }

    /** The names of the files that hold rows of this return. */
    static Set<String> names(Snapshot snapshot) {
        Set<String> names = new TreeSet<>();
        lists(snapshot).forEach(list -> names.add(file(list)));
        return names;
    }

    static Snapshot read(Snapshot snapshot, Map<String, FolderFile> files, List<FileFault> faults) {
        Map<LineKey, Fact> facts = new HashMap<>(snapshot.facts());
        for (RowList list : lists(snapshot)) {
            FolderFile file = files.get(file(list));
            if (file != null) {
                read(list, file, facts, faults);
            }
        }
        return snapshot.withFacts(HashTreePMap.from(facts));
    }

    private static void read(RowList list, FolderFile file, Map<LineKey, Fact> facts, List<FileFault> faults) {
        if (list.part().isByLine()) {
            readByLine(list, file, facts, faults);
            return;
        }
        Set<String> seen = new HashSet<>();
        List<String> required = list.isNamed() ? List.of(list.part().rowName()) : List.of();
        CsvTable.read(file, new CsvTable.Columns(required, columns(list)), faults, row -> {
            String name = list.isNamed() ? row.text(list.part().rowName()) : RowList.numbered(seen.size() + 1);
            if (!LineKey.isInstance(name)) {
                row.fault(list.part().rowName(), "expected a name for the row, without spaces or @");
            } else if (seen.add(name)) {
                list.columns().forEach(line -> cell(line, row, name, facts));
                list.part()
                        .order()
                        .ifPresent(place -> facts.put(place.id().in(name), Fact.of(String.valueOf(seen.size()))));
            } else {
                row.fault(list.part().rowName(), "expected a name that no other row has");
            }
        });
    }

    /** A row a figure: the row's name, the line, the amount. */
    private static void readByLine(RowList list, FolderFile file, Map<LineKey, Fact> facts, List<FileFault> faults) {
        List<String> columns = byLine(list);
        CsvTable.read(file, columns, faults, row -> {
            String name = row.text(list.part().rowName());
            Optional<Line> line = list.typed().stream()
                    .filter(each -> isNamed(row.text(LINE), each))
                    .findFirst();
            Optional<String> amount = line.flatMap(each -> each.read(row.text(AMOUNT)));
            if (!LineKey.isInstance(name)) {
                row.fault(list.part().rowName(), "expected a name for the row, without spaces or @");
            } else if (line.isEmpty()) {
                row.fault(
                        LINE,
                        "expected one of "
                                + list.typed().stream().map(Line::column).toList());
            } else if (amount.isEmpty()) {
                row.fault(AMOUNT, "expected " + line.get().expected());
            } else {
                facts.put(line.get().id().in(name), Fact.of(amount.get()));
            }
        });
    }

    /** A line goes by its column, its whole address, or its address on the schedule. */
    private static boolean isNamed(String wanted, Line line) {
        return wanted.equals(line.column())
                || wanted.equals(line.id().text())
                || wanted.equals(line.id().form() + "/" + line.column());
    }

    private static List<String> byLine(RowList list) {
        return List.of(list.part().rowName(), LINE, AMOUNT);
    }

    private static List<List<String>> rowsByLine(Snapshot snapshot, RowList list) {
        List<List<String>> rows = new ArrayList<>();
        for (String name : rows(snapshot, list)) {
            list.typed()
                    .forEach(line -> snapshot.fact(line.id().in(name))
                            .ifPresent(fact -> rows.add(List.of(name, line.column(), fact.value()))));
        }
        return rows;
    }

    private static void cell(Line line, Row row, String name, Map<LineKey, Fact> facts) {
        String text = row.text(line.column());
        if (!text.isEmpty()) {
            Optional<String> value = line.read(text);
            value.ifPresentOrElse(
                    read -> facts.put(line.id().in(name), Fact.of(read)),
                    () -> row.fault(line.column(), "expected " + line.expected()));
        }
    }

    private static List<String> columns(RowList list) {
        List<String> columns = new ArrayList<>();
        if (list.isNamed()) {
            columns.add(list.part().rowName());
        }
        list.columns().forEach(line -> columns.add(line.column()));
        return columns;
    }

    /** Whether a fact stands in one of the files here, and not among the plain facts. */
    static Set<LineKey> held(Snapshot snapshot) {
        Set<LineKey> held = new HashSet<>();
        for (RowList list : lists(snapshot)) {
            for (Line line : list.typed()) {
                rows(snapshot, list).forEach(row -> held.add(line.id().in(row)));
            }
        }
        return held;
    }

    private static Set<String> rows(Snapshot snapshot, RowList list) {
        Set<String> rows = new TreeSet<>();
        Set<LineId> lines = new HashSet<>();
        list.typed().forEach(line -> lines.add(line.id()));
        rows.addAll(snapshot.instances(lines));
        return rows;
    }

    private static List<String> inOrder(Snapshot snapshot, RowList list) {
        List<String> rows = new ArrayList<>(rows(snapshot, list));
        list.part()
                .order()
                .ifPresent(place -> rows.sort(Comparator.comparingLong(row -> Part.place(
                        snapshot.fact(place.id().in(row)).map(Fact::value).orElse("")))));
        return rows;
    }

    static List<FolderFile> write(Snapshot snapshot) {
        List<FolderFile> files = new ArrayList<>();
        for (RowList list : lists(snapshot)) {
            if (list.part().isByLine()) {
                CsvTable.add(files, file(list), byLine(list), rowsByLine(snapshot, list));
                continue;
            }
            List<List<String>> rows = new ArrayList<>();
            for (String name : inOrder(snapshot, list)) {
                List<String> cells = new ArrayList<>();
                if (list.isNamed()) {
                    cells.add(name);
                }
                list.columns()
                        .forEach(line -> cells.add(snapshot.fact(line.id().in(name))
                                .map(Fact::value)
                                .orElse("")));
                rows.add(cells);
            }
            CsvTable.add(files, file(list), columns(list), rows);
        }
        return files;
    }
}
