package undersaw.web.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import undersaw.engagement.Fact;
import undersaw.line.LineId;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;

/** The questions of Schedule K: answered one by one, or the rest with no after showing which they are. */
@ExtendWith(Office.class)
class QuestionsTest {
    private FreshClient client;
    private Visitor tern;

    @BeforeEach
    void begin(Office.Running office) {
        client = FreshClient.begin(office, "Questions " + System.nanoTime());
        tern = Visitor.as(office, "tern");
    }

    private String answer(String question) {
        return client.calculation().answer(LineId.of("1120/K/" + question));
    }

    @Test
    void thePageShowsWhatItWouldAnswerAndWhatItLeaves() {
        String page = tern.get(client.at("return/rest-no?sheet=K")).body();
        assertThat(page)
                .contains("would be answered No")
                .contains("are left to you")
                .contains("IRC 6721")
                .contains("IRC 6038A(d)");
        assertThat(answer("6")).isEmpty();
    }

    @Test
    void whatIsDearStaysOpenAndTheRestIsSigned() {
        tern.post(client.at("return/rest-no"), "sheet", "K");
        assertThat(answer("6")).isEqualTo("no");
        assertThat(answer("28")).isEqualTo("no");
        assertThat(answer("7")).isEmpty();
        assertThat(answer("15a")).isEmpty();
        assertThat(answer("27")).isEmpty();
        assertThat(client.calculation().snapshot().fact(LineId.of("1120/K/6").alone()))
                .map(Fact::by)
                .get()
                .asString()
                .contains("R. Tern")
                .endsWith("with the rest");
    }

    @Test
    void whatTheFactsContradictStaysOpen() {
        client.fact("1120/G/II/1/a@1", "Isla Reed").fact("1120/G/II/1/d@1", "60");
        tern.post(client.at("return/rest-no"), "sheet", "K");
        assertThat(answer("4b")).isEmpty();
        assertThat(answer("4a")).isEqualTo("no");
    }

    @Test
    void whatIsAnsweredIsNotTouched() {
        client.fact("1120/K/6", "yes");
        tern.post(client.at("return/rest-no"), "sheet", "K");
        assertThat(answer("6")).isEqualTo("yes");
    }

    @Test
    void withNothingLeftNothingChanges() {
        tern.post(client.at("return/rest-no"), "sheet", "K");
        long revision = client.revision();
        tern.post(client.at("return/rest-no"), "sheet", "K");
        assertThat(client.revision()).isEqualTo(revision);
    }

    @Test
    void oneAnswerIsGivenFromItsOwnRow() {
        tern.post(client.at("return/line"), "key", "1120/K/27", "was", "", "value", "no");
        assertThat(answer("27")).isEqualTo("no");
        assertThat(tern.get(client.at("return?sheet=K")).body())
                .contains("aria-label=\"No: 1120/K/27 Were digital assets received, sold or otherwise disposed of?\"");
    }

    @Test
    void anAnswerThatIsNeitherIsRefused() {
        assertThat(tern.post(client.at("return/line"), "key", "1120/K/27", "was", "", "value", "perhaps")
                        .statusCode())
                .isEqualTo(422);
        assertThat(answer("27")).isEmpty();
    }

    @Test
    void anAnswerThatCallsForAFormIsAStopUntilTheFormIsSaidToGoAlong() {
        client.fact("1120/K/6", "yes");
        assertThat(tern.get(client.at("check")).body())
                .contains("Question 6 calls for Form 5452")
                .contains("Prepare it elsewhere");
        tern.post(client.at("return/line"), "key", "1120/with/5452", "was", "", "value", "yes");
        assertThat(tern.get(client.at("check")).body()).doesNotContain("calls for Form 5452");
        assertThat(tern.get(client.at("return?sheet=with")).body()).contains("Form 5452 is prepared and goes with");
    }
}
