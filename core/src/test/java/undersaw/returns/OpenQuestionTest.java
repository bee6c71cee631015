package undersaw.returns;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.form.Part;

/** Which open questions may be answered with no together (common practice, no source). */
class OpenQuestionTest {
    private static Map<String, String> open(Calculation year, String code) {
        Part part = year.plan().parts().stream()
                .filter(each -> each.code().equals(code))
                .findFirst()
                .orElseThrow();
        return OpenQuestion.of(year, part).stream()
                .collect(Collectors.toMap(each -> each.line().id().within(), OpenQuestion::keptOpen));
    }

    private static List<String> kept(Map<String, String> open) {
        return open.entrySet().stream()
                .filter(each -> !each.getValue().isEmpty())
                .map(Map.Entry::getKey)
                .sorted()
                .toList();
    }

    @Test
    void aWrongNoThatIsDearIsLeftToAPerson() {
        Map<String, String> open = open(SampleReturns.corporation().calculate(), "K");
        assertThat(open).containsKey("K/5a");
        assertThat(kept(open)).containsExactly("K/15a", "K/19", "K/27", "K/29c", "K/4b", "K/7");
        assertThat(open.get("K/15a")).contains("IRC 6721");
    }

    @Test
    void whatTheEngagementsOwnFactsSpeakForIsLeftToo() {
        Map<String, String> paid = open(
                SampleReturns.nonprofit()
                        .fact("990-EZ/hdr/J", "501(c)(3)")
                        .expense("6120", "990-EZ/12", "program", "100001")
                        .calculate(),
                "VI");
        assertThat(kept(paid)).containsExactly("50", "52");
    }

    @Test
    void whatFollowsAnotherIsAskedOnlyAfterYes() {
        assertThat(open(SampleReturns.corporation().calculate(), "K")).doesNotContainKey("K/15b");
        assertThat(open(SampleReturns.corporation().fact("1120/K/15a", "yes").calculate(), "K"))
                .containsKey("K/15b")
                .doesNotContainKey("K/15a");
    }

    @Test
    void aPartThatDoesNotBelongAsksNothing() {
        assertThat(open(SampleReturns.nonprofit().fact("990-EZ/hdr/J", "527").calculate(), "VI"))
                .isEmpty();
    }
}
