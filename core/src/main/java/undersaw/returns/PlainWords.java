package undersaw.returns;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * Words by which a person looks for something; a plural finds its singular, and "line" and "form" before a number mean
 * nothing of their own.
 *
 * @param words in small letters; none where nothing was asked
 */
public record PlainWords(List<String> words) {
    private static final int LONG = 4;

    /** Keeps its own copy. */
    public PlainWords {
        words = List.copyOf(words);
    }

    public static PlainWords of(String text) {
        List<String> all = Stream.of(text.strip().toLowerCase(Locale.ROOT).split("\\s+"))
                .filter(word -> !word.isEmpty())
                .map(word -> word.length() > LONG && word.endsWith("s") ? word.substring(0, word.length() - 1) : word)
                .toList();
        List<String> telling = all.stream()
                .filter(word -> !word.equals("line") && !word.equals("form"))
                .toList();
        return new PlainWords(telling.isEmpty() ? all : telling);
    }

    /** Whether the text holds every word. */
    public boolean fit(String text) {
        String small = text.toLowerCase(Locale.ROOT);
        return words.stream().allMatch(small::contains);
    }
}
