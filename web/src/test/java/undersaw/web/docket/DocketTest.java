package undersaw.web.docket;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;

/** The docket: what waits, for what, and what each return comes to. */
@ExtendWith(Office.class)
class DocketTest {
    private Visitor tern;
    private Office.Running office;

    @BeforeEach
    void signIn(Office.Running running) {
        office = running;
        tern = Visitor.as(office, "tern");
    }

    /** The row of a client, tags taken out. */
    private String row(String client) {
        String page = tern.get("/").body();
        String row = page.substring(page.indexOf(">" + client + "<"));
        return row.substring(0, row.indexOf("</tr>")).replaceAll("<[^>]*>", " ").replaceAll("\\s+", " ");
    }

    @Test
    void aRowSaysFormPeriodDueDateAndWhatTheReturnComesTo() {
        String name = "Docket " + System.nanoTime();
        FreshClient.begin(office, name);
        assertThat(row(name))
                .contains("1120")
                .contains("2025-01-01 to 2025-12-31")
                .contains("2026-04-15")
                .contains("37 days left")
                .contains("In work")
                .contains("stop")
                .containsPattern("Amount owed 5\\d,\\d{3}");
    }

    @Test
    void aReturnThatIsPaidInFullOwesNothing() {
        String name = "Docket paid " + System.nanoTime();
        FreshClient client = FreshClient.begin(office, name);
        tern.post(client.at("return/payments"), "date", "2025-04-15", "kind", "estimated", "amount", "60000");
        assertThat(row(name)).contains("Overpayment 7,500");
    }

    @Test
    void anEngagementWithoutBooksComesToNothingYet() {
        assertThat(row("Saltbox Net Works, Inc.")).contains("its trial balance").doesNotContain("Amount owed");
    }

    @Test
    void acceptedReturnsStandLast() {
        String page = tern.get("/").body();
        assertThat(page.lastIndexOf("data-state=\"Accepted\""))
                .isGreaterThan(page.lastIndexOf("data-state=\"In work\""));
    }

    @Test
    void anEngagementIsBegunOnceForClientFormAndYear() {
        String name = "Begun " + System.nanoTime();
        String number = "00-" + (1_000_000 + System.nanoTime() % 8_999_999);
        String[] fields = {"form", "1120", "name", name, "number", number, "numberAgain", number, "year", "2025"};
        assertThat(tern.post("/engagements", fields).body()).contains("Import books");
        assertThat(tern.post("/engagements", fields).body()).doesNotContain("Import books");
        assertThat(tern.get("/").body().split(">" + name + "<", -1)).hasSize(2);
    }

    @Test
    void fieldsThatAreLeftOutAreAskedFor() {
        HttpResponse<String> answer = tern.post("/engagements", "form", "1120");
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.body()).contains("New engagement").doesNotContain("Import books");
        assertThat(tern.post("/e/2/books/client", "name", "").statusCode()).isLessThan(500);
    }
}
