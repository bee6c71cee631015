package undersaw.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static undersaw.form.formula.Formulas.proportion;
import static undersaw.form.formula.Formulas.sum;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import undersaw.calc.Plan;
import undersaw.form.formula.Input;
import undersaw.form.formula.Reference;
import undersaw.line.LineId;
import undersaw.registry.Returns;

class PlanTest {
    private static final class Scratch extends Form {
        Scratch() {
            super("X", "Scratch");
            part("1", "One", "none");
        }

        Line add(String within) {
            return line(within, "Line " + within);
        }
    }

    private static Plan plan(Form... forms) {
        return new Plan(2025, List.of(forms), position -> List.of());
    }

    @Test
    void refusesALineDefinedTwiceAndNamesIt() {
        Scratch form = new Scratch();
        form.add("1");
        assertThatThrownBy(() -> form.add("1")).hasMessageContaining("X/1").hasMessageContaining("defined twice");
    }

    @Test
    void whatItWasPutTogetherFromIsFixed() {
        Scratch form = new Scratch();
        Line line = form.add("1");
        Part part = line.part();
        plan(form);
        assertThatThrownBy(() -> form.add("2")).hasMessageContaining("form X is described after");
        assertThatThrownBy(() -> line.help("late")).hasMessageContaining("line X/1 is described after");
        assertThatThrownBy(() -> line.is(line)).hasMessageContaining("line X/1 is described after");
        assertThatThrownBy(part::worksheet).hasMessageContaining("part 1 is described after");
    }

    @Test
    void refusesAReferenceToNothingAndNamesBoth() {
        Scratch form = new Scratch();
        form.add("1").is(new Reference(LineId.of("X/9")));
        assertThatThrownBy(() -> plan(form)).hasMessageContaining("X/1").hasMessageContaining("X/9");
    }

    @Test
    void refusesACircleAndNamesItsLines() {
        Scratch form = new Scratch();
        Line one = form.add("1");
        Line two = form.add("2").is(one);
        one.is(two);
        assertThatThrownBy(() -> plan(form))
                .hasMessageContaining("circle")
                .hasMessageContaining("X/1")
                .hasMessageContaining("X/2");
    }

    @Test
    void refusesTwoFormsWithTheSameLine() {
        Scratch one = new Scratch();
        one.add("1");
        Scratch two = new Scratch();
        two.add("1");
        assertThatThrownBy(() -> plan(one, two)).hasMessageContaining("defined by two forms");
    }

    @Test
    void leavesOutLinesThatDoNotStandYet() {
        Scratch form = new Scratch();
        form.add("1").since(2026);
        assertThat(plan(form).line(LineId.of("X/1"))).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(ints = {2022, 2023, 2024, 2025, 2026})
    void everyReturnBuildsForEveryYearOfItsLaw(int year) {
        Returns.all().forEach(kind -> assertThat(kind.plan(year).size()).isGreaterThan(200));
    }

    @Test
    void theWordsOfEveryFormulaNameTheLinesItReads() {
        Plan plan = Returns.all().get(0).plan(2025);
        plan.parts().stream()
                .flatMap(part -> plan.linesOf(part).stream())
                .filter(line -> line.rule().isPresent())
                .forEach(line -> line.rule().get().reads().stream()
                        .flatMap(input -> named(input).stream())
                        .forEach(read -> assertThat(line.rule().get().words())
                                .as("words of %s", line)
                                .contains(read.text())));
    }

    /** A division names what it divides; by what it does is told in its steps. */
    private static Set<LineId> named(Input input) {
        return input instanceof Input.OfDivision part ? Set.of(part.division().line()) : input.lines();
    }

    @Test
    void whatIsNoAmountIsNotReadAsOne() {
        Scratch form = new Scratch();
        Line share = form.add("1").as(LineKind.PERCENT);
        Line months = form.add("2").as(LineKind.COUNT);
        Line amount = form.add("3");
        for (Line other : List.of(share, months)) {
            assertThatThrownBy(() -> sum(amount, other))
                    .hasMessageStartingWith("line X/" + other.id().within() + " Line")
                    .hasMessageEndingWith("and is read as an amount");
        }
        form.add("4").is(amount.times(share.ratio()));
        form.add("5").isCount(months::count);
        form.add("6").is(proportion(amount, months.count(), 12));
        Plan plan = plan(form);
        assertThat(plan.uses(LineId.of("X/1"))).extracting(Line::caption).containsExactly("Line 4");
        assertThat(plan.uses(LineId.of("X/2"))).extracting(Line::caption).containsExactly("Line 5", "Line 6");
    }

    @Test
    void everyLineHasAnAuthority() {
        Plan plan = Returns.all().get(0).plan(2025);
        plan.parts()
                .forEach(part -> plan.linesOf(part)
                        .forEach(line ->
                                assertThat(line.citation()).as("%s", line).isNotBlank()));
    }
}
