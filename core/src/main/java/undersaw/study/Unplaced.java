package undersaw.study;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import undersaw.calc.Calculation;
import undersaw.engagement.Fact;
import undersaw.form.Line;
import undersaw.line.LineKey;

/**
 * What was typed on the return that is studied and has no line in the study: a person leaves it out, or types it
 * elsewhere.
 *
 * @param key where it stood
 * @param words the caption of its line there
 * @param value what was typed
 */
public record Unplaced(LineKey key, String words, String value) {
    private static final String TREATMENT = "TREAT/";

    /** All of it, in the order of its addresses. */
    public static List<Unplaced> of(Calculation study, Calculation original) {
        Map<LineKey, Fact> facts = new TreeMap<>(study.snapshot().facts());
        return facts.entrySet().stream()
                .filter(fact -> !study.plan().knows(fact.getKey().line())
                        && !fact.getKey().line().text().startsWith(TREATMENT))
                .map(fact -> new Unplaced(
                        fact.getKey(),
                        words(original, fact.getKey()),
                        fact.getValue().value()))
                .toList();
    }

    private static String words(Calculation original, LineKey key) {
        Optional<Line> line = original.plan().line(key.line());
        return line.map(Line::caption).orElse("");
    }
}
