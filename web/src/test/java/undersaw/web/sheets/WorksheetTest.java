package undersaw.web.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import undersaw.line.LineId;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;

/** Rows behind one line: their sum is the line, and they print as its statement. */
@ExtendWith(Office.class)
class WorksheetTest {
    private FreshClient client;
    private Visitor tern;

    @BeforeEach
    void begin(Office.Running office) {
        client = FreshClient.begin(office, "Worksheet " + System.nanoTime());
        tern = Visitor.as(office, "tern");
    }

    private HttpResponse<String> keep(String... fields) {
        String[] all = new String[fields.length + 2];
        all[0] = "line";
        all[1] = "1120/26";
        System.arraycopy(fields, 0, all, 2, fields.length);
        return tern.post(client.at("return/worksheet"), all);
    }

    @Test
    void theSumOfTheRowsIsTheLineRoundedOnce() {
        keep(
                "description",
                "Bank fees",
                "amount",
                "12.40",
                "date",
                "2025-03-04",
                "note",
                "first bank",
                "description",
                "Postage",
                "amount",
                "30.30",
                "date",
                "",
                "note",
                "");
        assertThat(client.amount("1120/26")).isEqualTo(43);
        assertThat(tern.get(client.at("return/worksheet?line=1120/26")).body())
                .contains("Bank fees")
                .contains("42.70");
        assertThat(tern.get(client.at("return?sheet=2")).body()).contains("statement, 2 rows");
    }

    @Test
    void pastedRowsFollowTheTypedOnes() {
        keep("description", "Bank fees", "amount", "10", "date", "", "note", "", "pasted", "Postage\t5\nPaper\t7.50");
        assertThat(client.amount("1120/26")).isEqualTo(23);
    }

    @Test
    void oneWrongRowKeepsAllOut() {
        HttpResponse<String> answer =
                keep("description", "Bank fees", "amount", "10", "date", "", "note", "", "pasted", "Postage\tfive");
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("Pasted row 1").contains("five").contains("Nothing was kept.");
        assertThat(client.calculation().value(LineId.of("1120/26"))).isEmpty();
    }

    @Test
    void noRowsGiveTheLineBack() {
        keep("description", "Bank fees", "amount", "10", "date", "", "note", "");
        keep("description", "", "amount", "", "date", "", "note", "");
        assertThat(client.calculation().value(LineId.of("1120/26"))).isEmpty();
    }

    @Test
    void aLineOfWordsHasNoRows() {
        HttpResponse<String> answer =
                tern.post(client.at("return/worksheet"), "line", "1120/K/7b", "description", "x", "amount", "1");
        assertThat(answer.statusCode()).isEqualTo(404);
        assertThat(tern.get(client.at("return/worksheet?line=1120/K/7b")).body())
                .contains("Gross receipts");
    }
}
