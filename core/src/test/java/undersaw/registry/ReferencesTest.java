package undersaw.registry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import undersaw.calc.Plan;
import undersaw.floors.CompiledClasses;
import undersaw.floors.CompiledClasses.Text;
import undersaw.form.Line;
import undersaw.form.MapTarget;
import undersaw.returns.ReturnKind;

/**
 * Every line that a check, a tie-out, a posting or anything else names by its text is there in some year: a text of the
 * shape of a line in the compiled classes that no plan knows fails here, with its place.
 */
class ReferencesTest {
    /** What joined texts leave open stands as this character. */
    private static final char OPEN = '\1';

    private static final Set<String> IDS = ids();
    private static final Set<String> FORMS = forms();

    private static Stream<Plan> plans() {
        return Returns.all().stream().flatMap(ReferencesTest::plans);
    }

    private static Stream<Plan> plans(ReturnKind kind) {
        return IntStream.rangeClosed(kind.years().first(), kind.years().last()).mapToObj(kind::plan);
    }

    private static Set<String> ids() {
        Set<String> ids = new TreeSet<>();
        plans().forEach(plan -> {
            plan.parts()
                    .forEach(part -> plan.linesOf(part).stream().map(Line::id).forEach(id -> ids.add(id.text())));
            plan.targets().stream().map(MapTarget::id).forEach(id -> ids.add(id.text()));
        });
        Returns.all().stream()
                .flatMap(kind -> kind.treatments().stream())
                .forEach(treatment ->
                        List.of("", "/begin", "/end").forEach(column -> ids.add("TREAT/" + treatment.id() + column)));
        return ids;
    }

    private static Set<String> forms() {
        Set<String> forms = new HashSet<>();
        IDS.forEach(id -> forms.add(id.substring(0, id.indexOf('/'))));
        return forms;
    }

    /** Whether the text says it is a line, or the beginning or a pattern of one. */
    private static boolean isLine(String text) {
        int slash = text.indexOf('/');
        return slash > 0 && FORMS.contains(text.substring(0, slash)) && text.matches("[A-Za-z0-9./\\01-]+");
    }

    private static boolean isThere(String text) {
        if (text.endsWith("/")) {
            return IDS.stream().anyMatch(id -> id.startsWith(text));
        }
        if (text.indexOf(OPEN) < 0) {
            return IDS.contains(text);
        }
        Pattern pattern = Pattern.compile(Stream.of(text.split(String.valueOf(OPEN), -1))
                .map(Pattern::quote)
                .reduce((a, b) -> a + ".*" + b)
                .orElseThrow());
        return IDS.stream().anyMatch(id -> pattern.matcher(id).matches());
    }

    @Test
    void everyLineNamedByItsTextIsThere() {
        List<Text> lines = CompiledClasses.with(Returns.class).texts().stream()
                .filter(each -> isLine(each.text()))
                .toList();
        assertThat(lines).as("texts that are lines").hasSizeGreaterThan(500);
        assertThat(lines.stream().filter(each -> !isThere(each.text())).map(Text::toString))
                .as("lines that no year has")
                .isEmpty();
    }
}
