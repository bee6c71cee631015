package undersaw.suggestions;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import undersaw.ledger.StatementKind;
import undersaw.suggestions.KnownName.Place;

/** What each word of a name usually goes with: its share among the known names that hold it, by their rarity. */
final class WordVotes {
    private static final double DOUBT = 0.6;
    private static final double LAST_WORD = 1.15;

    private final Map<StatementKind, Map<String, Map<Place, Integer>>> counts = new HashMap<>();
    private final Map<StatementKind, Map<String, Integer>> totals = new HashMap<>();
    private final int names;

    WordVotes(List<KnownName> names) {
        this.names = names.size();
        for (KnownName name : names) {
            NameFeatures.words(name.name()).stream()
                    .distinct()
                    .forEach(word -> counts.computeIfAbsent(name.statement(), unused -> new HashMap<>())
                            .computeIfAbsent(word, unused -> new HashMap<>())
                            .merge(name.place(), 1, Integer::sum));
        }
        counts.forEach((statement, words) -> words.forEach((word, places) -> totals.computeIfAbsent(
                        statement, unused -> new HashMap<>())
                .put(word, places.values().stream().mapToInt(Integer::intValue).sum())));
    }

    /** How rare a word is: about one for common words, seven for one that was never seen. */
    double rarity(StatementKind statement, String word) {
        int seen = totals.getOrDefault(statement, Map.of()).getOrDefault(word, 0);
        return Math.log((1.0 + names) / (1.0 + seen));
    }

    boolean knows(StatementKind statement, String word) {
        return counts.getOrDefault(statement, Map.of()).containsKey(word);
    }

    /** Shares by place; they add up to at most one. */
    Map<Place, Double> of(String name, StatementKind statement) {
        List<String> words = NameFeatures.words(name);
        Map<Place, Double> votes = new HashMap<>();
        double all = 0;
        for (int i = 0; i < words.size(); i++) {
            Map<Place, Integer> places =
                    counts.getOrDefault(statement, Map.of()).getOrDefault(words.get(i), Map.of());
            if (!places.isEmpty()) {
                double weight = rarity(statement, words.get(i)) * (i == words.size() - 1 ? LAST_WORD : 1);
                double seen = totals.get(statement).get(words.get(i)) + DOUBT;
                places.forEach((place, count) -> votes.merge(place, weight * count / seen, Double::sum));
                all += weight;
            }
        }
        double sum = all;
        votes.replaceAll((place, vote) -> vote / sum);
        return votes;
    }
}
