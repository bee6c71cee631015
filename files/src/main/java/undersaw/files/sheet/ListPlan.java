package undersaw.files.sheet;

import java.net.URLDecoder;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * How the rows of a list stand in a file.
 *
 * @param sheet the sheet's name; empty where the format has none
 * @param header the header's row number, from 1; 0 where there is none
 * @param columns what each column holds, from the left: a column of the list, {@link #ROW_NAME}, or nothing
 * @param decimalComma whether {@code 1.234,50} is meant
 * @param dayFirst whether {@code 3/4/2025} is the third of April
 */
public record ListPlan(String sheet, int header, List<String> columns, boolean decimalComma, boolean dayFirst) {
    /** Stands for the name that a row goes by. */
    public static final String ROW_NAME = ":name";

    /** Keeps its own copy. */
    public ListPlan {
        columns = List.copyOf(columns);
    }

    /** The same with other columns and another header. */
    public ListPlan reading(int otherHeader, List<String> otherColumns) {
        return new ListPlan(sheet, otherHeader, otherColumns, decimalComma, dayFirst);
    }

    /** The plan as one line of text, to be remembered. */
    public String text() {
        return header + ";" + (decimalComma ? "comma" : "point") + ";" + (dayFirst ? "day" : "month") + ";"
                + columns.stream()
                        .map(column -> URLEncoder.encode(column, StandardCharsets.UTF_8))
                        .collect(Collectors.joining(","))
                + ";" + URLEncoder.encode(sheet, StandardCharsets.UTF_8);
    }

    /**
     * The plan that {@link #text} wrote.
     *
     * @throws IllegalArgumentException where it did not
     */
    public static ListPlan parse(String text) {
        String[] parts = text.split(";", -1);
        if (parts.length != 5) {
            throw new IllegalArgumentException("no plan of a list: " + text);
        }
        List<String> columns = Stream.of(parts[3].split(",", -1))
                .map(column -> URLDecoder.decode(column, StandardCharsets.UTF_8))
                .toList();
        return new ListPlan(
                URLDecoder.decode(parts[4], StandardCharsets.UTF_8),
                Integer.parseInt(parts[0]),
                columns,
                parts[1].equals("comma"),
                parts[2].equals("day"));
    }
}
