package undersaw.suggestions;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import undersaw.ledger.StatementKind;
import undersaw.suggestions.KnownName.Place;

/**
 * Finds the known names that a new one is most like: nearest neighbours by the cosine of weighted features, rare ones
 * counting more (term frequency times inverse document frequency), joined by place.
 */
final class NameModel {
    private static final double[] SHARES = {1.0, 0.3, 0.21, 0.13, 0.09};
    private static final double OURS = 0.12;

    private final List<KnownName> names;
    private final Map<String, Integer> numbers = new HashMap<>();
    private final double[] rarity;
    private final int[][] holders;
    private final double[][] weights;
    private final double unseen;
    private final List<Place> places = new ArrayList<>();
    private final int[] placeOf;

    NameModel(List<KnownName> names) {
        this.names = List.copyOf(names);
        Map<Place, Integer> known = new HashMap<>();
        placeOf = names.stream()
                .mapToInt(name -> known.computeIfAbsent(name.place(), place -> {
                    places.add(place);
                    return places.size() - 1;
                }))
                .toArray();
        List<Map<String, Double>> features =
                names.stream().map(each -> NameFeatures.of(each.name())).toList();
        List<Integer> counts = new ArrayList<>();
        features.forEach(each -> each.keySet().forEach(feature -> {
            int number = numbers.computeIfAbsent(feature, unused -> {
                counts.add(0);
                return counts.size() - 1;
            });
            counts.set(number, counts.get(number) + 1);
        }));
        rarity = new double[counts.size()];
        for (int i = 0; i < rarity.length; i++) {
            rarity[i] = Math.log((1.0 + names.size()) / (1.0 + counts.get(i))) + 1;
        }
        unseen = Math.log(1.0 + names.size()) + 1;
        holders = new int[rarity.length][];
        weights = new double[rarity.length][];
        index(features, counts);
    }

    private void index(List<Map<String, Double>> features, List<Integer> counts) {
        int[] filled = new int[rarity.length];
        for (int i = 0; i < rarity.length; i++) {
            holders[i] = new int[counts.get(i)];
            weights[i] = new double[counts.get(i)];
        }
        for (int name = 0; name < features.size(); name++) {
            double length = length(features.get(name));
            for (Map.Entry<String, Double> feature : features.get(name).entrySet()) {
                int number = numbers.get(feature.getKey());
                holders[number][filled[number]] = name;
                weights[number][filled[number]] = feature.getValue() * rarity[number] / length;
                filled[number]++;
            }
        }
    }

    private double length(Map<String, Double> features) {
        double sum = 0;
        for (Map.Entry<String, Double> feature : features.entrySet()) {
            Integer number = numbers.get(feature.getKey());
            double weight = feature.getValue() * (number == null ? unseen : rarity[number]);
            sum += weight * weight;
        }
        return Math.sqrt(sum);
    }

    /**
     * A place with what speaks for it.
     *
     * @param place the line and treatment
     * @param score from nothing to about one and a half
     * @param nearest the known name that is most alike
     */
    record Candidate(Place place, double score, KnownName nearest) {}

    /** Places of one statement, the likeliest first. */
    List<Candidate> candidates(String name, StatementKind statement) {
        Map<String, Double> features = NameFeatures.of(name);
        double length = length(features);
        double[] likeness = new double[names.size()];
        for (Map.Entry<String, Double> feature : features.entrySet()) {
            Integer number = numbers.get(feature.getKey());
            if (number != null) {
                double weight = feature.getValue() * rarity[number] / length;
                for (int i = 0; i < holders[number].length; i++) {
                    likeness[holders[number][i]] += weight * weights[number][i];
                }
            }
        }
        return joined(likeness, statement);
    }

    private List<Candidate> joined(double[] likeness, StatementKind statement) {
        double[][] best = new double[places.size()][];
        int[] nearest = new int[places.size()];
        for (int i = 0; i < likeness.length; i++) {
            if (likeness[i] > 0 && names.get(i).statement() == statement) {
                int place = placeOf[i];
                double each = strength(likeness, i);
                if (best[place] == null) {
                    best[place] = new double[SHARES.length];
                    nearest[place] = i;
                } else if (each > strength(likeness, nearest[place])) {
                    nearest[place] = i;
                }
                insert(best[place], each);
            }
        }
        List<Candidate> candidates = new ArrayList<>();
        for (int place = 0; place < best.length; place++) {
            if (best[place] != null) {
                double score = 0;
                for (int i = 0; i < SHARES.length; i++) {
                    score += SHARES[i] * best[place][i];
                }
                candidates.add(new Candidate(places.get(place), score, names.get(nearest[place])));
            }
        }
        candidates.sort(Comparator.comparingDouble(Candidate::score)
                .reversed()
                .thenComparing(each -> each.place().line())
                .thenComparing(each -> each.place().treatment()));
        return candidates;
    }

    private double strength(double[] likeness, int member) {
        return likeness[member] * (names.get(member).isOurs() ? 1 + OURS : 1);
    }

    private static void insert(double[] best, double value) {
        int at = best.length;
        while (at > 0 && best[at - 1] < value) {
            at--;
        }
        if (at < best.length) {
            System.arraycopy(best, at, best, at + 1, best.length - at - 1);
            best[at] = value;
        }
    }
}
