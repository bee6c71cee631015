package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * How a client's file is read: which sheet, which row is the header, what each column holds.
 *
 * @param sheet the sheet's name; empty where the format has none
 * @param header the header's row number, from 1; 0 where the file has no header
 * @param columns what each column holds, from the left
 * @param shape balances of the year end, or the year's transactions
 * @param decimalComma whether {@code 1.234,50} is meant
 * @param creditsPositive whether one signed column shows credits as positive
 */
public record ColumnPlan(
        String sheet,
        int header,
        List<ColumnKind> columns,
        Shape shape,
        boolean decimalComma,
        boolean creditsPositive) {
    /** What the rows are. */
    public enum Shape {
        BALANCES,
        TRANSACTIONS
    }

    /** Keeps its own copy. */
    public ColumnPlan {
        columns = List.copyOf(columns);
    }

    public boolean has(ColumnKind kind) {
        return columns.contains(kind);
    }

    /** What is missing before the rows mean anything, in words. */
    public List<String> missing() {
        List<String> missing = new ArrayList<>();
        if (!has(ColumnKind.NUMBER) && !has(ColumnKind.NAME) && !has(ColumnKind.NUMBER_AND_NAME)) {
            missing.add("the account's number or name");
        }
        if (!has(ColumnKind.AMOUNT) && !has(ColumnKind.DEBIT) && !has(ColumnKind.CREDIT)) {
            missing.add(shape == Shape.BALANCES ? "the closing balance, or debit and credit" : "the amount");
        }
        if (shape == Shape.TRANSACTIONS && !has(ColumnKind.DATE)) {
            missing.add("the date");
        }
        return missing;
    }

    /** A kind that stands over two columns cannot be read; its captions. */
    public List<String> doubled() {
        Set<ColumnKind> seen = EnumSet.noneOf(ColumnKind.class);
        return columns.stream()
                .filter(kind -> kind != ColumnKind.IGNORED && kind != ColumnKind.MEMO && !seen.add(kind))
                .map(ColumnKind::caption)
                .distinct()
                .toList();
    }

    /** The plan as one line of text, to be remembered. */
    public String text() {
        List<String> kinds = columns.stream().map(ColumnKind::name).toList();
        return header + ";" + shape + ";" + (decimalComma ? "comma" : "point") + ";"
                + (creditsPositive ? "credits" : "debits") + ";" + String.join(",", kinds) + ";" + sheet;
    }

    /** The plan that {@link #text} wrote. */
    public static ColumnPlan parse(String text) {
        String[] parts = text.split(";", 6);
        List<ColumnKind> kinds = new ArrayList<>();
        for (String kind : parts[4].split(",", -1)) {
            kinds.add(ColumnKind.valueOf(kind.toUpperCase(Locale.ROOT)));
        }
        return new ColumnPlan(
                parts[5],
                Integer.parseInt(parts[0]),
                kinds,
                Shape.valueOf(parts[1]),
                parts[2].equals("comma"),
                parts[3].equals("credits"));
    }
}
