package undersaw.form;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import undersaw.line.LineId;
import undersaw.table.Table;
import undersaw.table.TableRow;

/**
 * Short explanations of lines in our own words, kept in a table: one for a line, one for a row of columns, or one for a
 * whole part ({@code part:C}).
 */
public final class HelpTexts {
    private static final String PART = "part:";

    private final Map<String, String> words = new HashMap<>();
    private final Set<String> met = new HashSet<>();

    private HelpTexts(String resource) {
        for (TableRow row : Table.read(resource, List.of("line", "words"))) {
            if (words.put(row.text("line"), row.text("words")) != null) {
                throw new IllegalStateException(resource + " explains " + row.text("line") + " twice");
            }
        }
    }

    /**
     * Gives every line and part its words.
     *
     * @throws IllegalStateException when the table explains what no form has
     */
    public static void describe(String resource, List<Form> forms) {
        HelpTexts texts = new HelpTexts(resource);
        for (Form form : forms) {
            form.parts().forEach(part -> texts.find(PART + part.code()).ifPresent(part::help));
            form.lines().forEach(texts::describe);
        }
        Set<String> unknown = new HashSet<>(texts.words.keySet());
        unknown.removeAll(texts.met);
        if (!unknown.isEmpty()) {
            throw new IllegalStateException(resource + " explains what no form has: " + unknown);
        }
    }

    private void describe(Line line) {
        find(line.id().text()).or(() -> find(withoutColumn(line.id()))).ifPresent(line::help);
    }

    private static String withoutColumn(LineId line) {
        return line.text().replaceFirst("/[a-h]$", "");
    }

    private Optional<String> find(String key) {
        Optional<String> found = Optional.ofNullable(words.get(key));
        found.ifPresent(each -> met.add(key));
        return found;
    }
}
