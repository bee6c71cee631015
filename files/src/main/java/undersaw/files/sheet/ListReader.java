package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import undersaw.form.Line;
import undersaw.form.RowList;
import undersaw.money.Money;

/**
 * Reads the rows of a list from a spreadsheet, a CSV file or rows pasted from either.
 *
 * <p>Where the first row names columns, by file name or caption, columns go by their names; otherwise they stand in
 * the order of the list. Amounts and dates are read as people write them.
 */
public final class ListReader {
    private static final WrittenAmount AMOUNTS = new WrittenAmount(false);

    private final String file;
    private final RowList list;
    private final List<Row> rows = new ArrayList<>();
    private final List<String> problems = new ArrayList<>();
    private Map<Integer, String> heads = Map.of();
    private boolean begun;

    private ListReader(String file, RowList list) {
        this.file = file;
        this.list = list;
    }

    /**
     * One row as it can be kept.
     *
     * @param name the name that the file gives it; empty where it gives none
     * @param cells plain text by line
     */
    public record Row(String name, Map<Line, String> cells) {}

    /** The rows that could be read, and a sentence for each cell that could not. */
    public record Read(List<Row> rows, List<String> problems) {}

    /** Reads a file; what keeps it from being read at all is a problem like any other. */
    public static Read read(SourceFile file, RowList list) {
        ListReader reader = new ListReader(file.name(), list);
        try {
            RowSource source = RowSources.of(file);
            source.read(source.sheets().stream().findFirst().orElse(""), reader::row);
        } catch (UnreadableFile unreadable) {
            reader.problems.add(unreadable.fault().toString());
        }
        return new Read(List.copyOf(reader.rows), List.copyOf(reader.problems));
    }

    private boolean row(long number, List<String> cells) {
        if (cells.stream().allMatch(String::isBlank)) {
            return true;
        }
        if (!begun) {
            begun = true;
            heads = heads(cells);
            if (!heads.isEmpty()) {
                return true;
            }
            heads = inOrder();
        }
        read(number, cells);
        return true;
    }

    private Map<Integer, String> inOrder() {
        Map<Integer, String> order = new LinkedHashMap<>();
        List<Line> typed = list.typed().stream().filter(line -> !line.isAside()).toList();
        IntStream.range(0, typed.size()).forEach(i -> order.put(i, typed.get(i).column()));
        return order;
    }

    /** The columns that the first row names; empty where it names fewer than two, or all there are. */
    private Map<Integer, String> heads(List<String> cells) {
        Map<Integer, String> found = new LinkedHashMap<>();
        for (int i = 0; i < cells.size(); i++) {
            String head = plain(cells.get(i));
            int at = i;
            if (list.isNamed() && head.equals(plain(list.part().rowName()))) {
                found.put(i, list.part().rowName());
            }
            list.typed().stream()
                    .filter(line -> head.equals(plain(line.column())) || head.equals(plain(line.caption())))
                    .findFirst()
                    .ifPresent(line -> found.put(at, line.column()));
        }
        return found.size() >= Math.min(2, list.typed().size()) ? found : Map.of();
    }

    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9%]", "");
    }

    private void read(long number, List<String> cells) {
        Map<Line, String> row = new LinkedHashMap<>();
        String name = "";
        for (Map.Entry<Integer, String> head : heads.entrySet()) {
            String text =
                    head.getKey() < cells.size() ? cells.get(head.getKey()).strip() : "";
            if (text.isEmpty()) {
                continue;
            }
            if (head.getValue().equals(list.part().rowName())) {
                name = text.replaceAll("[@\\s]+", "-");
                continue;
            }
            Line line = list.typed().stream()
                    .filter(each -> each.column().equals(head.getValue()))
                    .findFirst()
                    .orElseThrow();
            Optional<String> value = cell(line, text);
            value.ifPresentOrElse(
                    kept -> row.put(line, kept),
                    () -> problems.add("%s row %d, %s: found \"%s\", expected %s."
                            .formatted(file, number, line.caption(), text, line.expected())));
        }
        if (!row.isEmpty()) {
            rows.add(new Row(name, row));
        }
    }

    /** The cell as the line keeps it; nothing where it does not fit. */
    public static Optional<String> cell(Line line, String text) {
        return switch (line.kind()) {
            case AMOUNT -> AMOUNTS.read(text).map(Money::toString).flatMap(line::read);
            case DATE -> WrittenDate.read(text).map(Object::toString);
            case PERCENT -> line.read(text.replace("%", "").strip());
            case COUNT, NUMBER -> line.read(text.replace(",", "").replaceAll("\\.0+$", ""));
            case YES_NO, BOX -> line.read(text.toLowerCase(Locale.ROOT));
            case TEXT ->
                line.read(line.choices().isEmpty() ? text : text.toLowerCase(Locale.ROOT))
                        .or(() -> line.read(text));
            case TAXPAYER_NUMBER -> line.read(text);
        };
    }
}
