package undersaw.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.dhatim.fastexcel.Workbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import undersaw.ledger.Account;
import undersaw.ledger.StatementKind;
import undersaw.money.Money;

class BooksReaderTest {
    private static final String PLAIN = """
            account,name,opening,closing
            1000,Cash,100.00,350.50
            3000,Stock,-100.00,-100.00
            4000,Sales,,-400.50
            6000,Rent,,150.00
            """;

    @Test
    void readsOneSignedColumn() {
        StagedBooks staged = Books.read(PLAIN);
        assertThat(staged.isSound()).isTrue();
        assertThat(staged.accounts()).hasSize(4);
        assertThat(staged.netIncome()).isEqualTo(Money.parse("250.50"));
        assertThat(staged.accounts().get(2).statement()).isEqualTo(StatementKind.INCOME_STATEMENT);
    }

    @Test
    void readsDebitAndCreditColumnsBelowATitle() {
        StagedBooks staged = Books.read("""
                Harbor Books
                As of 12/31/2025

                Account No.,Account Name,Debit,Credit
                1000,Cash,"$1,350.50",
                3000,Stock,,"1,100.00"
                4000,Sales,,"400.50"
                6000,Rent,150.00,
                ,Total,"1,500.50","1,500.50"
                """);
        assertThat(staged.faults()).isEmpty();
        assertThat(staged.accounts()).hasSize(4);
        assertThat(staged.accounts().get(1).closing()).isEqualTo(Money.parse("-1100"));
        assertThat(staged.accounts().get(3).onIncomeStatement()).isTrue();
        assertThat(staged.notes()).anyMatch(note -> note.contains("without an opening"));
        assertThat(staged.leftOut()).containsExactly("Row 9, a subtotal: Total 1,500.50 1,500.50");
    }

    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "UTF-16", "UTF-16LE", "UTF-16BE", "windows-1252"})
    void readsEveryUsualEncoding(String encoding) {
        String text = PLAIN.replace("Rent", "Café rent");
        StagedBooks staged = Books.read(text.getBytes(Charset.forName(encoding)));
        assertThat(staged.faults()).isEmpty();
        assertThat(staged.accounts().get(3).name()).isEqualTo("Café rent");
    }

    @ParameterizedTest
    @ValueSource(strings = {";", "\t", "|"})
    void readsEveryUsualSeparator(String separator) {
        assertThat(Books.read(PLAIN.replace(",", separator)).accounts()).hasSize(4);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "1,234.50;1234.50",
                "(1,234.50);-1234.50",
                "1234-;-1234",
                "-1234;-1234",
                "$5;5",
                "7 CR;-7",
                "7 DR;7",
                ".5;0.50",
                "'';0",
                "-;0",
                "–;0",
                "1 234.00;1234"
            })
    void readsAmountsAsPeopleWriteThem(String text, String amount) {
        assertThat(new WrittenAmount(false).read(text)).contains(Money.parse(amount));
    }

    @ParameterizedTest
    @ValueSource(strings = {"12,5o0", "1.234,50", "(12", "12)", "one", "1,23", "12.345", "$"})
    void refusesWhatIsNoAmount(String text) {
        assertThat(new WrittenAmount(false).read(text)).isEmpty();
    }

    @Test
    void saysThatAnEmptyFileIsEmpty() {
        assertThat(Books.fault("")).contains("The file is empty");
        assertThat(Books.fault("account,name,closing\n")).contains("no account below");
    }

    @Test
    void knowsASpreadsheetByItsContentNotItsName() throws Exception {
        ByteArrayOutputStream xlsx = new ByteArrayOutputStream();
        try (Workbook workbook = new Workbook(xlsx, "Test", "1.0")) {
            workbook.newWorksheet("Sheet").value(0, 0, "account");
        }
        assertThat(Books.read(xlsx.toByteArray()).faults())
                .singleElement()
                .asString()
                .contains("No column is known to hold the closing balance");
        assertThat(Books.read("%PDF-1.7 abc".getBytes(StandardCharsets.UTF_8)).faults())
                .singleElement()
                .asString()
                .contains("not a text file");
        assertThat(Books.read(new byte[] {1, 0, 2, 7, 0, 0, 9, 4}).faults()).isNotEmpty();
    }

    @Test
    void namesTheMissingColumn() {
        assertThat(Books.fault("account,name,balanse\n1000,Cash,many\n"))
                .contains("No column is known to hold the closing balance");
        assertThat(Books.fault("when,where\nnow,here\n")).contains("No column is known to hold");
    }

    @Test
    void namesRowAndColumnOfLettersInAnAmount() {
        assertThat(Books.fault(PLAIN.replace("150.00", "15O.00")))
                .isEqualTo("books.csv row 5, column closing: found \"15O.00\", "
                        + "expected an amount such as 12500.00 or (12,500.00)");
    }

    @Test
    void namesBothRowsOfADuplicateAccount() {
        assertThat(Books.fault(PLAIN + "6000,Rent again,,0\n"))
                .contains("row 6")
                .contains("stands in row 5 already");
    }

    @Test
    void refusesABalanceThatIsOutByOneCent() {
        assertThat(Books.fault(PLAIN.replace("350.50", "350.51")))
                .contains("differ by 0.01")
                .contains("debits are more")
                .contains("Nothing was replaced");
        assertThat(Books.fault(PLAIN.replace(",100.00,", ",99.00,")))
                .contains("Opening debits and credits differ by 1 ");
    }

    @Test
    void pointsAtTheRowThatIsTheDifference() {
        assertThat(Books.fault(PLAIN.replace("6000,Rent,,150.00", "6000,Rent,,150.00\n6100,Fuel,,75.25")))
                .contains("6100 Fuel is the difference itself");
    }

    @Test
    void anUnclosedQuotationIsNoStackTrace() {
        assertThat(Books.fault("account,name,closing\n1000,\"Cash,5\n")).contains("never closed");
    }

    @Test
    void reportsAllFaultsAtOnce() {
        StagedBooks staged = Books.read(PLAIN.replace("350.50", "x").replace("150.00", "y"));
        assertThat(staged.faults()).hasSize(2);
    }

    @Test
    void keepsTheStatementOfAnAccountItKnows() {
        Account known = new Account("9000", "Suspense", StatementKind.BALANCE_SHEET, Money.ZERO, Money.ZERO);
        StagedBooks staged = BooksReader.read(
                SourceFile.of(
                        "b.csv",
                        "account,name,closing\n9000,Suspense,5\n4000,Sales,-5\n".getBytes(StandardCharsets.UTF_8)),
                Books.context(Map.of("9000", known)));
        assertThat(staged.accounts().get(0).onIncomeStatement()).isFalse();
        assertThat(staged.accounts().get(1).onIncomeStatement()).isTrue();
    }
}
