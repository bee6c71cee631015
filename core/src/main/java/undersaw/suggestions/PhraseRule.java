package undersaw.suggestions;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import undersaw.ledger.Account;
import undersaw.ledger.StatementKind;

/**
 * The oldest rule of the trade: the longest known phrase whose words all stand in an account's name, in its own order
 * before scattered.
 *
 * <p>Phrases lie by their first word, so that a name is held only against those that it can contain.
 */
final class PhraseRule {
    private final Map<Head, List<Phrase>> phrases = new HashMap<>();

    private record Head(StatementKind statement, String word) {}

    private record Phrase(KnownName name, List<String> words, int rank) {}

    PhraseRule(List<KnownName> names) {
        List<Phrase> all = new ArrayList<>();
        for (KnownName name : names) {
            all.add(new Phrase(name, NameFeatures.words(name.name()), all.size()));
        }
        for (Phrase phrase : all) {
            if (!phrase.words().isEmpty()) {
                phrases.computeIfAbsent(
                                new Head(
                                        phrase.name().statement(),
                                        phrase.words().get(0)),
                                unused -> new ArrayList<>())
                        .add(phrase);
            }
        }
    }

    /** The name whose phrase wins. */
    Optional<KnownName> find(Account account) {
        List<String> words = NameFeatures.words(account.name());
        List<Phrase> within = new ArrayList<>();
        for (String word : new HashSet<>(words)) {
            within.addAll(phrases.getOrDefault(new Head(account.statement(), word), List.of()));
        }
        return longest(within, phrase -> containsInOrder(words, phrase.words()))
                .or(() -> longest(within, phrase -> phrase.words().size() > 1 && words.containsAll(phrase.words())));
    }

    /** Among phrases of one length the one that the list has first. */
    private static Optional<KnownName> longest(List<Phrase> phrases, Predicate<Phrase> fits) {
        return phrases.stream()
                .filter(fits)
                .min(Comparator.comparingInt((Phrase phrase) -> -phrase.words().size())
                        .thenComparingInt(Phrase::rank))
                .map(Phrase::name);
    }

    private static boolean containsInOrder(List<String> words, List<String> phrase) {
        for (int start = 0; start + phrase.size() <= words.size(); start++) {
            if (words.subList(start, start + phrase.size()).equals(phrase)) {
                return true;
            }
        }
        return false;
    }
}
