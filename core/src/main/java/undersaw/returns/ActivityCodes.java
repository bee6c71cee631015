package undersaw.returns;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import undersaw.table.Table;
import undersaw.table.TableRow;

/** Six-digit industry codes, 2017 edition of the North American classification. */
public final class ActivityCodes {
    private static final int MOST = 12;
    private static final Map<String, String> TITLES = new LinkedHashMap<>();

    static {
        for (TableRow row : Table.read("undersaw/activity-codes.csv", List.of("code", "title"))) {
            TITLES.put(row.text("code"), row.text("title"));
        }
    }

    private ActivityCodes() {}

    /** The title of a code. */
    public static Optional<String> title(String code) {
        return Optional.ofNullable(TITLES.get(code));
    }

    /** Codes whose number begins with the words, or whose title holds each of them. */
    public static Map<String, String> find(String words) {
        List<String> wanted = List.of(words.strip().toLowerCase(Locale.ROOT).split("\\s+", -1));
        Map<String, String> found = new LinkedHashMap<>();
        TITLES.forEach((code, title) -> {
            String text = code + " " + title.toLowerCase(Locale.ROOT);
            boolean matches = wanted.stream().allMatch(word -> code.startsWith(word) || text.contains(word));
            if (matches && found.size() < MOST) {
                found.put(code, title);
            }
        });
        return found;
    }
}
