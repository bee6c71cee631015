package undersaw.study;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import undersaw.line.LineId;
import undersaw.table.Table;
import undersaw.table.TableRow;

/**
 * Which line of one kind of return holds what a line of another does (the forms' own lines, from memory; where two
 * lines of one return fall on one of another, the first row decides the way back).
 */
public final class Correspondence {
    private static final String TABLE = "undersaw/study/lines.csv";
    /** In place of a treatment: what is typed goes to another line than accounts do. */
    private static final String TYPED = "typed";

    private static final List<Row> ROWS = read();

    private Correspondence() {}

    /**
     * Where an amount goes on a return.
     *
     * @param line the line
     * @param treatment of an account there; empty where it keeps its own
     */
    public record Spot(LineId line, String treatment) {
        private static Optional<Spot> of(String text) {
            if (text.isEmpty()) {
                return Optional.empty();
            }
            String[] parts = text.split(" ", 2);
            return Optional.of(new Spot(LineId.of(parts[0]), parts.length > 1 ? parts[1] : ""));
        }

        private boolean isExactly(LineId other, String otherTreatment) {
            return line.equals(other) && treatment.equals(otherTreatment);
        }
    }

    /** What stands in one row, by kind. */
    private record Row(Map<Kind, Spot> spots) {
        static Row of(TableRow cells) {
            Map<Kind, Spot> spots = new EnumMap<>(Kind.class);
            for (Kind kind : Kind.values()) {
                Spot.of(cells.text(kind.form())).ifPresent(spot -> spots.put(kind, spot));
            }
            return new Row(spots);
        }

        Optional<Spot> on(Kind kind) {
            return Optional.ofNullable(spots.get(kind));
        }
    }

    private static List<Row> read() {
        return Table.read(TABLE, Stream.of(Kind.values()).map(Kind::form).toList()).stream()
                .map(Row::of)
                .toList();
    }

    /** Where an account goes on another kind of return; by its treatment first, else by its line alone. */
    static Optional<Spot> of(Kind from, Kind to, LineId line, String treatment) {
        return row(from, spot -> spot.isExactly(line, treatment))
                .or(() -> row(
                        from,
                        spot -> spot.line().equals(line) && spot.treatment().isEmpty()))
                .or(() -> row(from, spot -> spot.line().equals(line)))
                .flatMap(row -> row.on(to));
    }

    private static Optional<Row> row(Kind from, Predicate<Spot> which) {
        return ROWS.stream()
                .filter(row -> row.on(from).filter(which).isPresent())
                .findFirst();
    }

    /** The line of another kind of return on which a person types what was typed on this one. */
    public static Optional<LineId> of(Kind from, Kind to, LineId line) {
        return of(from, to, line, TYPED).map(Spot::line);
    }

    /** The lines that two kinds of return show beside one another, in the order of the table. */
    public static List<Pair> pairs(Kind from, Kind to) {
        List<Pair> pairs = new ArrayList<>();
        for (Row row : ROWS) {
            Optional<LineId> left = row.on(from).map(Spot::line);
            Optional<LineId> right = row.on(to).map(Spot::line);
            boolean known = pairs.stream().anyMatch(pair -> left.equals(pair.left()) && right.equals(pair.right()));
            if (!known && (left.isPresent() || right.isPresent())) {
                pairs.add(new Pair(left, right));
            }
        }
        return pairs;
    }

    /** A line of one return and a line of another; nothing where one has none. */
    public record Pair(Optional<LineId> left, Optional<LineId> right) {}
}
