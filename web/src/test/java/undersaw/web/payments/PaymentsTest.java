package undersaw.web.payments;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.ledger.Carryover;
import undersaw.ledger.Payment;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;

/** Payments and carryovers: what is refused is said, and what was kept stays. */
@ExtendWith(Office.class)
class PaymentsTest {
    private FreshClient client;
    private Visitor tern;

    @BeforeEach
    void begin(Office.Running office) {
        client = FreshClient.begin(office, "Payments " + System.nanoTime());
        tern = Visitor.as(office, "tern");
    }

    private List<Payment> payments() {
        return client.calculation().snapshot().lists().payments();
    }

    private List<Carryover> carryovers() {
        return client.calculation().snapshot().lists().carryovers();
    }

    private HttpResponse<String> pay(String date, String kind, String amount) {
        return tern.post(client.at("return/payments"), "date", date, "kind", kind, "amount", amount);
    }

    @Test
    void aPaymentReachesScheduleJAndWhatIsOwed() {
        long owed = client.amount("1120/35");
        pay("2025-04-15", "estimated", "10,000 + 500");
        assertThat(client.amount("1120/J/14")).isEqualTo(10_500);
        assertThat(client.amount("1120/35")).isLessThan(owed - 10_500 + 1_000);
        assertThat(tern.get(client.at("return/lists")).body())
                .contains("2025-04-15")
                .contains("10,500");
    }

    @ParameterizedTest
    @CsvSource({
        "mid April, estimated, 100, expected a date such as 2025-04-15",
        "1999-04-15, estimated, 100, year ends in 2025",
        "2025-02-30, estimated, 100, expected a date such as 2025-04-15",
        "2025-04-15, estimated, -100, expected a positive amount",
        "2025-04-15, estimated, ten, expected a positive amount",
        "2025-04-15, gift, 100, expected a positive amount",
    })
    void whatIsNoPaymentIsRefusedInWords(String date, String kind, String amount, String words) {
        HttpResponse<String> answer = pay(date, kind, amount);
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains(words);
        assertThat(payments()).isEmpty();
    }

    private void paste(String rows) {
        tern.post(client.at("list/payments/paste"), "pasted", rows);
    }

    /** Keeps the rows that were looked at. */
    private HttpResponse<String> keep(String... how) {
        return tern.post(client.at("list/payments/staged/commit"), how);
    }

    @Test
    void pastedRowsStandInTheOrderOfTheirDates() {
        paste("date\tkind\tamount\n2025-09-15\testimated\t300\n2025-04-15\testimated\t100\n2025-06-16\twithheld\t20");
        keep();
        assertThat(payments()).extracting(payment -> payment.amount().dollars()).containsExactly(100L, 20L, 300L);
    }

    @Test
    void oneRowThatCannotBeReadKeepsAllOthersOut() {
        pay("2025-04-15", "estimated", "100");
        paste("2025-06-16\testimated\t300\n2025-09-15\testimated\t3o0");
        HttpResponse<String> answer = keep();
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("3o0").contains("Nothing was kept.");
        assertThat(payments()).hasSize(1);
    }

    @Test
    void aFileTakesThePlaceOfTheListWhereThatIsAskedFor() {
        pay("2025-04-15", "estimated", "100");
        tern.upload(client.at("list/payments/file"), "payments.csv", "date,kind,amount\n2025-12-15,estimated,900\n");
        keep("replace", "true");
        assertThat(payments()).extracting(payment -> payment.amount().dollars()).containsExactly(900L);
    }

    @Test
    void aFileWithNothingInItIsRefused() {
        tern.upload(client.at("list/payments/file"), "empty.csv", "date,kind,amount\n");
        HttpResponse<String> answer = keep();
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("Nothing was kept.");
    }

    @Test
    void removingTwiceTakesOneAndSaysSo() {
        pay("2025-04-15", "estimated", "100");
        pay("2025-06-16", "estimated", "200");
        String first = payments().get(0).toString();
        tern.post(client.at("return/payments/remove"), "place", "0", "was", first);
        HttpResponse<String> again = tern.post(client.at("return/payments/remove"), "place", "0", "was", first);
        assertThat(again.statusCode()).isEqualTo(409);
        assertThat(again.body()).contains("Nothing was removed");
        assertThat(payments()).extracting(payment -> payment.amount().dollars()).containsExactly(200L);
    }

    @Test
    void thePageNamesTheRowThatAButtonWouldRemove() {
        pay("2025-04-15", "estimated", "100");
        assertThat(tern.get(client.at("return/lists")).body())
                .contains("Remove the payment of 2025-04-15")
                .contains("name=\"was\"");
    }

    @Test
    void aCarryoverIsUsedByItsWorksheet() {
        tern.post(client.at("return/carryovers"), "year", "2022", "kind", "nol", "amount", "50000");
        assertThat(client.amount("1120/29a")).isEqualTo(50_000);
        assertThat(tern.get(client.at("return?sheet=W-NOL")).body())
                .contains("By year of origin")
                .contains("2022");
    }

    @ParameterizedTest
    @CsvSource({"22, nol, 5", "2022, luck, 5", "2022, nol, -5", "2022, nol, ''"})
    void whatIsNoCarryoverIsRefused(String year, String kind, String amount) {
        HttpResponse<String> answer =
                tern.post(client.at("return/carryovers"), "year", year, "kind", kind, "amount", amount);
        assertThat(answer.statusCode()).isEqualTo(422);
        assertThat(answer.body()).contains("Expected a year of four digits");
        assertThat(carryovers()).isEmpty();
    }

    @Test
    void aCarryoverThatIsNotThereAnyMoreIsNotRemovedForAnother() {
        tern.post(client.at("return/carryovers"), "year", "2022", "kind", "nol", "amount", "500");
        String shown = carryovers().get(0).toString();
        HttpResponse<String> answer = tern.post(client.at("return/carryovers/remove"), "place", "1", "was", shown);
        assertThat(answer.statusCode()).isEqualTo(409);
        assertThat(carryovers()).hasSize(1);
        tern.post(client.at("return/carryovers/remove"), "place", "0", "was", shown);
        assertThat(carryovers()).isEmpty();
    }

    @Test
    void booksWithoutTaxAccountsHaveNothingToBook() {
        HttpResponse<String> answer = tern.post(client.at("return/payments/book"));
        assertThat(answer.statusCode()).isEqualTo(409);
        assertThat(answer.body()).contains("There is nothing to book");
    }

    @Test
    void instalmentsShowWhatWasCalledForAndWhatIsMissing() {
        pay("2025-04-15", "estimated", "13125");
        String page = tern.get(client.at("return/lists")).body();
        // 21 percent of 250,000 is 52,500, a quarter of it 13,125; the first came, the others did not
        assertThat(page).contains("Instalments of this year").contains("13,125");
        assertThat(client.amount("2220/17/a")).isZero();
        assertThat(client.amount("2220/17/b")).isEqualTo(13_125);
    }
}
