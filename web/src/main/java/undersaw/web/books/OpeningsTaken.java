package undersaw.web.books;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import undersaw.engagement.Change;
import undersaw.files.sheet.StagedBooks;
import undersaw.ledger.Account;
import undersaw.ledger.StatementKind;
import undersaw.money.Money;

/**
 * A trial balance of last year's end taken for opening balances: accounts go together by number, else by name; the
 * year's income, where the file is from before closing, ends up in retained earnings.
 */
final class OpeningsTaken {
    private static final String RETAINED =
            ".*(retained earnings|accumulated (deficit|earnings)|unappropriated|net assets|fund balance).*";

    private OpeningsTaken() {}

    /** The change that opens the books so; null where it would change nothing. */
    static @Nullable Change from(StagedBooks lastYear, Map<String, Account> accounts) {
        List<Change> changes = new ArrayList<>();
        Optional<String> retained = lastYear.accounts().stream()
                .filter(each -> !each.onIncomeStatement())
                .filter(each -> each.name().toLowerCase(Locale.ROOT).matches(RETAINED))
                .map(Account::number)
                .findFirst();
        for (Account each : lastYear.accounts()) {
            boolean takesIncome = retained.filter(each.number()::equals).isPresent();
            Money closed = takesIncome ? each.closing().minus(lastYear.netIncome()) : each.closing();
            if (!each.onIncomeStatement()) {
                opened(each, closed, accounts).ifPresent(changes::add);
            }
        }
        return changes.isEmpty() ? null : new Change.Several(changes);
    }

    private static Optional<Change> opened(Account each, Money closed, Map<String, Account> accounts) {
        Account known = Optional.ofNullable(accounts.get(each.number()))
                .or(() -> accounts.values().stream()
                        .filter(account -> account.name().equalsIgnoreCase(each.name()))
                        .findFirst())
                .orElse(null);
        if (known == null) {
            return closed.isZero()
                    ? Optional.empty()
                    : Optional.of(new Change.AccountSet(
                            new Account(each.number(), each.name(), StatementKind.BALANCE_SHEET, closed, Money.ZERO)));
        }
        boolean same = known.onIncomeStatement() || known.opening().equals(closed);
        return same
                ? Optional.empty()
                : Optional.of(new Change.AccountSet(
                        new Account(known.number(), known.name(), known.statement(), closed, known.closing())));
    }
}
