package undersaw.files.sheet;

import java.net.URLDecoder;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import undersaw.files.sheet.Notation.Signs;
import undersaw.ledger.StatementKind;

/**
 * How a client's file is read: which sheet, which row is the header, what each column holds.
 *
 * @param sheet the sheet's name; empty where the format has none
 * @param header the header's row number, from 1; 0 where the file has no header
 * @param columns what each column holds, from the left
 * @param shape balances of the year end, or the year's transactions
 * @param notation how amounts and days are written
 * @param byHand what a person has said of single rows and accounts
 * @param question what a person must answer before the file is taken; empty where nothing is in doubt
 */
public record ColumnPlan(
        String sheet,
        int header,
        List<ColumnKind> columns,
        Shape shape,
        Notation notation,
        ByHand byHand,
        String question) {
    private static final Map<ColumnKind, ColumnKind> AS_CLOSING = Map.of(
            ColumnKind.OPENING, ColumnKind.AMOUNT,
            ColumnKind.OPENING_DEBIT, ColumnKind.DEBIT,
            ColumnKind.OPENING_CREDIT, ColumnKind.CREDIT);

    private static final String FORMAT = "2";

    /** What the rows are. */
    public enum Shape {
        BALANCES,
        TRANSACTIONS
    }

    /** Keeps its own copy. */
    public ColumnPlan {
        columns = List.copyOf(columns);
    }

    /** A plan in which nothing is left to be told from the rows. */
    public ColumnPlan(
            String sheet,
            int header,
            List<ColumnKind> columns,
            Shape shape,
            boolean decimalComma,
            boolean creditsPositive) {
        this(
                sheet,
                header,
                columns,
                shape,
                new Notation(decimalComma, false, creditsPositive ? Signs.CREDITS_POSITIVE : Signs.DEBITS_POSITIVE, 1),
                ByHand.NOTHING,
                "");
    }

    public boolean decimalComma() {
        return notation.decimalComma();
    }

    public boolean has(ColumnKind kind) {
        return columns.contains(kind);
    }

    /** The same after what a person has said; a question is answered by it. */
    public ColumnPlan saying(ByHand said) {
        return new ColumnPlan(sheet, header, columns, shape, notation, said, question);
    }

    ColumnPlan asking(String open) {
        return new ColumnPlan(sheet, header, columns, shape, notation, byHand, open);
    }

    /** What is the same in the client's next file of these headings: nothing of single rows. */
    public ColumnPlan remembered() {
        return new ColumnPlan(
                sheet, header, columns, shape, notation, new ByHand(Set.of(), Set.of(), byHand.statements()), "");
    }

    /** The same with no question left: for where a person has said what the file is for. */
    public ColumnPlan settled() {
        return asking("");
    }

    /** Whether the file holds opening balances and no closing ones. */
    public boolean opensOnly() {
        return shape == Shape.BALANCES
                && columns.stream().noneMatch(ColumnKind::closes)
                && columns.stream().anyMatch(AS_CLOSING::containsKey);
    }

    /** The balances that open one year, as those with which the year before closed. */
    public ColumnPlan closingTheYearBefore() {
        return new ColumnPlan(
                sheet,
                header,
                columns.stream()
                        .map(kind -> AS_CLOSING.getOrDefault(kind, kind))
                        .toList(),
                shape,
                notation,
                byHand,
                question);
    }

    /** What is missing before the rows mean anything, in words. */
    public List<String> missing() {
        List<String> missing = new ArrayList<>();
        if (!has(ColumnKind.NUMBER) && !has(ColumnKind.NAME) && !has(ColumnKind.NUMBER_AND_NAME)) {
            missing.add("the account's number or name");
        }
        if (columns.stream().noneMatch(ColumnKind::closes)) {
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
                .filter(kind -> !kind.mayRepeat() && !seen.add(kind))
                .map(ColumnKind::caption)
                .distinct()
                .toList();
    }

    /** The plan as one line of text, to be remembered. */
    public String text() {
        return String.join(
                ";",
                FORMAT,
                String.valueOf(header),
                shape.name(),
                notation.decimalComma() ? "comma" : "point",
                notation.dayFirst() ? "day" : "month",
                notation.signs().name(),
                String.valueOf(notation.scale()),
                columns.stream().map(ColumnKind::name).collect(Collectors.joining(",")),
                numbers(byHand.taken()),
                numbers(byHand.leftOut()),
                byHand.statements().entrySet().stream()
                        .map(each -> safe(each.getKey()) + "=" + each.getValue())
                        .collect(Collectors.joining(",")),
                safe(question),
                safe(sheet));
    }

    private static String numbers(Set<Long> rows) {
        return rows.stream().map(String::valueOf).collect(Collectors.joining(","));
    }

    private static String safe(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    /**
     * The plan that {@link #text} wrote.
     *
     * @throws IllegalArgumentException where it did not
     */
    public static ColumnPlan parse(String text) {
        String[] parts = text.split(";", -1);
        if (parts.length != 13 || !parts[0].equals(FORMAT)) {
            throw new IllegalArgumentException("no plan of columns: " + text);
        }
        Map<String, StatementKind> statements = new TreeMap<>();
        each(parts[10])
                .forEach(pair -> statements.put(
                        plain(pair.substring(0, pair.indexOf('='))),
                        StatementKind.valueOf(pair.substring(pair.indexOf('=') + 1))));
        return new ColumnPlan(
                plain(parts[12]),
                Integer.parseInt(parts[1]),
                each(parts[7]).map(ColumnKind::valueOf).toList(),
                Shape.valueOf(parts[2]),
                new Notation(
                        parts[3].equals("comma"),
                        parts[4].equals("day"),
                        Signs.valueOf(parts[5]),
                        Integer.parseInt(parts[6])),
                new ByHand(rows(parts[8]), rows(parts[9]), statements),
                plain(parts[11]));
    }

    private static Stream<String> each(String list) {
        return list.isEmpty() ? Stream.of() : Stream.of(list.split(",", -1));
    }

    private static Set<Long> rows(String list) {
        return each(list).map(Long::valueOf).collect(Collectors.toSet());
    }

    private static String plain(String text) {
        return URLDecoder.decode(text, StandardCharsets.UTF_8);
    }
}
