package undersaw.books;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.ledger.Account;

/** Order of accounts; common practice, no source. */
class AccountOrderTest {
    private static List<String> order(Calculation year) {
        return year.snapshot().accounts().values().stream()
                .sorted(AccountOrder.of(year))
                .map(Account::number)
                .toList();
    }

    @Test
    void booksOfNamesAloneStandAsOnTheReturn() {
        Calculation year = SampleReturns.corporation()
                .balance("Loan", "1120/L/20", "0", "-5")
                .balance("Accounts receivable", "1120/L/2a", "0", "5")
                .balance("Cash", "1120/L/1", "0", "5")
                .noncash("Advertising", "1120/22", "full", "1")
                .noncash("Sales", "1120/1a", "full", "-6")
                .calculate();
        assertThat(order(year)).containsExactly("Cash", "Accounts receivable", "Loan", "Sales", "Advertising");
    }

    @Test
    void numbersGoBeforeAnythingElse() {
        Calculation year = SampleReturns.corporation()
                .balance("1010", "1120/L/20", "0", "-5")
                .balance("999", "1120/L/1", "0", "5")
                .calculate();
        assertThat(order(year)).containsExactly("999", "1010");
    }
}
