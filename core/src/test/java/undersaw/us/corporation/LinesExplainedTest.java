package undersaw.us.corporation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import undersaw.form.Line;
import undersaw.form.Part;
import undersaw.line.Dimension;
import undersaw.registry.Returns;
import undersaw.returns.ReturnKind;

/** Every line says what it means and where the law says so, and every line that repeats belongs to a list. */
class LinesExplainedTest {
    private static final List<String> REGISTERS = List.of("ASSETS", "OWNERS");

    private static List<Line> lines(ReturnKind kind) {
        return kind.plan(2025).parts().stream()
                .flatMap(part -> kind.plan(2025).linesOf(part).stream())
                .toList();
    }

    @Test
    void everyLineIsExplained() {
        for (ReturnKind kind : Returns.all()) {
            assertThat(lines(kind))
                    .filteredOn(line -> REGISTERS.stream().noneMatch(line.id().text()::startsWith))
                    .filteredOn(line -> line.help().isBlank() || line.citation().isBlank())
                    .extracting(Line::toString)
                    .isEmpty();
        }
    }

    @Test
    void everyPartCitesItsLaw() {
        for (ReturnKind kind : Returns.all()) {
            assertThat(kind.plan(2025).parts())
                    .filteredOn(part -> part.citation().isBlank())
                    .extracting(Part::title)
                    .isEmpty();
        }
    }

    @Test
    void everyLineThatRepeatsBelongsToAList() {
        for (ReturnKind kind : Returns.all()) {
            assertThat(lines(kind))
                    .filteredOn(line -> line.scope()
                            .filter(members -> !isListed(kind, members))
                            .isPresent())
                    .extracting(Line::toString)
                    .isEmpty();
        }
    }

    private static boolean isListed(ReturnKind kind, Dimension members) {
        return members.path().isEmpty()
                ? kind.plan(2025).lists().stream()
                        .anyMatch(list -> list.members().equals(members))
                : members.path().stream().allMatch(part -> isListed(kind, part));
    }

    @Test
    void noExplanationIsLongerThanTheDrawer() {
        assertThat(lines(Returns.all().get(0)))
                .allSatisfy(line -> assertThat(line.help()).hasSizeLessThan(200));
    }
}
