package undersaw.files.sheet;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static undersaw.files.sheet.Books.account;
import static undersaw.files.sheet.Books.closing;
import static undersaw.files.sheet.Books.fault;
import static undersaw.files.sheet.Books.read;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import undersaw.files.sheet.ColumnPlan.Shape;
import undersaw.ledger.LedgerTransaction;
import undersaw.money.Money;

/** Text files as clients send them: read with the right figures, or refused with a sentence that says where and why. */
class OddFilesTest {
    /** Each holds cash of 1,250.50, stock of 1,000.00 and sales of 250.50. */
    static Stream<Arguments> readable() {
        return sections("readable.txt").map(section -> Arguments.of(section.title(), section.text()));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("readable")
    void isReadWithTheRightFigures(String what, String text) {
        StagedBooks staged = read(text);
        assertThat(closing(staged, "1000")).isEqualTo("1250.50");
        assertThat(closing(staged, "3000")).isEqualTo("-1000");
        assertThat(closing(staged, "4000")).isEqualTo("-250.50");
        assertThat(account(staged, "1000").name()).isEqualTo("Cash");
        assertThat(account(staged, "4000").onIncomeStatement()).isTrue();
        assertThat(account(staged, "3000").onIncomeStatement()).isFalse();
        assertThat(staged.accounts()).hasSize(3);
    }

    static Stream<Arguments> refused() {
        return sections("refused.txt").map(section -> {
            String[] parts = section.title().split(" => ", 2);
            return Arguments.of(parts[0], section.text(), parts[1]);
        });
    }

    /** A file within a list of files. */
    private record Section(String title, String text) {}

    private static Stream<Section> sections(String list) {
        try (InputStream stream = OddFilesTest.class.getResourceAsStream(list)) {
            String all = new String(stream.readAllBytes(), StandardCharsets.UTF_8);
            return Stream.of(all.split("(?m)^== ", -1))
                    .skip(1)
                    .map(each -> new Section(
                            each.substring(0, each.indexOf('\n')),
                            each.substring(each.indexOf('\n') + 1).replace("\\r", "\r")));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("refused")
    void isRefusedInASentence(String what, String text, String sentence) {
        assertThat(fault(text)).contains(sentence);
    }

    @Test
    void saysWhatItLeftOut() {
        StagedBooks staged =
                read("Acct,Name,Debit,Credit\n1000,Cash,5,\n,Total assets,5,\n4000,Sales,,5\n,see note,,\n");
        assertThat(staged.leftOut()).containsExactly("Row 3, a subtotal: Total assets 5", "Row 5, no amount: see note");
    }

    @Test
    void warnsOfAnotherClientAndAnotherYear() {
        StagedBooks staged =
                read("Otter Point Marine LLC,,\nAs of 12/31/2023,,\nAcct,Name,Balance\n1000,Cash,5\n4000,Sales,-5\n");
        assertThat(staged.notes())
                .anyMatch(note -> note.contains("Otter Point Marine LLC"))
                .anyMatch(note -> note.contains("2023"));
        assertThat(read("Harbor Nets Inc,,\nFY 2025,,\nAcct,Name,Balance\n1000,Cash,5\n4000,Sales,-5\n")
                        .notes())
                .noneMatch(note -> note.contains("Is it the right"));
    }

    @Test
    void aFileThatIsCalledASpreadsheetAndIsNoneSaysSo() {
        for (String name : List.of("picture.xlsx", "BOOKS.ODS")) {
            SourceFile file = SourceFile.of(name, "Acct,Name,Balance\n1000,Cash,5\n".getBytes(UTF_8));
            assertThatThrownBy(() -> RowSources.of(file))
                    .isInstanceOf(UnreadableFile.class)
                    .hasMessageContaining("It is called a spreadsheet and is none");
        }
        assertThat(RowSources.of(SourceFile.of("old.xls.csv", "Acct,Name\n1000,Cash\n".getBytes(UTF_8))))
                .isInstanceOf(TextRows.class);
    }

    @Test
    void countsAccountsThatHoldNothing() {
        assertThat(read("Acct,Name,Balance\n1000,Cash,5\n1100,Old bank,0\n4000,Sales,-5\n")
                        .notes())
                .contains("1 account is without any balance.");
    }

    @Test
    void accountsWithoutNumbersGoByTheirNames() {
        StagedBooks staged = read("Account,Debit,Credit\nCash in bank,5,\nSales of nets,,5\nTotal,5,5\n");
        assertThat(closing(staged, "Cash in bank")).isEqualTo("5");
        assertThat(account(staged, "Sales of nets").onIncomeStatement()).isTrue();
        assertThat(staged.leftOut()).hasSize(1);
    }

    @Test
    void lastYearsFiguresBesideIncomeAccountsAreNoOpeningBalances() {
        StagedBooks staged = read(
                "Acct,Name,Balance,Prior year\n1000,Cash,5,3\n3000,Stock,-3,-3\n4000,Sales,-2,-90\n5000,Nets,0,90\n");
        assertThat(account(staged, "4000").opening()).isEqualTo(Money.ZERO);
        assertThat(account(staged, "1000").opening()).isEqualTo(Money.parse("3"));
    }

    @Test
    void theYearsTransactionsAddUpToTheBalances() {
        List<LedgerTransaction> kept = new ArrayList<>();
        String text = """
                Date,Ref,Account,Name,Memo,Debit,Credit
                12/31/2024,BF,1000,Cash,Brought forward,1000,
                12/31/2024,BF,3000,Stock,Brought forward,,1000
                1/15/2025,J1,1000,Cash,Nets sold,300,
                1/15/2025,J1,4000,Sales,Nets sold,,300
                02/20/2025,J2,6000,Office expense,Paper,49.50,
                02/20/2025,J2,1000,Cash,Paper,,49.50
                1/2/2026,J3,1000,Cash,Next year,9,
                """;
        SourceFile file = SourceFile.of("ledger.csv", text.getBytes(StandardCharsets.UTF_8));
        ColumnPlan plan = BooksReader.look(file, "").plan();
        assertThat(plan.shape()).isEqualTo(Shape.TRANSACTIONS);
        StagedBooks staged = BooksReader.read(file, plan, Books.NEW_CLIENT, kept::add);
        assertThat(closing(staged, "1000")).isEqualTo("1250.50");
        assertThat(account(staged, "1000").opening()).isEqualTo(Money.parse("1000"));
        assertThat(closing(staged, "4000")).isEqualTo("-300");
        assertThat(staged.transactions()).isEqualTo(6);
        assertThat(kept).hasSize(6);
        assertThat(staged.leftOut()).singleElement().asString().contains("dated after the year's end");
    }

    @Test
    void readsTheLedgerOfTheAuditDataStandard() {
        StagedBooks staged = read("""
                Journal_ID|Effective_Date|GL_Account_Number|GL_Account_Name|Amount|Amount_Credit_Debit_Indicator
                7|2025-03-01|1000|Cash|40.25|D
                7|2025-03-01|4000|Sales|40.25|C
                """);
        assertThat(closing(staged, "1000")).isEqualTo("40.25");
        assertThat(closing(staged, "4000")).isEqualTo("-40.25");
        assertThat(staged.transactions()).isEqualTo(2);
    }

    @Test
    void aPersonCanSayWhatTheColumnsHold() {
        String text = "one;two;three;four\nx;1000;Cash;5\nx;4000;Revenue;-5\n";
        SourceFile file = SourceFile.of("odd.csv", text.getBytes(StandardCharsets.UTF_8));
        ColumnPlan byHand = new ColumnPlan(
                "",
                1,
                List.of(ColumnKind.IGNORED, ColumnKind.NUMBER, ColumnKind.NAME, ColumnKind.AMOUNT),
                Shape.BALANCES,
                false,
                true);
        StagedBooks staged = BooksReader.read(file, byHand, Books.NEW_CLIENT, each -> {});
        // credits are shown as positive in this file
        assertThat(closing(staged, "1000")).isEqualTo("-5");
        assertThat(ColumnPlan.parse(byHand.text())).isEqualTo(byHand);
    }

    @Test
    void twoColumnsOfOneKindAreAQuestion() {
        ColumnPlan twice = new ColumnPlan(
                "", 1, List.of(ColumnKind.NUMBER, ColumnKind.AMOUNT, ColumnKind.AMOUNT), Shape.BALANCES, false, false);
        assertThat(fault(Books.read("a,b,c\n1,2,3\n".getBytes(StandardCharsets.UTF_8), twice)))
                .contains("Two columns are said to hold Closing balance or amount");
    }

    @Test
    void aFaultInEveryRowIsToldOnce() {
        StringBuilder text = new StringBuilder("Acct,Name,Balance\n");
        for (int i = 0; i < 500; i++) {
            text.append(1000 + i).append(",A,x").append(i).append('\n');
        }
        assertThat(read(text.toString()).faults()).hasSize(41).last().asString().contains("460 faults more");
    }
}
