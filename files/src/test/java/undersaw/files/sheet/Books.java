package undersaw.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import undersaw.ledger.Account;
import undersaw.ledger.StatementKind;
import undersaw.money.Money;

/** Reads small files as the engagement of Harbor Nets, Inc. for 2025 would. */
final class Books {
    static final BooksContext NEW_CLIENT = context(Map.of());

    private Books() {}

    static BooksContext context(Map<String, Account> before) {
        return new BooksContext(
                "Harbor Nets, Inc.",
                LocalDate.of(2025, 1, 1),
                LocalDate.of(2025, 12, 31),
                before,
                name -> name.contains("expense") || name.contains("Sales")
                        ? Optional.of(StatementKind.INCOME_STATEMENT)
                        : name.contains("Cash") || name.contains("Stock")
                                ? Optional.of(StatementKind.BALANCE_SHEET)
                                : Optional.empty());
    }

    static StagedBooks read(String text) {
        return read(text.getBytes(StandardCharsets.UTF_8));
    }

    static StagedBooks read(byte[] bytes) {
        return BooksReader.read(SourceFile.of("books.csv", bytes), NEW_CLIENT);
    }

    static StagedBooks read(byte[] bytes, ColumnPlan plan) {
        return BooksReader.read(SourceFile.of("books.csv", bytes), plan, NEW_CLIENT, transaction -> {});
    }

    static String fault(String text) {
        return fault(read(text));
    }

    static String fault(StagedBooks staged) {
        assertThat(staged.isSound()).isFalse();
        return String.join("\n", staged.faults().stream().map(Object::toString).toList());
    }

    static Account account(StagedBooks staged, String number) {
        assertThat(staged.faults()).isEmpty();
        return staged.accounts().stream()
                .filter(account -> account.number().equals(number))
                .findFirst()
                .orElseThrow();
    }

    static String closing(StagedBooks staged, String number) {
        return account(staged, number).closing().toString();
    }

    static List<Money> closings(StagedBooks staged) {
        assertThat(staged.faults()).isEmpty();
        return staged.accounts().stream().map(Account::closing).toList();
    }
}
