package undersaw.web.assets;

import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import undersaw.calc.Calculation;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.line.LineKey;

/** The return as it would be with other figures, which nobody keeps. */
final class Tried {
    private Tried() {}

    /** With these figures in place of those that stand; an empty one takes a figure off. */
    static Calculation with(Calculation year, Map<LineKey, String> figures) {
        Map<LineKey, @Nullable Fact> facts = new TreeMap<>();
        figures.forEach((key, value) -> facts.put(key, value.isEmpty() ? null : Fact.of(value)));
        Change change = new Change.FactsSet(facts);
        return year.after(change.applyTo(year.snapshot()), change.touches());
    }
}
