package undersaw.files.sheet;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** An account's number and name out of a row, whether they stand in two cells, in one, or in columns by level. */
final class AccountText {
    private static final Pattern NUMBER_FIRST =
            Pattern.compile("\\(?(\\d[\\d.,\\-/]{1,15})\\)?\\s*[-–—:·.|]?\\s*(?<=[\\s\\-–—:·.)|])(\\D.*|\\d+\\D.*)");
    private static final Pattern NUMBER_LAST =
            Pattern.compile("(\\D.*?)\\s*[-–—:·(#\\[]+\\s*(\\d[\\d.\\-]{2,15})[)\\]]?");
    private static final Pattern GROUPED = Pattern.compile("\\d{1,2},\\d{3}");

    private final Map<ColumnKind, Integer> places;
    private final int firstAmount;
    private final List<ColumnKind> columns;

    /** What a row says of its account; both may be empty. */
    record Named(String number, String name, int depth) {}

    AccountText(ColumnPlan plan, Map<ColumnKind, Integer> places) {
        this.places = places;
        columns = plan.columns();
        int first = columns.size();
        for (int i = 0; i < columns.size(); i++) {
            if (columns.get(i).isAmount()) {
                first = i;
                break;
            }
        }
        firstAmount = first;
    }

    Named of(List<String> cells) {
        Integer both = places.get(ColumnKind.NUMBER_AND_NAME);
        if (both != null) {
            int at = cell(cells, both).isEmpty() ? level(cells, both) : both;
            return parted(cell(cells, at), depth(cells, at));
        }
        Integer numbers = places.get(ColumnKind.NUMBER);
        Integer names = places.get(ColumnKind.NAME);
        int at = names == null ? -1 : cell(cells, names).isEmpty() ? level(cells, names) : names;
        String name = at < 0 || numbers != null && at == numbers ? "" : cell(cells, at);
        int depth = at < 0 ? 0 : depth(cells, at);
        if (numbers == null) {
            return new Named("", name, depth);
        }
        String number = cell(cells, numbers);
        if (isNumber(number)) {
            return new Named(plain(number), name, names != null ? depth : depth(cells, numbers));
        }
        if (!number.isEmpty() && !name.isEmpty()) {
            // two words of one label, or a code of letters
            boolean code = number.matches("[A-Za-z0-9.\\-_/]{1,12}") && number.equals(number.toUpperCase(Locale.ROOT));
            return code && number.chars().anyMatch(Character::isLetter) && !RowWords.isSubtotal(number)
                    ? new Named(number, name, depth)
                    : new Named("", number + " " + name, depth);
        }
        if (!number.isEmpty() && NUMBER_FIRST.matcher(number).matches()) {
            return parted(number, depth(cells, numbers));
        }
        return new Named("", number.isEmpty() ? name : number, depth);
    }

    private static boolean isNumber(String text) {
        return ColumnGuess.NUMBER.matcher(text).matches() || text.matches("\\d{1,15}(\\.0)?");
    }

    private static Named parted(String text, int depth) {
        Matcher first = NUMBER_FIRST.matcher(text);
        if (first.matches()) {
            return new Named(plain(first.group(1)), first.group(2).strip(), depth);
        }
        Matcher last = NUMBER_LAST.matcher(text);
        if (last.matches()) {
            return new Named(plain(last.group(2)), last.group(1).strip(), depth);
        }
        return isNumber(text) && text.length() >= 3 ? new Named(plain(text), "", depth) : new Named("", text, depth);
    }

    /** Parentheses, grouped thousands and an empty decimal are no part of a number. */
    static String plain(String number) {
        String bare = number.replaceAll("^\\(|\\)$", "").strip();
        if (GROUPED.matcher(bare).matches()) {
            bare = bare.replace(",", "");
        }
        return bare.matches("\\d+\\.0") ? bare.substring(0, bare.length() - 2) : bare.replaceAll("[.,\\-/]+$", "");
    }

    /** Where names stand in a column a level, the row's own is the first cell with words left of the amounts. */
    private int level(List<String> cells, int otherwise) {
        for (int i = 0; i < Math.min(firstAmount, cells.size()); i++) {
            boolean free = columns.get(i) == ColumnKind.IGNORED;
            if (free && cells.get(i).chars().anyMatch(Character::isLetter)) {
                return i;
            }
        }
        return otherwise;
    }

    private static String cell(List<String> cells, int at) {
        return at < cells.size() ? cells.get(at).strip() : "";
    }

    /** How far a name is set in: by its column, then by the blanks before it. */
    private static int depth(List<String> cells, int at) {
        String cell = at < cells.size() ? cells.get(at) : "";
        int blanks = 0;
        while (blanks < cell.length()
                && (Character.isWhitespace(cell.charAt(blanks)) || cell.charAt(blanks) == '\u00a0')) {
            blanks++;
        }
        return at * 100 + blanks;
    }
}
