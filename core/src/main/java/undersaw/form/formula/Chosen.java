package undersaw.form.formula;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A word out of a few that a rule finds, such as the convention of an asset.
 *
 * @param which the place of the word among them, from 0
 * @param choices of which one is found
 */
public record Chosen(Counted which, List<String> choices) implements Rule {
    /** Keeps its own copy. */
    public Chosen {
        choices = List.copyOf(choices);
    }

    /** The place of the word that is found. */
    public long value(Figures figures) {
        return which.value(figures);
    }

    @Override
    public String words() {
        return which.words();
    }

    @Override
    public Set<Input> reads() {
        return which.reads();
    }

    @Override
    public String cell(Cells cells) {
        return "CHOOSE(" + cells.counted(which) + "+1,"
                + choices.stream().map(word -> "\"" + word + "\"").collect(Collectors.joining(",")) + ")";
    }
}
