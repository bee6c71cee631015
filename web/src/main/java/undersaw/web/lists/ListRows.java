package undersaw.web.lists;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import undersaw.calc.Calculation;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.files.sheet.ListReader;
import undersaw.form.RowList;
import undersaw.line.LineKey;

/** Rows of a file or a page made facts of a list. */
final class ListRows {
    private static final int MOST_ROWS = 20_000;

    private ListRows() {}

    /** A list of a computed year. */
    record Target(Calculation year, RowList list) {}

    /** Why so many rows are not kept; absent where they are few enough. */
    static Optional<String> tooMany(Calculation year, RowList list, List<ListReader.Row> rows, boolean anew) {
        int before = anew ? 0 : year.rowsOf(list).size();
        return before + rows.size() <= MOST_ROWS
                ? Optional.empty()
                : Optional.of("Found " + rows.size() + " rows" + (before == 0 ? "" : " beside " + before + " there are")
                        + "; a list holds up to " + MOST_ROWS + ". Nothing was kept.");
    }

    /** The change that keeps rows, in place of those there are or after them. */
    static Change kept(Target target, List<ListReader.Row> rows, boolean anew, String by) {
        Calculation year = target.year();
        RowList list = target.list();
        Map<LineKey, @Nullable Fact> facts = new HashMap<>();
        if (anew) {
            year.rowsOf(list)
                    .forEach(row ->
                            list.lines().forEach(line -> facts.put(line.id().in(row), null)));
        }
        facts.putAll(facts(target, rows, anew, by));
        return new Change.FactsSet(facts);
    }

    /** The rows as facts; names that are taken get a number behind them, rows without one come last. */
    private static Map<LineKey, @Nullable Fact> facts(
            Target target, List<ListReader.Row> rows, boolean anew, String by) {
        RowList list = target.list();
        Set<String> taken = new HashSet<>(anew ? List.of() : target.year().rowsOf(list));
        Map<String, Integer> used = new HashMap<>();
        int next = anew
                ? 1
                : 1
                        + taken.stream()
                                .filter(row -> row.matches("\\d{5,9}"))
                                .mapToInt(Integer::parseInt)
                                .max()
                                .orElse(0);
        Map<LineKey, @Nullable Fact> facts = new HashMap<>();
        long place = anew ? 0 : lastPlace(target);
        for (ListReader.Row row : rows) {
            String name = list.isNamed() ? free(wanted(row), taken, used) : RowList.numbered(next++);
            taken.add(name);
            row.cells().forEach((line, value) -> facts.put(line.id().in(name), new Fact(value, "", by)));
            place++;
            if (list.part().order().isPresent()) {
                facts.put(list.part().order().get().id().in(name), new Fact(String.valueOf(place), "", by));
            }
        }
        return facts;
    }

    /** The place of the last row of a list that keeps an order; 0 where there is none. */
    private static long lastPlace(Target target) {
        return target.list().part().order().stream()
                .flatMap(order -> target.year().rowValues(order.id()).stream())
                .map(value -> value.value().plain())
                .filter(text -> text.matches("\\d{1,9}"))
                .mapToLong(Long::parseLong)
                .max()
                .orElse(0);
    }

    private static String wanted(ListReader.Row row) {
        String first =
                row.name().isEmpty() ? row.cells().values().stream().findFirst().orElse("row") : row.name();
        String plain =
                first.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        return plain.isEmpty() ? "row" : plain.substring(0, Math.min(40, plain.length()));
    }

    private static String free(String wanted, Set<String> taken, Map<String, Integer> used) {
        String name = wanted;
        while (taken.contains(name)) {
            int number = used.getOrDefault(wanted, 1) + 1;
            used.put(wanted, number);
            name = wanted + "-" + number;
        }
        return name;
    }
}
