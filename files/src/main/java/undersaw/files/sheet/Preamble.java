package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What stands above a file's header: often the client's name and the year, which must be the engagement's. */
final class Preamble {
    private static final Pattern YEAR = Pattern.compile("\\b(20\\d{2})\\b");
    private static final Pattern COMPANY = Pattern.compile(
            "(?i).*\\b(inc|incorporated|corp|corporation|llc|ltd|limited|co|company|lp|llp|trust)\\b\\.?.*");

    private Preamble() {}

    /** Warnings where the file names another client or another year. */
    static List<String> warnings(List<List<String>> above, String client, int year) {
        List<String> warnings = new ArrayList<>();
        Set<String> years = new TreeSet<>();
        for (List<String> row : above) {
            for (String cell : row) {
                Matcher matcher = YEAR.matcher(cell);
                while (matcher.find()) {
                    years.add(matcher.group(1));
                }
                if (COMPANY.matcher(cell).matches() && !isLike(cell, client)) {
                    warnings.add("The file is headed \"" + cell.strip() + "\", and this engagement is " + client
                            + "'s. Is it the right client's file?");
                }
            }
        }
        if (!years.isEmpty() && !years.contains(String.valueOf(year))) {
            warnings.add("The file speaks of " + String.join(", ", years) + ", and this engagement's year ends in "
                    + year + ". Is it the right year's file?");
        }
        return warnings;
    }

    private static boolean isLike(String cell, String client) {
        Set<String> words = words(client);
        Set<String> found = words(cell);
        found.retainAll(words);
        return found.size() * 2 >= words.size();
    }

    private static Set<String> words(String name) {
        Set<String> words = new TreeSet<>(List.of(name.toLowerCase(Locale.ROOT).split("[^a-z0-9]+", -1)));
        words.removeAll(List.of("", "inc", "corp", "llc", "ltd", "co", "company", "the", "corporation"));
        return words;
    }
}
