package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Which column of a trial balance holds what, found by the words of its header. */
final class BooksColumns {
    /** What a column can hold. */
    enum Kind {
        NUMBER("account number", "account no", "acct no", "acct", "account", "number", "no", "code", "account code"),
        NAME("account name", "name", "description", "account description", "title"),
        DEBIT("debit", "debits", "dr", "closing debit", "ending debit"),
        CREDIT("credit", "credits", "cr", "closing credit", "ending credit"),
        CLOSING("closing", "closing balance", "balance", "ending balance", "amount", "final balance"),
        OPENING("opening", "opening balance", "beginning balance", "prior year", "last year"),
        OPENING_DEBIT("opening debit", "beginning debit"),
        OPENING_CREDIT("opening credit", "beginning credit");

        private final List<String> words;

        Kind(String... words) {
            this.words = List.of(words);
        }
    }

    private final Map<Kind, Integer> places = new EnumMap<>(Kind.class);
    private final List<String> header;

    private BooksColumns(List<String> header) {
        this.header = header;
        for (int i = 0; i < header.size(); i++) {
            String word = fold(header.get(i));
            for (Kind kind : Kind.values()) {
                if (kind.words.contains(word)) {
                    places.putIfAbsent(kind, i);
                }
            }
        }
    }

    /** The columns of a header row; nothing where the row is no header. */
    static Optional<BooksColumns> of(List<String> row) {
        BooksColumns columns = new BooksColumns(row);
        boolean named = columns.has(Kind.NUMBER) || columns.has(Kind.NAME);
        return named && columns.places.size() >= 2 ? Optional.of(columns) : Optional.empty();
    }

    boolean has(Kind kind) {
        return places.containsKey(kind);
    }

    String text(List<String> row, Kind kind) {
        Integer place = places.get(kind);
        return place == null || place >= row.size() ? "" : row.get(place).strip();
    }

    /** The column's own name in the file. */
    String named(Kind kind) {
        return header.get(places.get(kind));
    }

    /** What is missing for a trial balance, in words. */
    List<String> missing() {
        List<String> missing = new ArrayList<>();
        if (!has(Kind.NUMBER)) {
            missing.add("account number (such as \"account\")");
        }
        if (!has(Kind.NAME)) {
            missing.add("account name (such as \"name\")");
        }
        if (!has(Kind.CLOSING) && !(has(Kind.DEBIT) && has(Kind.CREDIT))) {
            missing.add("closing balance (\"closing\", or \"debit\" and \"credit\")");
        }
        return missing;
    }

    boolean hasOpening() {
        return has(Kind.OPENING) || has(Kind.OPENING_DEBIT) || has(Kind.OPENING_CREDIT);
    }

    String header() {
        return String.join("\", \"", header);
    }

    private static String fold(String name) {
        return name.toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", " ").strip();
    }
}
