package undersaw.suggestions;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import undersaw.ledger.Account;

/**
 * The oldest rule of the trade: the longest known phrase whose words all stand in an account's name, in its own order
 * before scattered.
 */
final class PhraseRule {
    private final List<Phrase> phrases;

    private record Phrase(KnownName name, List<String> words) {}

    PhraseRule(List<KnownName> names) {
        phrases = names.stream()
                .map(name -> new Phrase(name, NameFeatures.words(name.name())))
                .sorted(Comparator.comparingInt(
                                (Phrase phrase) -> phrase.words().size())
                        .reversed())
                .toList();
    }

    /** The name whose phrase wins. */
    Optional<KnownName> find(Account account) {
        List<String> words = NameFeatures.words(account.name());
        return first(account, phrase -> containsInOrder(words, phrase.words()))
                .or(() -> first(account, phrase -> phrase.words().size() > 1 && words.containsAll(phrase.words())));
    }

    private Optional<KnownName> first(Account account, Predicate<Phrase> fits) {
        return phrases.stream()
                .filter(phrase -> phrase.name().statement() == account.statement())
                .filter(fits)
                .map(Phrase::name)
                .findFirst();
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
