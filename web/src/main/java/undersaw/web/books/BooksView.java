package undersaw.web.books;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import undersaw.books.AccountOrder;
import undersaw.engagement.Carried;
import undersaw.ledger.Account;
import undersaw.money.Money;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.frame.Figure;
import undersaw.web.frame.Slice;

/**
 * The trial balance as a page shows it.
 *
 * @param slice the rows shown, one an account
 * @param totals debits and credits, opening and closing
 * @param netIncome net income of the year
 * @param source the file that the balances came from; empty where there was none
 * @param ledger whether its transactions can be opened
 */
public record BooksView(Slice<Row> slice, Totals totals, String netIncome, String source, boolean ledger) {
    /** An account with its balances in debit and credit columns. */
    public record Row(
            String number,
            String name,
            boolean income,
            String opening,
            String debit,
            String credit,
            String line,
            boolean carried) {}

    /** Column totals. */
    public record Totals(String opening, String debit, String credit, String difference) {}

    static BooksView of(OpenEngagement open, String query, int page) {
        List<Account> accounts = open.snapshot().accounts().values().stream()
                .sorted(AccountOrder.of(open.calculation()))
                .toList();
        Money debits = sum(accounts, true);
        Money credits = sum(accounts, false);
        Money opening = Money.sum(accounts.stream().map(Account::opening).toList());
        Money income = Money.sum(accounts.stream()
                        .filter(Account::onIncomeStatement)
                        .map(Account::closing)
                        .toList())
                .negated();
        return new BooksView(
                Slice.of(accounts, query, page, account -> text(open, account)).map(account -> row(open, account)),
                new Totals(
                        Figure.balance(opening),
                        Figure.balance(debits),
                        Figure.balance(credits),
                        debits.equals(credits) ? "" : debits.minus(credits).printed()),
                Figure.balance(income),
                open.snapshot().source().file(),
                open.snapshot().source().hasTransactions());
    }

    private static String text(OpenEngagement open, Account account) {
        String line = open.snapshot()
                .mapping(account.number())
                .map(mapping -> mapping.line().text())
                .orElse("");
        return account.number() + " " + account.name() + " " + line;
    }

    private static Row row(OpenEngagement open, Account account) {
        Money closing = account.closing();
        String line = open.snapshot()
                .mapping(account.number())
                .map(mapping -> mapping.line().text())
                .orElse("");
        Carried carried = open.snapshot().carried().get("opening/" + account.number());
        return new Row(
                account.number(),
                account.name(),
                account.onIncomeStatement(),
                account.onIncomeStatement() ? "" : Figure.balance(account.opening()),
                closing.isPositive() ? closing.printedWithCents() : "",
                closing.isNegative() ? closing.negated().printedWithCents() : "",
                line,
                carried != null && carried.isOpen());
    }

    private static Money sum(List<Account> accounts, boolean debits) {
        return Money.sum(accounts.stream()
                .map(account -> debits ? account.closing() : account.closing().negated())
                .map(Money::notBelowZero)
                .toList());
    }

    /** A staged account against the one that stands. */
    public record Difference(String number, String name, String what, String before, String after) {}

    /** What an import would change, account by account. */
    static List<Difference> differences(Map<String, Account> before, List<Account> staged) {
        List<Difference> found = new ArrayList<>();
        TreeSet<String> gone = new TreeSet<>(before.keySet());
        for (Account account : staged) {
            gone.remove(account.number());
            Optional<Account> old = Optional.ofNullable(before.get(account.number()));
            if (!old.equals(Optional.of(account))) {
                found.add(new Difference(
                        account.number(),
                        account.name(),
                        old.isPresent() ? "changed" : "new",
                        old.map(each -> each.closing().printedWithCents()).orElse(""),
                        account.closing().printedWithCents()));
            }
        }
        gone.forEach(number -> found.add(new Difference(
                number,
                before.get(number).name(),
                "gone",
                before.get(number).closing().printedWithCents(),
                "")));
        return found;
    }
}
