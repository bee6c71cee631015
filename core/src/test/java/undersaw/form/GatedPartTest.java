package undersaw.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static undersaw.form.formula.Formulas.dollars;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.calc.Lineage;
import undersaw.calc.Plan;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.Snapshot;
import undersaw.line.LineId;
import undersaw.line.LineKey;

/** Parts whose lines are found only while they are needed, or added by hand. */
class GatedPartTest {
    private static final LineId TYPED = LineId.of("X/1");
    private static final LineId DOUBLE = LineId.of("X/2");
    private static final LineId AFTER = LineId.of("X/3");

    /** A line that is typed; twice as much, once it reaches a hundred; and what reads that. */
    private static final class Scratch extends Form {
        Scratch() {
            super("X", "Scratch");
            part("1", "One", "none");
            Line typed = line("1", "Typed");
            Part second = partByNeed("2", "Two", "none", "twice");
            second.neededWhen(() -> typed.isAtLeast(dollars(100))).foundOnlyThen();
            Line twice = line("2", "Twice").is(typed.plus(typed));
            part("3", "Three", "none");
            line("3", "After").is(twice.plus(typed)).always();
        }
    }

    private static final Plan PLAN = new Plan(2025, List.of(new Scratch()), position -> List.of());

    private static Calculation year(String... facts) {
        Snapshot snapshot = SampleReturns.corporation().snapshot();
        return with(Calculation.of(PLAN, snapshot), facts);
    }

    private static Calculation with(Calculation before, String... facts) {
        Calculation year = before;
        for (int i = 0; i < facts.length; i += 2) {
            Change change = new Change.FactsSet(Map.of(LineKey.parse(facts[i]), Fact.of(facts[i + 1])));
            year = year.after(change.applyTo(year.snapshot()), change.touches());
        }
        return year;
    }

    @Test
    void linesStayEmptyUntilTheirPartIsNeeded() {
        assertThat(year("X/1", "99").value(DOUBLE)).isEmpty();
        assertThat(year("X/1", "99").amount(AFTER).dollars()).isEqualTo(99);
        assertThat(year("X/1", "100").amount(DOUBLE).dollars()).isEqualTo(200);
        assertThat(year("X/1", "100").amount(AFTER).dollars()).isEqualTo(300);
    }

    @Test
    void theyEmptyAgainWhenTheNeedGoes() {
        Calculation gone = with(year("X/1", "100"), "X/1", "7");
        assertThat(gone.value(DOUBLE)).isEmpty();
        assertThat(gone.amount(AFTER).dollars()).isEqualTo(7);
    }

    @Test
    void addingThePartByHandFindsThem() {
        assertThat(year("X/1", "7", "X/add/2", "yes").amount(DOUBLE).dollars()).isEqualTo(14);
    }

    @Test
    void aFigureTypedThereStandsWithoutNeed() {
        Calculation typed = year("X/2", "55");
        assertThat(typed.amount(DOUBLE).dollars()).isEqualTo(55);
        assertThat(typed.amount(AFTER).dollars()).isEqualTo(55);
    }

    @Test
    void aFigureTypedWithoutNeedTakesThePlaceOfNothing() {
        Calculation typed = year("X/1", "7", "X/2", "55");
        assertThat(typed.value(DOUBLE).orElseThrow().unreplaced().dollars()).isZero();
        assertThat(with(typed, "X/1", "100")
                        .value(DOUBLE)
                        .orElseThrow()
                        .unreplaced()
                        .dollars())
                .isEqualTo(200);
    }

    @Test
    void whatMovesWithoutCrossingCostsOnlyTheQuestion() {
        Calculation below = year("X/1", "10");
        // the typed line, the need and the line after; not the part's own
        assertThat(with(below, "X/1", "20").evaluatedLines()).isEqualTo(3);
    }

    @Test
    void theLineThatSaysTheNeedIsNoLineOfThePart() {
        Calculation year = year("X/1", "100");
        assertThat(year.answer(LineId.of("X/need/2"))).isEqualTo("yes");
        assertThat(PLAN.parts().stream().flatMap(part -> PLAN.linesOf(part).stream()))
                .extracting(line -> line.id().text())
                .containsExactly("X/1", "X/2", "X/3");
        assertThat(year.printed())
                .extracting(value -> value.key().line().text())
                .containsExactly("X/1", "X/2", "X/3");
    }

    @Test
    void lineageNamesRulesAndNotNeeds() {
        Lineage typed = Lineage.of(year("X/1", "100"), TYPED.alone()).orElseThrow();
        assertThat(typed.uses()).extracting(use -> use.line().id()).containsExactlyInAnyOrder(DOUBLE, AFTER);
        Lineage unneeded = Lineage.of(year("X/1", "5"), TYPED.alone()).orElseThrow();
        assertThat(unneeded.uses()).extracting(use -> use.line().id()).containsExactly(AFTER);
        assertThat(Lineage.of(year("X/1", "100"), DOUBLE.alone()).orElseThrow().formula())
                .isEqualTo("line 1 plus line 1");
    }

    @Test
    void aNeedThatReadsItsOwnPartIsACircle() {
        final class Circle extends Form {
            private Line own;

            Circle() {
                super("Y", "Circle");
                part("1", "One", "none").neededWhen(() -> own.isNotZero()).foundOnlyThen();
                own = line("1", "Own").is(dollars(5).plus(dollars(1)));
            }
        }
        assertThatThrownBy(() -> new Plan(2025, List.of(new Circle()), position -> List.of()))
                .hasMessageContaining("circle");
    }

    @Test
    void aPartMustSayItsNeedFirst() {
        final class Needless extends Form {
            Needless() {
                super("Z", "Needless");
                part("1", "One", "none").foundOnlyThen();
                line("1", "Own").is(dollars(5).plus(dollars(1)));
            }
        }
        assertThatThrownBy(() -> new Plan(2025, List.of(new Needless()), position -> List.of()))
                .isInstanceOf(RuntimeException.class);
    }
}
