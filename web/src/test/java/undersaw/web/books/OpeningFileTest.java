package undersaw.web.books;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import undersaw.money.Money;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;
import undersaw.web.desk.Workspace;

/** A second file brings last year's balances, with closing columns or with opening ones only. */
@ExtendWith(Office.class)
class OpeningFileTest {
    private Visitor tern;
    private FreshClient client;
    private Workspace workspace;

    @BeforeEach
    void begin(Office.Running office) {
        tern = Visitor.as(office, "tern");
        workspace = office.bean(Workspace.class);
        client = FreshClient.begin(office, "Opening " + System.nanoTime());
    }

    private HttpResponse<String> look(String text) {
        return tern.upload(client.at("books/import"), "opening.csv", text);
    }

    private Money opening(String account) {
        return workspace.open(client.id()).snapshot().accounts().get(account).opening();
    }

    @Test
    void openingBalancesAloneAreTakenAsSuch() {
        String page = look("Account,Name,Opening balance\n1010,Cash,900\n3010,Common stock,-900\n")
                .body();
        assertThat(page)
                .contains("The file holds opening balances and no closing ones")
                .contains("Take them as opening balances")
                .doesNotContain("Replace the books with");
        tern.post(client.at("books/staged/openings"));
        assertThat(opening("1010")).isEqualTo(Money.ofDollars(900));
        assertThat(opening("3010")).isEqualTo(Money.ofDollars(-900));
        // nothing else of the books has moved
        assertThat(client.amount("1120/1a")).isEqualTo(400_000);
    }

    @Test
    void debitAndCreditColumnsServeToo() {
        look("Account,Name,Opening debit,Opening credit\n1010,Cash,900,\n3010,Common stock,,900\n");
        tern.post(client.at("books/staged/openings"));
        assertThat(opening("3010")).isEqualTo(Money.ofDollars(-900));
    }

    @Test
    void aRowLeftOutByHandIsLeftOutOfTheOpeningsToo() {
        look("Account,Name,Closing balance\n1010,Cash,900\n1020,Twice,50\n3010,Common stock,-900\n");
        tern.post(client.at("books/staged/row"), "leave", "3");
        tern.post(client.at("books/staged/openings"));
        assertThat(workspace.open(client.id()).snapshot().accounts()).doesNotContainKey("1020");
        assertThat(opening("1010")).isEqualTo(Money.ofDollars(900));
    }

    @Test
    void aBalanceTypedOnThePageStaysThere() {
        look("Account,Name,Opening balance\n1010,Cash,900\n3010,Common stock,-900\n");
        tern.post(client.at("books/staged/openings"));
        String page = tern.post(client.at("books/openings"), "number", "1010", "opening", "950", "was", "900")
                .body();
        assertThat(page).contains("Debits less credits").contains("50.00");
        assertThat(opening("1010")).isEqualTo(Money.ofDollars(950));
    }

    @Test
    void twoPeopleOnOneBalanceAreTold() {
        tern.post(client.at("books/openings"), "number", "1010", "opening", "900", "was", "0");
        HttpResponse<String> late =
                tern.post(client.at("books/openings"), "number", "1010", "opening", "800", "was", "0");
        assertThat(late.statusCode()).isEqualTo(409);
        assertThat(late.body()).contains("now opens with 900.00").contains("800.00");
        assertThat(opening("1010")).isEqualTo(Money.ofDollars(900));
    }

    @Test
    void wordsAndAccountsOfTheYearAreRefused() {
        HttpResponse<String> words =
                tern.post(client.at("books/openings"), "number", "1010", "opening", "many", "was", "0");
        assertThat(words.statusCode()).isEqualTo(422);
        assertThat(tern.post(client.at("books/openings"), "number", "4010", "opening", "1", "was", "0")
                        .statusCode())
                .isEqualTo(404);
    }

    @Test
    void thePreviewHoldsTheFileAgainstLastYearAndTheRegister() {
        tern.post(client.at("roll-forward"));
        long next = workspace.nextYear(client.id()).orElseThrow();
        tern.post(
                "/e/" + next + "/list/assets/row",
                "line",
                "ASSETS/description",
                "value",
                "Press",
                "line",
                "ASSETS/cost",
                "value",
                "700");
        String page = tern.upload(
                        "/e/" + next + "/books/import",
                        "next.csv",
                        "Account,Name,Opening,Closing\n1010,Cash,240000,90\n4010,Sales,,-90\n3900,Retained,-240000,0\n")
                .body();
        assertThat(page)
                .contains("Held against last year and the registers")
                .contains("otherwise than last year closed: 1010 Cash with 240,000.00 for 250,000.00")
                .contains("last year it was 250,000.00")
                .contains("Cost of property on the books differs from the asset register by");
    }
}
