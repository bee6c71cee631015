package undersaw.web.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import undersaw.engagement.SetAside;
import undersaw.line.LineId;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;

/** Findings: answered where they stand, set aside with a reason, or left as stops. */
@ExtendWith(Office.class)
class CheckTest {
    private FreshClient client;
    private Visitor tern;

    @BeforeEach
    void begin(Office.Running office) {
        client = FreshClient.begin(office, "Check " + System.nanoTime());
        tern = Visitor.as(office, "tern");
    }

    private HttpResponse<String> setAside(String key, String reason) {
        return tern.post(client.at("check/set-aside"), "key", key, "reason", reason);
    }

    private SetAside kept(String key) {
        return client.calculation().snapshot().setAsides().get(key);
    }

    @Test
    void anAnswerGivenAtCheckComesBackToCheckWithoutScript() {
        HttpResponse<String> answer = tern.postFrom(
                client.at("check"), client.at("return/line"), "key", "1120/K/27", "was", "", "value", "no");
        assertThat(answer.uri().getPath()).isEqualTo(client.at("check"));
        assertThat(client.calculation().answer(LineId.of("1120/K/27"))).isEqualTo("no");
        assertThat(answer.body()).doesNotContain("C-0117");
    }

    @Test
    void theSameFromASheetShowsTheLine() {
        HttpResponse<String> answer = tern.postFrom(
                client.at("return?sheet=K"), client.at("return/line"), "key", "1120/K/27", "was", "", "value", "no");
        assertThat(answer.uri().toString()).endsWith("return?line=1120/K/27");
    }

    @Test
    void aQueryIsSetAsideWithItsReasonNameAndDay() {
        setAside("C-0109.1120/K/16", "asked the client by telephone");
        assertThat(kept("C-0109.1120/K/16").reason()).isEqualTo("asked the client by telephone");
        assertThat(kept("C-0109.1120/K/16").by()).contains("R. Tern").contains("2026-03-09");
        assertThat(tern.get(client.at("check")).body()).contains("asked the client by telephone");
    }

    @Test
    void aQueryIsNotSetAsideWithoutAReason() {
        HttpResponse<String> answer = setAside("C-0109.1120/K/16", "  ");
        assertThat(answer.statusCode()).isBetween(400, 499);
        assertThat(kept("C-0109.1120/K/16")).isNull();
    }

    @Test
    void aStopCannotBeSetAside() {
        HttpResponse<String> answer = setAside("C-0117.1120/K/27", "because");
        assertThat(answer.body()).contains("stops cannot");
        assertThat(kept("C-0117.1120/K/27")).isNull();
    }

    @Test
    void whatWasSetAsideOpensAgainWhenItSaysSomethingElse() {
        client.fact("1120/K/24", "no").fact("448c/y1", "90000000").fact("1120/18", "500");
        String finding = "C-0807.1120/K/24";
        assertThat(tern.get(client.at("check")).body()).contains("interest needs Form 8990");
        setAside(finding, "election in force");
        assertThat(kept(finding)).isNotNull();
        client.fact("448c/y1", "5000");
        assertThat(tern.get(client.at("check")).body()).doesNotContain("interest needs Form 8990");
    }

    @Test
    void everyFindingLeadsToItsPlace() {
        String page = tern.get(client.at("check")).body();
        assertThat(page).contains("line=1120/K/27").contains("Go to Line 1120/K/27");
        assertThat(page).contains("TO-01").contains("agrees");
    }

    @Test
    void sealingIsRefusedWhileAStopIsOpen() {
        HttpResponse<String> answer = tern.post(client.at("file/seal"), "revision", String.valueOf(client.revision()));
        assertThat(answer.statusCode()).isEqualTo(409);
        assertThat(answer.body()).containsIgnoringCase("stop");
    }

    @Test
    void whatChangedSinceTheReviewIsNotSealed() {
        long reviewed = client.revision();
        client.fact("1120/K/27", "no");
        HttpResponse<String> answer = tern.post(client.at("file/seal"), "revision", String.valueOf(reviewed));
        assertThat(answer.statusCode()).isEqualTo(409);
        assertThat(answer.body()).contains("changed while you reviewed it");
    }
}
