package undersaw.suggestions;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * What an account's name is made of: its words without case, punctuation and plural endings, pairs of neighbouring
 * words, and runs of three and four letters, which see through abbreviations and misspellings.
 */
final class NameFeatures {
    private static final double WORD = 1.0;
    private static final double PAIR = 0.7;
    private static final double LETTERS = 0.28;
    private static final Map<String, String> SHORT_FORMS = Map.ofEntries(
            Map.entry("a/r", "accounts receivable"),
            Map.entry("a/p", "accounts payable"),
            Map.entry("accum", "accumulated"),
            Map.entry("accumul", "accumulated"),
            Map.entry("depr", "depreciation"),
            Map.entry("deprec", "depreciation"),
            Map.entry("amort", "amortization"),
            Map.entry("exp", "expense"),
            Map.entry("ins", "insurance"),
            Map.entry("equip", "equipment"),
            Map.entry("acct", "account"),
            Map.entry("maint", "maintenance"),
            Map.entry("adv", "advertising"),
            Map.entry("misc", "miscellaneous"),
            Map.entry("prof", "professional"),
            Map.entry("util", "utilities"),
            Map.entry("ar", "accounts receivable"),
            Map.entry("ap", "accounts payable"),
            Map.entry("labour", "labor"),
            Map.entry("wages", "wage salary"),
            Map.entry("salaries", "wage salary"),
            Map.entry("donations", "charitable donation"),
            Map.entry("contributions", "contribution"));

    private static final Set<String> FILLING =
            Set.of("expense", "income", "cost", "account", "office", "shop", "and", "of", "the", "to", "on", "2");

    private NameFeatures() {}

    /** Words without case, punctuation and plural endings. */
    static List<String> words(String name) {
        List<String> words = new ArrayList<>();
        String plain = name.toLowerCase(Locale.ROOT).replace("'", "").replace("&", " and ");
        for (String word : plain.split("[^a-z0-9]+", -1)) {
            if (!word.isEmpty()) {
                words.add(singular(word));
            }
        }
        return List.copyOf(words);
    }

    private static String singular(String word) {
        if (word.length() > 4 && word.endsWith("ies")) {
            return word.substring(0, word.length() - 3) + "y";
        }
        boolean plural = word.length() > 3 && word.endsWith("s") && !word.endsWith("ss") && !word.endsWith("us");
        return plural ? word.substring(0, word.length() - 1) : word;
    }

    /** Features with their weights, before any is counted as common or rare. */
    static Map<String, Double> of(String name) {
        Map<String, Double> features = new TreeMap<>();
        List<String> words = words(spelledOut(name));
        for (int i = 0; i < words.size(); i++) {
            String word = words.get(i);
            features.merge("w:" + word, WORD, Double::sum);
            if (i > 0) {
                features.merge("p:" + words.get(i - 1) + " " + word, PAIR, Double::sum);
            }
            String padded = "_" + word + "_";
            for (int length = 3; length <= 4; length++) {
                for (int at = 0; at + length <= padded.length(); at++) {
                    features.merge("l:" + padded.substring(at, at + length), LETTERS, Double::sum);
                }
            }
        }
        return features;
    }

    /** The words that tell accounts apart, in no order: names that differ only in filling words are one. */
    static Set<String> bare(String name) {
        Set<String> words = new TreeSet<>(words(spelledOut(name)));
        Set<String> telling = new TreeSet<>(words);
        telling.removeAll(FILLING);
        return telling.isEmpty() ? words : telling;
    }

    static String spelledOut(String name) {
        StringBuilder plain = new StringBuilder();
        for (String word : name.toLowerCase(Locale.ROOT).split("[\\s,.;:()-]+", -1)) {
            plain.append(SHORT_FORMS.getOrDefault(word, word)).append(' ');
        }
        return plain.toString();
    }
}
