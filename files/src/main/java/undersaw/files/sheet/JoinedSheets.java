package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** A workbook whose balance sheet and income statement lie on two sheets, which can be read as one. */
final class JoinedSheets implements RowSource {
    private static final String AND = " and ";
    private static final Pattern BALANCE_SHEET =
            Pattern.compile(".*\\b(balance sheet|bs|financial position|bal sheet)\\b.*");
    private static final Pattern INCOME_STATEMENT = Pattern.compile(
            ".*\\b(income statement|p ?& ?l|p and l|pl|profit ?(and|&) ?loss|is|income|activities|operations)\\b.*");

    private final RowSource source;
    private final List<String> parts;

    private JoinedSheets(RowSource source, List<String> parts) {
        this.source = source;
        this.parts = parts;
    }

    /** The source itself, or one with a further sheet where two of its sheets belong together. */
    static RowSource of(RowSource source) {
        List<String> balance = source.sheets().stream()
                .filter(name -> BALANCE_SHEET.matcher(plain(name)).matches())
                .toList();
        List<String> income = source.sheets().stream()
                .filter(name -> INCOME_STATEMENT.matcher(plain(name)).matches())
                .toList();
        return balance.size() == 1 && income.size() == 1 && !balance.equals(income)
                ? new JoinedSheets(source, List.of(balance.get(0), income.get(0)))
                : source;
    }

    private static String plain(String name) {
        return name.toLowerCase(Locale.ROOT).replaceAll("[_\\-.]+", " ");
    }

    static boolean isJoined(String sheet) {
        int at = sheet.indexOf(AND);
        return at > 0
                && BALANCE_SHEET.matcher(plain(sheet.substring(0, at))).matches()
                && INCOME_STATEMENT
                        .matcher(plain(sheet.substring(at + AND.length())))
                        .matches();
    }

    @Override
    public void read(String sheet, Visitor visitor) {
        if (!sheet.equals(String.join(AND, parts))) {
            source.read(sheet, visitor);
            return;
        }
        long[] last = new long[1];
        boolean[] more = {true};
        for (int i = 0; i < parts.size() && more[0]; i++) {
            long offset = last[0];
            if (i > 0) {
                more[0] = visitor.row(++last[0], List.of(i == 1 ? "Income statement" : "Balance sheet"));
            }
            long start = last[0];
            source.read(parts.get(i), (number, cells) -> {
                last[0] = start + number;
                more[0] = visitor.row(start + number, cells);
                return more[0];
            });
            if (offset == last[0]) {
                return;
            }
        }
    }

    @Override
    public List<String> sheets() {
        List<String> all = new ArrayList<>(source.sheets());
        all.add(String.join(AND, parts));
        return all;
    }

    @Override
    public List<String> notes() {
        return source.notes();
    }
}
