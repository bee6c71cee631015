package undersaw.web.map;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.engagement.Change;
import undersaw.ledger.Mapping;
import undersaw.line.LineId;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;
import undersaw.web.desk.Workspace;

/** A line is meant by its address, its bare number or a few words, and Enter takes it where only one is meant. */
@ExtendWith(Office.class)
class MeantLineTest {
    private Visitor tern;
    private FreshClient client;
    private Workspace workspace;

    @BeforeEach
    void begin(Office.Running office) {
        tern = Visitor.as(office, "tern");
        workspace = office.bean(Workspace.class);
        client = FreshClient.begin(office, "Meant " + System.nanoTime());
    }

    private HttpResponse<String> map(String account, String line) {
        return tern.post(client.at("map"), "account", account, "line", line);
    }

    private Mapping mapping(String account) {
        return workspace.open(client.id()).snapshot().mapping(account).orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "18,1120/18",
        "1120/18,1120/18",
        "advertising,1120/22",
        "bad debts,1120/15",
        "16,1120/16",
        "pension,1120/23",
        "1120/26  Other deductions,1120/26"
    })
    void oneLineIsTaken(String typed, String line) {
        map("6010", typed);
        assertThat(mapping("6010").line()).hasToString(line);
    }

    @Test
    void severalAreNamed() {
        HttpResponse<String> answer = map("6010", "other");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("can be several lines").contains("1120/26");
        assertThat(mapping("6010").line()).hasToString("1120/13");
    }

    @Test
    void nothingMeantIsSaid() {
        assertThat(map("6010", "zzyzx").body()).contains("is no line that this account can feed");
        assertThat(map("6010", " ").body()).contains("Type a line");
    }

    @Test
    void allThatAreSureAreConfirmedAndTheOthersWait() {
        Map<String, @Nullable Mapping> suggested = new TreeMap<>();
        suggested.put("6010", mapping("6010").suggestedBecause(80, "named like wages"));
        suggested.put("4010", mapping("4010").suggestedBecause(79, "named like sales"));
        suggested.put("1010", new Mapping(LineId.of("1120/L/1"), "", false, "only by its number"));
        client.change(new Change.MappingsSet(suggested));
        assertThat(tern.get(client.at("map")).body()).contains("Confirm all that are sure: 1, 2 wait");

        tern.post(client.at("map/accept"));

        assertThat(mapping("6010").confirmed()).isTrue();
        assertThat(mapping("4010").confirmed()).isFalse();
        assertThat(mapping("1010").confirmed()).isFalse();
    }
}
