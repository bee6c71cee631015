package undersaw.suggestions;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import undersaw.table.Table;
import undersaw.table.TableRow;

/**
 * What an account's name is made of: its words without case, punctuation and plural endings, pairs of neighbouring
 * words, and runs of three and four letters, which see through abbreviations and misspellings.
 */
final class NameFeatures {
    private static final double WORD = 1.0;
    private static final double PAIR = 0.7;
    private static final double LETTERS = 0.28;
    private static final double CHILD = 1.3;
    private static final double PARENT = 0.45;
    private static final int LONGEST = 3;
    private static final Map<String, String> SHORT_FORMS = shortForms();

    private static final Set<String> FILLING =
            Set.of("expense", "income", "cost", "account", "office", "shop", "and", "of", "the", "to", "on", "2");

    private NameFeatures() {}

    private static Map<String, String> shortForms() {
        Map<String, String> forms = new HashMap<>();
        for (TableRow row : Table.read("undersaw/short-forms.csv", List.of("short", "words"))) {
            forms.put(String.join(" ", tokens(row.text("short"))), row.text("words"));
        }
        return forms;
    }

    /** Words without case, punctuation and plural endings, short forms of the trade spelled out. */
    static List<String> words(String name) {
        List<String> words = new ArrayList<>();
        for (String word : spelledOut(name).split("[^\\p{L}\\d]+", -1)) {
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

    /** Features with their weights, before any is counted as common or rare; a child says more than its parent. */
    static Map<String, Double> of(String name) {
        Map<String, Double> features = new TreeMap<>();
        int colon = name.lastIndexOf(':');
        boolean parted = colon > 0 && colon + 1 < name.strip().length();
        if (parted) {
            add(features, words(name.substring(0, colon)), PARENT);
        }
        add(features, words(parted ? name.substring(colon + 1) : name), parted ? CHILD : 1);
        return features;
    }

    private static void add(Map<String, Double> features, List<String> words, double weight) {
        for (int i = 0; i < words.size(); i++) {
            String word = words.get(i);
            features.merge("w:" + word, WORD * weight, Double::sum);
            if (i > 0) {
                features.merge("p:" + words.get(i - 1) + " " + word, PAIR * weight, Double::sum);
            }
            String padded = "_" + word + "_";
            for (int length = 3; length <= 4; length++) {
                for (int at = 0; at + length <= padded.length(); at++) {
                    features.merge("l:" + padded.substring(at, at + length), LETTERS * weight, Double::sum);
                }
            }
        }
    }

    /** The words that tell accounts apart, in no order: names that differ only in filling words are one. */
    static Set<String> bare(String name) {
        Set<String> words = new TreeSet<>(words(name));
        Set<String> telling = new TreeSet<>(words);
        telling.removeAll(FILLING);
        return telling.isEmpty() ? words : telling;
    }

    /** A name with the trade's short forms in full, the longest first; account and card numbers are all alike. */
    static String spelledOut(String name) {
        List<String> tokens = tokens(name);
        StringBuilder plain = new StringBuilder();
        for (int at = 0; at < tokens.size(); ) {
            int taken = 0;
            for (int length = Math.min(LONGEST, tokens.size() - at); length > 0 && taken == 0; length--) {
                String full = SHORT_FORMS.get(String.join(" ", tokens.subList(at, at + length)));
                if (full != null) {
                    plain.append(full).append(' ');
                    taken = length;
                }
            }
            if (taken == 0) {
                plain.append(pieces(tokens.get(at))).append(' ');
                taken = 1;
            }
            at += taken;
        }
        return plain.toString();
    }

    private static String pieces(String token) {
        if (token.matches("(19|20)\\d{2}")) {
            return ""; // a model year says nothing of what the thing is
        }
        if (token.matches("[x.]*\\d{3,}")) {
            return "digits";
        }
        StringBuilder plain = new StringBuilder();
        for (String piece : token.split("[/&+]", -1)) {
            plain.append(SHORT_FORMS.getOrDefault(piece, piece)).append(' ');
        }
        return plain.toString();
    }

    /** Words as they are written, with the slashes and signs that short forms hold. */
    private static List<String> tokens(String name) {
        String plain = name.toLowerCase(Locale.ROOT)
                .replace('\u2019', '\'')
                .replaceAll("'s\\b", "")
                .replace("'", "")
                .replaceAll("\\b([a-z])\\.(?=[a-z]\\b)", "$1")
                .replaceAll("\\s*&\\s*", "&")
                .replaceAll("\\s*/\\s*", "/");
        List<String> tokens = new ArrayList<>();
        for (String token : plain.split("[\\s,.;:()#*_\\[\\]\"–—-]+", -1)) {
            if (!token.isEmpty()) {
                tokens.add(token);
            }
        }
        return tokens;
    }
}
