package undersaw.files.sheet;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import undersaw.ledger.Account;
import undersaw.ledger.StatementKind;

/**
 * What is known of the engagement that a client's file is read for.
 *
 * @param client the client's name
 * @param start first day of the year
 * @param end last day of the year
 * @param before the accounts there are, by number
 * @param byName the statement that an account's name speaks for, if any
 */
public record BooksContext(
        String client,
        LocalDate start,
        LocalDate end,
        Map<String, Account> before,
        Function<String, Optional<StatementKind>> byName) {
    /** The same, asking for each name once. */
    BooksContext remembering() {
        Map<String, Optional<StatementKind>> known = new HashMap<>();
        return new BooksContext(client, start, end, before, name -> known.computeIfAbsent(name, byName));
    }
}
