package undersaw.web.batch;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Isolated;
import undersaw.web.Office;
import undersaw.web.Visitor;

/** Tables of the law loaded by the firm, and who may do it. */
@Isolated
@ExtendWith(Office.class)
class BatchTest {
    private Visitor orrin;
    private Visitor tern;
    private Batch batch;

    @BeforeEach
    void signIn(Office.Running office) {
        batch = office.bean(Batch.class);
        orrin = Visitor.as(office, "orrin");
        tern = Visitor.as(office, "tern");
    }

    private HttpResponse<String> load(String year, String table, String text) {
        return orrin.upload("/firm/law", "table.csv", text, "year", year, "table", table);
    }

    @Test
    void onlyAnAdministratorComputesAnewOrLoadsLaw() {
        assertThat(tern.get("/firm/batch").statusCode()).isEqualTo(403);
        assertThat(tern.post("/firm/batch").statusCode()).isEqualTo(403);
        assertThat(tern.upload("/firm/law", "t.csv", "x", "year", "2025", "table", "corporation")
                        .statusCode())
                .isEqualTo(403);
        assertThat(orrin.get("/firm/batch").statusCode()).isEqualTo(200);
    }

    @Test
    void aTableWithAFaultIsRefusedWithItsPlace() {
        List<String> faulty = List.of(
                "key,value,unit,citation,note\ncorporate-rate,twenty,percent,IRC 11(b),x\n",
                "key,value,unit,citation,note\ncorporate-rate,21,percent,,x\n",
                "name,value\ncorporate-rate,21\n",
                "");
        for (String text : faulty) {
            HttpResponse<String> answer = load("2025", "corporation", text);
            assertThat(answer.statusCode()).as(text).isEqualTo(422);
            assertThat(answer.body()).as(text).contains("the law stands as it did");
        }
    }

    @Test
    void aYearOrTableThatIsNotHeldIsRefused() {
        assertThat(load("2019", "corporation", "x").statusCode()).isEqualTo(422);
        assertThat(load("2025", "customs", "x").body()).contains("Choose a year and a table that are held");
    }

    @Test
    void everyEngagementIsComputedAndNoneFails() {
        orrin.post("/firm/batch");
        while (batch.now().running()) {
            Thread.onSpinWait();
        }
        assertThat(batch.now().done()).isEqualTo(batch.now().total()).isGreaterThanOrEqualTo(8);
        assertThat(batch.now().told()).allMatch(report -> report.trouble().isEmpty());
        assertThat(orrin.get("/firm/batch").body())
                .contains(batch.now().total() + " of " + batch.now().total())
                .contains("S. Orrin");
    }

    @Test
    void stoppingWhatDoesNotRunDoesNoHarm() {
        assertThat(orrin.post("/firm/batch/stop").statusCode()).isEqualTo(200);
    }
}
