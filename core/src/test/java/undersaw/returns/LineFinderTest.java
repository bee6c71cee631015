package undersaw.returns;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.SampleReturns;
import undersaw.calc.Plan;

/** Lines and forms are found by number, caption and plain words, the nearest first. */
class LineFinderTest {
    private static final Plan PLAN = SampleReturns.corporation().calculate().plan();

    private static List<String> find(String words) {
        return LineFinder.of(PLAN).find(PlainWords.of(words), 12, place -> false).stream()
                .map(LineFinder.Place::words)
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "line 19,1120/19 Charitable contributions",
        "19,1120/19 Charitable contributions",
        "J 12,1120/J/12 Total tax",
        "j12,1120/J/12 Total tax",
        "1120 J 12,1120/J/12 Total tax",
        "l 10a c,1120/L/10a/c Buildings and other depreciable assets",
        "1120/29a,1120/29a Net operating loss deduction",
        "M-1/5c,1120/M-1/5c Travel and entertainment",
        "form 2220,Form 2220: underpayment of estimated tax",
        "late payments,Form 2220: underpayment of estimated tax",
        "advertising,1120/22 Advertising"
    })
    void theNearestComesFirst(String words, String found) {
        assertThat(find(words).get(0)).isEqualTo(found);
    }

    @Test
    void everyWordMustFit() {
        assertThat(find("advertising of whales")).isEmpty();
        assertThat(PlainWords.of("line").fit("a line of credit")).isTrue();
        assertThat(PlainWords.of("gifts").fit("Gift tax")).isTrue();
    }
}
