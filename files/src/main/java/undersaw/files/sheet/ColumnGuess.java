package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import undersaw.files.sheet.ColumnPlan.Shape;

/**
 * Guesses how a file is to be read from its first rows: the header by its words, columns without a heading by what
 * stands in them.
 */
final class ColumnGuess {
    private static final Pattern NUMBER = Pattern.compile("[A-Za-z]{0,3}\\d[\\d.\\-/]{1,15}");
    private static final Pattern NUMBER_THEN_NAME = Pattern.compile("\\d[\\d.\\-]{1,15}\\s*[-–—:·.]?\\s+\\D.*");
    private static final Pattern COMMA_CENTS = Pattern.compile(".*\\d,\\d{2}\\D*");
    private static final Pattern POINT_CENTS = Pattern.compile(".*\\d\\.\\d{2}\\D*");
    private static final int HEADER_WITHIN = 30;

    private final List<List<String>> rows;
    private final int width;
    private final String sheet;

    ColumnGuess(String sheet, List<List<String>> rows) {
        this.sheet = sheet;
        this.rows = rows;
        width = rows.stream().mapToInt(List::size).max().orElse(0);
    }

    ColumnPlan plan() {
        int header = header();
        List<List<String>> body = rows.subList(Math.min(header, rows.size()), rows.size());
        List<ColumnKind> kinds = new ArrayList<>(Collections.nCopies(width, ColumnKind.IGNORED));
        if (header > 0) {
            byHeadings(rows.get(header - 1), kinds);
        }
        byContent(body, kinds);
        boolean dated = kinds.contains(ColumnKind.DATE);
        boolean signed = kinds.contains(ColumnKind.AMOUNT)
                || kinds.contains(ColumnKind.DEBIT)
                || kinds.contains(ColumnKind.CREDIT);
        Shape shape = dated && signed && !kinds.contains(ColumnKind.OPENING) ? Shape.TRANSACTIONS : Shape.BALANCES;
        return new ColumnPlan(sheet, header, kinds, shape, decimalComma(body, kinds), false);
    }

    private int header() {
        int best = 0;
        long most = 1;
        for (int i = 0; i < Math.min(rows.size(), HEADER_WITHIN); i++) {
            long known = rows.get(i).stream()
                    .map(ColumnKind::ofHeading)
                    .flatMap(Optional::stream)
                    .distinct()
                    .count();
            if (known > most) {
                most = known;
                best = i + 1;
            }
        }
        return best;
    }

    private static void byHeadings(List<String> header, List<ColumnKind> kinds) {
        for (int column = 0; column < header.size(); column++) {
            Optional<ColumnKind> kind = ColumnKind.ofHeading(header.get(column));
            if (kind.isPresent() && (kind.get() == ColumnKind.MEMO || !kinds.contains(kind.get()))) {
                kinds.set(column, kind.get());
            }
        }
    }

    private void byContent(List<List<String>> body, List<ColumnKind> kinds) {
        int accounts = kinds.indexOf(ColumnKind.NUMBER);
        if (accounts >= 0
                && mostly(body, accounts, cell -> NUMBER_THEN_NAME.matcher(cell).matches())) {
            kinds.set(accounts, ColumnKind.NUMBER_AND_NAME);
        } else if (accounts >= 0
                && !kinds.contains(ColumnKind.NAME)
                && mostly(body, accounts, cell -> !NUMBER.matcher(cell).matches())) {
            kinds.set(accounts, ColumnKind.NAME);
        }
        boolean named = kinds.contains(ColumnKind.NAME) || kinds.contains(ColumnKind.NUMBER_AND_NAME);
        boolean numbered = kinds.contains(ColumnKind.NUMBER) || kinds.contains(ColumnKind.NUMBER_AND_NAME);
        for (int column = 0; column < width; column++) {
            if (kinds.get(column) != ColumnKind.IGNORED) {
                continue;
            }
            int at = column;
            if (!numbered
                    && mostly(body, at, cell -> NUMBER_THEN_NAME.matcher(cell).matches())) {
                kinds.set(at, ColumnKind.NUMBER_AND_NAME);
                numbered = true;
                named = true;
            } else if (!numbered
                    && mostly(body, at, cell -> NUMBER.matcher(cell).matches())
                    && distinct(body, at)) {
                kinds.set(at, ColumnKind.NUMBER);
                numbered = true;
            } else if (!named && mostly(body, at, cell -> cell.chars().anyMatch(Character::isLetter))) {
                named = true;
                // beside numbers, or first on its own; a memo of transactions stays a memo
                kinds.set(at, kinds.contains(ColumnKind.MEMO) ? ColumnKind.IGNORED : ColumnKind.NAME);
            }
        }
        amounts(body, kinds);
        if (!kinds.contains(ColumnKind.NAME) && kinds.contains(ColumnKind.MEMO) && !kinds.contains(ColumnKind.DATE)) {
            kinds.set(kinds.indexOf(ColumnKind.MEMO), ColumnKind.NAME);
        }
    }

    /** Nameless columns of amounts: one is the balance, two are debit and credit. */
    private void amounts(List<List<String>> body, List<ColumnKind> kinds) {
        if (kinds.stream().anyMatch(ColumnKind::isAmount)) {
            return;
        }
        List<Integer> found = new ArrayList<>();
        for (int column = 0; column < width; column++) {
            int at = column;
            if (kinds.get(column) == ColumnKind.IGNORED && mostly(body, at, ColumnGuess::isAmount)) {
                found.add(column);
            }
        }
        if (found.size() == 1) {
            kinds.set(found.get(0), ColumnKind.AMOUNT);
        } else if (found.size() >= 2) {
            kinds.set(found.get(0), ColumnKind.DEBIT);
            kinds.set(found.get(1), ColumnKind.CREDIT);
        }
    }

    private static boolean isAmount(String cell) {
        return new WrittenAmount(false).read(cell).isPresent()
                || new WrittenAmount(true).read(cell).isPresent();
    }

    private boolean mostly(List<List<String>> body, int column, Predicate<String> test) {
        List<String> cells = cells(body, column);
        return !cells.isEmpty() && cells.stream().filter(test).count() * 10 >= cells.size() * 7L;
    }

    private boolean distinct(List<List<String>> body, int column) {
        List<String> cells = cells(body, column);
        return cells.stream().distinct().count() * 10 >= cells.size() * 9L;
    }

    private static List<String> cells(List<List<String>> body, int column) {
        return body.stream()
                .map(row -> column < row.size() ? row.get(column).strip() : "")
                .filter(cell -> !cell.isEmpty())
                .toList();
    }

    private boolean decimalComma(List<List<String>> body, List<ColumnKind> kinds) {
        long commas = 0;
        long points = 0;
        for (int column = 0; column < width; column++) {
            if (kinds.get(column).isAmount()) {
                for (String cell : cells(body, column)) {
                    commas += COMMA_CENTS.matcher(cell).matches() ? 1 : 0;
                    points += POINT_CENTS.matcher(cell).matches() ? 1 : 0;
                }
            }
        }
        return commas > points;
    }

    /** The header's cells as one line, by which a client's files are known again. */
    static String headings(List<List<String>> rows, int header) {
        return header == 0 || header > rows.size()
                ? ""
                : String.join("|", rows.get(header - 1)).strip();
    }

    /** Kinds in the order in which a person chooses them. */
    static List<ColumnKind> choices() {
        return Arrays.asList(ColumnKind.values());
    }
}
