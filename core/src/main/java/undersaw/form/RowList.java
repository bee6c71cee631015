package undersaw.form;

import java.util.List;
import undersaw.engagement.Station;
import undersaw.line.Dimension;

/**
 * Rows that a person lists under a part of a return, one column a repeating line.
 *
 * @param part the part they belong to
 * @param lines its repeating lines that stand this year, in order
 */
public record RowList(Part part, List<Line> lines) {
    /** Keeps its own copy. */
    public RowList {
        lines = List.copyOf(lines);
    }

    /** The list's name, also that of its file without the ending. */
    public String name() {
        return part.listName();
    }

    /** What its rows are. */
    public Dimension members() {
        return part.scope().orElseThrow();
    }

    public Station station() {
        return part.station();
    }

    /** The lines that a person fills in. */
    public List<Line> typed() {
        return lines.stream().filter(Line::isFilledIn).toList();
    }

    /** The columns of its file: what a person fills in, but for the place, which is that of the row. */
    public List<Line> columns() {
        return typed().stream()
                .filter(line -> part.order().filter(line::equals).isEmpty())
                .toList();
    }

    /** Whether rows have names of their own; others are numbered in their order. */
    public boolean isNamed() {
        return !part.rowName().isEmpty();
    }

    /** The name of the row at a place, counted from 1, where rows are numbered. */
    public static String numbered(int place) {
        return "%05d".formatted(place);
    }
}
