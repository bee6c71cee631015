package undersaw.web.why;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;

/** What moved, and why: between two revisions, and against last year. */
@ExtendWith(Office.class)
class WhyTest {
    private FreshClient client;
    private Visitor tern;

    @BeforeEach
    void begin(Office.Running office) {
        client = FreshClient.begin(office, "Why " + System.nanoTime());
        tern = Visitor.as(office, "tern");
    }

    private String why(String since, String line) {
        return tern.get(client.at("why?since=" + since + (line.isEmpty() ? "" : "&line=" + line)))
                .body();
    }

    @Test
    void aChangeIsShownWithTheLinesItMovedInTheOrderOfCause() {
        long before = client.revision();
        client.fact("1120/13", "160000");
        String page = why(String.valueOf(before), "");
        int cause = page.indexOf("line=1120/13\"");
        int total = page.indexOf("line=1120/27\"");
        int tax = page.indexOf("line=1120/31\"");
        assertThat(cause).isPositive();
        assertThat(total).isGreaterThan(cause);
        assertThat(tax).isGreaterThan(total);
        assertThat(page).contains("(10,000)").contains("(2,100)");
    }

    @Test
    void oneLineLeavesOutWhatDoesNotReachIt() {
        long before = client.revision();
        client.fact("1120/13", "160000").fact("1120/J/5c", "12");
        assertThat(why(String.valueOf(before), "1120/28")).contains("1120/13").doesNotContain("1120/J/5c");
        assertThat(why(String.valueOf(before), "1120/31")).contains("1120/13").contains("1120/J/5c");
    }

    @Test
    void whatCameBackToWhatItWasIsLeftOut() {
        long before = client.revision();
        client.fact("1120/J/5c", "12").fact("1120/J/5c", "0");
        String page = why(String.valueOf(before), "1120/J/12");
        assertThat(page).contains("is left out").doesNotContain("52,488");
    }

    @Test
    void eachRevisionIsAChoice() {
        client.fact("1120/J/5c", "12");
        assertThat(why(String.valueOf(client.revision() - 1), ""))
                .contains("<option")
                .contains("1120/J/5c");
    }

    @Test
    void aLineThatIsNotThereShowsEverything() {
        long before = client.revision();
        client.fact("1120/13", "160000");
        assertThat(why(String.valueOf(before), "1120/nowhere")).contains("1120/31");
        assertThat(tern.get(client.at("why?since=rubbish")).statusCode()).isEqualTo(200);
    }

    @Test
    void againstLastYearAccountsAreTheCauses() {
        String page = tern.get("/e/2/why?since=last-year&line=1120/1c").body();
        assertThat(page).contains("account 4010").contains("1120/1a").doesNotContain("1120/L/15/d");
    }

    @Test
    void lineageLeadsToTheExplanation() {
        assertThat(tern.get(client.at("return?line=1120/31")).body()).contains("Why it changed");
    }
}
