package undersaw.rollforward;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.form.Line;
import undersaw.form.RowList;
import undersaw.line.LineKey;

/**
 * Rows of registers and lists that describe the client: assets, owners, officers.
 *
 * <p>Amounts of the year stay in it; what a row ends one year with is what it begins the next with.
 */
final class RowGifts {
    private RowGifts() {}

    static List<Gift> of(Calculation year) {
        List<Gift> gifts = new ArrayList<>();
        for (RowList list : year.plan().lists()) {
            if (!list.part().isOfTheYear()) {
                year.rowsOf(list).stream()
                        .filter(row -> !isGone(year, list, row))
                        .forEach(row -> gifts.add(gift(list, row, values(year, list, row))));
            }
        }
        return gifts;
    }

    private static boolean isGone(Calculation year, RowList list, String row) {
        return list.part().gone().flatMap(line -> year.value(line.id().in(row))).isPresent();
    }

    private static Map<LineKey, String> values(Calculation year, RowList list, String row) {
        Map<LineKey, String> values = new TreeMap<>();
        for (Line line : list.typed()) {
            Optional<Line> from = line.follows().or(() -> Optional.of(line).filter(Line::isStaying));
            from.flatMap(source -> year.value(source.id().in(row)))
                    .ifPresent(value -> values.put(line.id().in(row), plain(value)));
        }
        return values;
    }

    /** As it was typed, cents and all; computed values as they stand. */
    private static String plain(LineValue value) {
        return value.typedFact().map(Fact::value).orElseGet(() -> value.value().plain());
    }

    private static Gift gift(RowList list, String row, Map<LineKey, String> values) {
        List<String> words = list.typed().stream()
                .filter(line -> values.containsKey(line.id().in(row)))
                .map(line -> line.caption() + " " + values.get(line.id().in(row)))
                .toList();
        return new Gift(
                list.station().path() + "/" + list.name() + "/" + row,
                String.join("; ", words),
                list.part().title() + ", row " + row + ": " + String.join("; ", words),
                list.station(),
                snapshot -> {
                    Map<LineKey, @Nullable Fact> facts = new TreeMap<>();
                    values.forEach((key, value) -> facts.put(key, new Fact(value, "", "").carried()));
                    return new Change.FactsSet(facts);
                });
    }

    /** The place of the row that a typed value belongs to; empty where the list does not hold it. */
    static String place(RowList list, LineKey key) {
        return list.lines().stream().anyMatch(line -> line.id().equals(key.line()))
                ? list.station().path() + "/" + list.name() + "/" + key.instance()
                : "";
    }
}
