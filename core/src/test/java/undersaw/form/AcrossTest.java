package undersaw.form;

import static org.assertj.core.api.Assertions.assertThat;
import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.dollars;
import static undersaw.form.formula.Formulas.sum;

import java.util.List;
import org.junit.jupiter.api.Test;
import undersaw.calc.Plan;
import undersaw.line.LineId;

/** A line written once for each fixed member. */
class AcrossTest {
    private static final Columns TERMS = Columns.of("a", "b", "c");

    /** What is left over in one term goes to the next. */
    private static final class Terms extends Form {
        final Across left;
        final Across brought;

        Terms() {
            super("T", "Terms");
            part("1", "One", "none");
            Across paid = across(TERMS, "1/*", "Paid");
            brought = across(TERMS, "2/*", at -> "Brought to term " + at.number());
            left = across(TERMS, "3/*", "Left")
                    .is(at -> sum(paid.at(at), brought.at(at)).minus(dollars(at.number())));
            brought.is(at -> left.before(at, NOTHING));
            line("4", "Before the last").is(sum(left.allBefore(TERMS.members().get(2))));
        }
    }

    @Test
    void eachMemberStandsInTheAddressOfItsLine() {
        Plan plan = new Plan(2025, List.of(new Terms()), position -> List.of());
        assertThat(plan.linesOf(plan.parts().get(0)))
                .extracting(line -> line.id().text())
                .containsExactly(
                        "T/1/a", "T/1/b", "T/1/c", "T/2/a", "T/2/b", "T/2/c", "T/3/a", "T/3/b", "T/3/c", "T/4");
        assertThat(plan.line(LineId.of("T/2/b")).orElseThrow().caption()).isEqualTo("Brought to term 2");
    }

    @Test
    void aMemberReadsTheOneBefore() {
        Plan plan = new Plan(2025, List.of(new Terms()), position -> List.of());
        assertThat(words(plan, "T/2/a")).isEqualTo("0");
        assertThat(words(plan, "T/2/c")).isEqualTo("line T/3/b");
        assertThat(words(plan, "T/3/b")).isEqualTo("(line T/1/b plus line T/2/b) less 2");
        assertThat(words(plan, "T/4")).isEqualTo("line T/3/a plus line T/3/b");
    }

    private static String words(Plan plan, String line) {
        return plan.line(LineId.of(line)).orElseThrow().rule().orElseThrow().words();
    }

    @Test
    void numberedMembersCountFromOne() {
        assertThat(Columns.numbered(3).names()).containsExactly("1", "2", "3");
        assertThat(Columns.numbered(3).members()).first().matches(Columns.Member::isFirst);
    }
}
