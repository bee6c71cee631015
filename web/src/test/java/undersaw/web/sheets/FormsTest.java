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

/** Forms that join a return by need or by hand, and leave it only while nothing feeds them. */
@ExtendWith(Office.class)
class FormsTest {
    private FreshClient client;
    private Visitor tern;

    @BeforeEach
    void begin(Office.Running office) {
        client = FreshClient.begin(office, "Forms " + System.nanoTime());
        tern = Visitor.as(office, "tern");
    }

    private HttpResponse<String> form(String part, boolean on) {
        return tern.post(client.at("return/form"), "part", part, "on", String.valueOf(on));
    }

    private String sheet(String part) {
        return tern.get(client.at("return?sheet=" + part)).body();
    }

    @Test
    void aFormThatNothingFeedsIsOfferedAndCanBeAdded() {
        assertThat(sheet("1")).contains("Add a form").contains("Add Form 8949");
        assertThat(sheet("8949")).contains("Not in the return; nothing feeds it.");
        form("8949", true);
        assertThat(sheet("8949")).contains("Added by hand; nothing feeds it.").contains(">Remove<");
        form("8949", false);
        assertThat(sheet("8949")).contains("Not in the return; nothing feeds it.");
    }

    @Test
    void whatFeedsAFormKeepsItInTheReturn() {
        form("D", true);
        client.fact("1120/D/4", "300");
        HttpResponse<String> answer = form("D", false);
        assertThat(answer.statusCode()).isEqualTo(409);
        assertThat(answer.body()).contains("is fed by").contains("Take that away first");
        assertThat(sheet("D")).contains("In the return:").contains("typed figures");
    }

    @Test
    void aFormThatIsNotHeldIsNamed() {
        HttpResponse<String> answer = form("9999", true);
        assertThat(answer.statusCode()).isEqualTo(404);
        assertThat(answer.body()).contains("No form &quot;9999&quot; can be added");
    }

    @Test
    void aPartOfEveryReturnCannotBeAddedOrTakenOff() {
        assertThat(form("K", false).statusCode()).isEqualTo(404);
        assertThat(form("K", true).statusCode()).isEqualTo(404);
    }

    @Test
    void aWorksheetSaysByWhatItIsNeeded() {
        client.fact("1120/W-CHAR/1", "900");
        assertThat(sheet("W-CHAR")).contains("In the return:").contains("line 1120/W-CHAR/1, 900");
    }

    @Test
    void holdersComeFromTheOwnerRegister() {
        client.fact("OWNERS/name@reed", "Isla Reed")
                .fact("OWNERS/kind@reed", "individual")
                .fact("OWNERS/capitalEnd@reed", "60");
        assertThat(sheet("G-II")).contains("Take them from Owners");
        assertThat(sheet("G-I")).doesNotContain("Take them from Owners");
        tern.post(client.at("return/from-registers"), "sheet", "G-II");
        assertThat(client.calculation().answer(LineId.of("1120/G/II/1/a"))).isEmpty();
        assertThat(client.calculation().rowValues(LineId.of("1120/G/II/1/a")))
                .extracting(row -> row.value().plain())
                .containsExactly("Isla Reed");
        assertThat(sheet("G-II")).doesNotContain("Take them from Owners").contains("Isla Reed");
    }

    @Test
    void takingFromTheRegistersTwiceChangesNothingMore() {
        client.fact("OWNERS/name@reed", "Isla Reed").fact("OWNERS/capitalEnd@reed", "60");
        tern.post(client.at("return/from-registers"), "sheet", "G-II");
        long revision = client.revision();
        tern.post(client.at("return/from-registers"), "sheet", "G-II");
        assertThat(client.revision()).isEqualTo(revision);
    }

    @Test
    void anUnknownSheetShowsTheFirst() {
        assertThat(sheet("no-such-sheet")).contains("Gross receipts or sales");
    }

    @Test
    void theThresholdOfChangesStaysForTheSession() {
        assertThat(tern.get(client.at("return?sheet=1&threshold=50")).body())
                .containsPattern("value=\"50\"[^>]*selected");
        assertThat(sheet("2")).containsPattern("value=\"50\"[^>]*selected");
    }

    @Test
    void aScheduleInColumnsPrintsThemWithTheirLetters() {
        assertThat(sheet("D")).contains("(d)").contains("(e)").contains("(g)").contains("(h)");
        assertThat(sheet("C")).contains("(a)").contains("(c)");
    }
}
