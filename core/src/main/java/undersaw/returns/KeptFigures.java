package undersaw.returns;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import undersaw.calc.Calculation;
import undersaw.calc.Movement;
import undersaw.form.Line;
import undersaw.form.Part;
import undersaw.form.formula.Input;
import undersaw.form.formula.Rule;
import undersaw.law.LawKey;
import undersaw.line.LineId;
import undersaw.line.LineKey;

/**
 * The figures of a return as they were computed once, to be held against what the same books give under another law or
 * other forms.
 *
 * @param byKey every figure that does not repeat, and the law it was computed under, as files write them
 */
public record KeptFigures(Map<LineKey, String> byKey) {
    private static final String LAW = "law/";

    /** Keeps its own copy, in order. */
    public KeptFigures {
        byKey = new LinkedHashMap<>(byKey);
    }

    /**
     * A figure that is no longer what it was.
     *
     * @param moved the figure
     * @param caption its line's name; empty where the line is gone
     * @param why what moved it, in words
     */
    public record Shift(Movement moved, String caption, List<String> why) {}

    /** The figures of a return as computed. */
    public static KeptFigures of(Calculation calculation) {
        Map<LineKey, String> figures = new LinkedHashMap<>();
        for (Part part : calculation.plan().parts()) {
            for (Line line : calculation.plan().linesOf(part)) {
                if (!line.isRepeating()) {
                    calculation
                            .value(line.id())
                            .ifPresent(value ->
                                    figures.put(line.id().alone(), value.value().plain()));
                }
            }
        }
        for (LawKey key : calculation.plan().law()) {
            figures.put(place(key), calculation.law().value(key).text());
        }
        return new KeptFigures(figures);
    }

    private static LineKey place(LawKey key) {
        return LineId.of(LAW + key.table() + "." + key.key()).alone();
    }

    /** The same figures after what was changed since. */
    public KeptFigures with(List<Movement> moved) {
        Map<LineKey, String> figures = new LinkedHashMap<>(byKey);
        for (Movement each : moved) {
            if (each.after().isEmpty()) {
                figures.remove(each.key());
            } else {
                figures.put(each.key(), each.after());
            }
        }
        return new KeptFigures(figures);
    }

    /** What is no longer as it was kept, causes before what they cause. */
    public List<Shift> against(Calculation now) {
        Map<LineKey, String> fresh = of(now).byKey();
        Map<LineKey, Movement> moved = new LinkedHashMap<>();
        fresh.forEach((key, text) -> note(moved, key, byKey.getOrDefault(key, ""), text));
        byKey.forEach((key, text) -> note(moved, key, text, fresh.getOrDefault(key, "")));
        Map<LineKey, Movement> law = new HashMap<>();
        moved.values().stream()
                .filter(each -> each.key().line().text().startsWith(LAW))
                .forEach(each -> law.put(each.key(), each));
        List<Shift> shifts = new ArrayList<>();
        moved.values().stream()
                .filter(each -> !law.containsKey(each.key()))
                .sorted((left, right) -> Integer.compare(order(now, left), order(now, right)))
                .forEach(each -> shifts.add(new Shift(
                        each,
                        now.plan().line(each.key().line()).map(Line::caption).orElse(""),
                        why(now, each, moved.keySet(), law))));
        return List.copyOf(shifts);
    }

    private static int order(Calculation now, Movement moved) {
        return now.plan().line(moved.key().line()).map(now.plan()::place).orElse(Integer.MAX_VALUE);
    }

    private static void note(Map<LineKey, Movement> moved, LineKey key, String before, String after) {
        if (!before.equals(after)) {
            moved.putIfAbsent(key, new Movement(key, before, after));
        }
    }

    private static List<String> why(
            Calculation now, Movement moved, Set<LineKey> allMoved, Map<LineKey, Movement> law) {
        List<String> words = new ArrayList<>();
        List<String> through = new ArrayList<>();
        Set<Input> reads = now.plan()
                .line(moved.key().line())
                .flatMap(Line::rule)
                .map(Rule::reads)
                .orElse(Set.of());
        for (Input input : reads) {
            if (input instanceof Input.OfLaw read && law.containsKey(place(read.key()))) {
                Movement amended = law.get(place(read.key()));
                words.add("the law: " + read.key().words() + " was " + amended.before() + ", is " + amended.after());
            }
            input.lines().stream()
                    .filter(line -> allMoved.contains(line.alone()))
                    .forEach(line -> through.add(line.text()));
        }
        if (!through.isEmpty()) {
            words.add("through "
                    + String.join(", ", through.stream().distinct().sorted().toList()));
        }
        if (words.isEmpty()) {
            boolean heading = now.plan()
                    .line(moved.key().line())
                    .flatMap(Line::headingField)
                    .isPresent();
            words.add(
                    heading
                            ? "the client's facts"
                            : reads.isEmpty() ? "the line is new or gone" : "the form's own rule");
        }
        return List.copyOf(words);
    }
}
