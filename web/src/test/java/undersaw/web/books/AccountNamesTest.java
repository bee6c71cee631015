package undersaw.web.books;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.http.HttpResponse;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import undersaw.ledger.Account;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;
import undersaw.web.desk.Refused;
import undersaw.web.desk.Workspace;

/** Accounts added and renamed, entries to them by number or name, and a way back from each. */
@ExtendWith(Office.class)
class AccountNamesTest {
    private FreshClient client;
    private Visitor tern;
    private Workspace workspace;

    @BeforeEach
    void begin(Office.Running office) {
        client = FreshClient.begin(office, "Names " + System.nanoTime());
        tern = Visitor.as(office, "tern");
        workspace = office.bean(Workspace.class);
    }

    private HttpResponse<String> add(String number, String name, String statement) {
        return tern.post(client.at("books/account/add"), "number", number, "name", name, "statement", statement);
    }

    private Account account(String number) {
        return client.calculation().snapshot().accounts().get(number);
    }

    private HttpResponse<String> entry(String debit, String credit, String date) {
        return tern.post(
                client.at("adjust"),
                "number",
                "A1",
                "kind",
                "adjusting",
                "date",
                date,
                "memo",
                "Rent of December",
                "account",
                debit,
                "debit",
                "40",
                "credit",
                "",
                "account",
                credit,
                "debit",
                "",
                "credit",
                "40");
    }

    @Test
    void anAccountThatIsAddedTakesAnEntryByItsNameAndGoesAgainWithUndo() {
        assertThat(add("2150", "Accrued wages", "BALANCE_SHEET").statusCode()).isEqualTo(200);
        assertThat(account("2150").name()).isEqualTo("Accrued wages");
        assertThat(client.calculation().snapshot().mapping("2150").orElseThrow().confirmed())
                .isFalse();
        entry("wages", "accrued wages", "12/31/2025");
        assertThat(client.calculation().snapshot().lists().entries()).hasSize(1);
        assertThat(client.amount("1120/13")).isEqualTo(150_040);
        assertThat(workspace.undo(client.id(), "R. Tern", false).orElseThrow().what())
                .contains("ntr");
        assertThatThrownBy(() -> workspace.undo(client.id(), "O. Quill", false))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("R. Tern's");
        assertThat(account("2150")).isNotNull();
        assertThat(workspace.undo(client.id(), "O. Quill", true).orElseThrow().person())
                .isEqualTo("R. Tern");
        assertThat(account("2150")).isNull();
    }

    @Test
    void aNumberThatIsTakenAndANameThatIsNoneAreRefused() {
        assertThat(add("1010", "Petty cash", "BALANCE_SHEET").body()).contains("is there already: Cash");
        assertThat(add("", "Petty cash", "BALANCE_SHEET").statusCode()).isEqualTo(422);
        assertThat(account("1010").name()).isEqualTo("Cash");
    }

    @Test
    void anEntryThatNamesNoAccountOrSeveralOrAnotherYearSaysSo() {
        add("6020", "Wages of the shop", "INCOME_STATEMENT");
        assertThat(entry("harpoons", "1010", "2025-12-31").body())
                .contains("there is no account &quot;harpoons&quot;")
                .contains("add it below the rows");
        assertThat(entry("wage", "1010", "2025-12-31").body()).contains("may be 6010 Wages, or 6020 Wages of the shop");
        assertThat(entry("6010", "1010", "2031-01-01").body()).contains("Date the entry within it");
        assertThat(client.calculation().snapshot().lists().entries()).isEmpty();
    }

    @Test
    void aRenamedAccountKeepsItsBalances() {
        tern.post(
                client.at("books/account/rename"),
                "number",
                "6010",
                "name",
                "Wages and salaries",
                "statement",
                "INCOME_STATEMENT");
        assertThat(account("6010").name()).isEqualTo("Wages and salaries");
        assertThat(client.amount("1120/13")).isEqualTo(150_000);
    }
}
