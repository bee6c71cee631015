package undersaw.web.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.engagement.Fact;
import undersaw.line.LineId;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;

/** Figures typed on the sheets: what each line holds, what is kept beside an override, and what is refused. */
@ExtendWith(Office.class)
class TypedFigureTest {
    private FreshClient client;
    private Visitor tern;

    @BeforeEach
    void begin(Office.Running office) {
        client = FreshClient.begin(office, "Typed " + System.nanoTime());
        tern = Visitor.as(office, "tern");
    }

    private HttpResponse<String> type(String key, String value, String... more) {
        String[] fields = new String[4 + more.length];
        fields[0] = "key";
        fields[1] = key;
        fields[2] = "value";
        fields[3] = value;
        System.arraycopy(more, 0, fields, 4, more.length);
        return tern.post(client.at("return/line"), fields);
    }

    @ParameterizedTest
    @CsvSource({"1200*12, 14400", "'4,650', 4650", "(100+50)/2, 75", "$99, 99", "100.49, 100", "100.50, 101", "-7, -7"})
    void arithmeticCanBeTyped(String typed, long kept) {
        type("1120/J/9z", typed);
        assertThat(client.amount("1120/J/9z")).isEqualTo(kept);
    }

    @ParameterizedTest
    @CsvSource({
        "1120/J/9z, 12x",
        "1120/J/9z, 1/0",
        "1120/J/9z, 1e9",
        "1120/K/10, many",
        "1120/K/7a, 140%x",
        "bank/date, 15 April",
        "1120/J/9z, 99999999999999999999",
    })
    void whatALineCannotHoldIsRefusedAndNothingChanges(String key, String value) {
        long revision = client.revision();
        HttpResponse<String> answer = type(key, value);
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("expected");
        assertThat(client.revision()).isEqualTo(revision);
    }

    @Test
    void aComputedLineIsTypedOverOnlyWithAReason() {
        assertThat(type("1120/27", "140000").statusCode()).isEqualTo(422);
        type("1120/27", "140000", "reason", "the client's own list");
        assertThat(client.amount("1120/27")).isEqualTo(140_000);
        assertThat(client.amount("1120/28")).isEqualTo(260_000);
        Fact kept = client.calculation()
                .snapshot()
                .fact(LineId.of("1120/27").alone())
                .orElseThrow();
        assertThat(kept.reason()).isEqualTo("the client's own list");
        assertThat(kept.by()).contains("R. Tern");
    }

    @Test
    void theComputedFigureStaysBesideTheOneTypedOver() {
        type("1120/27", "140000", "reason", "list");
        String page = tern.get(client.at("return?line=1120/27")).body();
        assertThat(page).contains("140,000").contains("150,000").contains("list");
        type("1120/27", "", "was", "140000");
        assertThat(client.amount("1120/27")).isEqualTo(150_000);
    }

    @Test
    void aFigureTypedOverTheBooksIsANoteAtCheck() {
        type("1120/13", "160000", "reason", "year-end accrual");
        assertThat(tern.get(client.at("check")).body())
                .contains("C-0226")
                .contains("is typed 160,000; the books hold 150,000");
    }

    @Test
    void emptyTakesATypedFigureAway() {
        type("1120/J/9z", "12");
        type("1120/J/9z", "", "was", "12");
        assertThat(client.calculation().value(LineId.of("1120/J/9z"))).isEmpty();
    }

    @Test
    void twoPeopleOnOneFigureAreTold(Office.Running office) {
        Visitor quill = Visitor.as(office, "quill");
        type("1120/J/9z", "12", "was", "");
        HttpResponse<String> answer =
                quill.post(client.at("return/line"), "key", "1120/J/9z", "value", "30", "was", "");
        assertThat(answer.statusCode()).isEqualTo(409);
        assertThat(answer.body()).contains("12").contains("30").contains("R. Tern");
        assertThat(client.amount("1120/J/9z")).isEqualTo(12);
    }

    @Test
    void undoGoesBackOneChangeAtATime() {
        type("1120/J/9z", "12");
        type("1120/J/9z", "30", "was", "12");
        tern.post(client.at("undo"));
        assertThat(client.amount("1120/J/9z")).isEqualTo(12);
        tern.post(client.at("undo"));
        assertThat(client.amount("1120/J/9z")).isZero();
    }

    @Test
    void lineageSaysRuleLawAccountsAndUses() {
        String wages = tern.get(client.at("lineage?line=1120/13")).body();
        assertThat(wages)
                .contains("6010")
                .contains("Wages")
                .contains("IRC 162(a)(1)")
                .contains("1120/27");
        String tax = tern.get(client.at("lineage?line=1120/J/1a")).body();
        assertThat(tax).contains("IRC 11").contains("21").contains("1120/30");
        assertThat(tern.get(client.at("lineage?line=1120/nowhere")).statusCode())
                .isEqualTo(404);
        assertThat(tern.get(client.at("lineage?line=%3Cscript%3E")).body()).doesNotContain("<script>");
    }

    @Test
    void everyPartOfTheReturnOpens() {
        for (var part : client.calculation().plan().parts()) {
            HttpResponse<String> page = tern.get(client.at("return?sheet=" + part.code()));
            assertThat(page.statusCode()).as(part.code()).isEqualTo(200);
            assertThat(page.body()).as(part.code()).contains(part.title().substring(0, 4));
        }
    }
}
