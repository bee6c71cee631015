package undersaw.books;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import undersaw.calc.Calculation;
import undersaw.ledger.Account;
import undersaw.ledger.StatementKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.returns.ReturnKind;

/**
 * This year's opening balances against last year's closing ones.
 *
 * <p>Closing the year moves net income and the accounts of its distributions into retained earnings, so that only
 * balance-sheet accounts open (common practice, no source).
 */
public final class Openings {
    private Openings() {}

    /**
     * An account whose opening balance is not last year's closing one.
     *
     * @param number the account's number
     * @param name its name
     * @param lastYear last year's closing balance after the year was closed
     * @param opening this year's opening balance
     */
    public record Difference(String number, String name, Money lastYear, Money opening) {
        public Money amount() {
            return opening.minus(lastYear);
        }
    }

    /** What each balance-sheet account opens with after a year, debit positive. */
    public static Map<String, Money> after(Calculation year, ReturnKind kind) {
        Map<String, Money> openings = new TreeMap<>();
        Money closedOut = Money.ZERO;
        for (Account account : year.snapshot().accounts().values()) {
            Money closing = year.adjusted(account);
            if (account.statement() == StatementKind.INCOME_STATEMENT || isClosedOut(year, account, kind)) {
                closedOut = closedOut.plus(closing);
            } else {
                openings.put(account.number(), closing);
            }
        }
        Money moved = closedOut;
        retainedEarnings(year, kind).ifPresent(account -> openings.merge(account.number(), moved, Money::plus));
        return openings;
    }

    /** Distributions and the like are part of retained earnings and begin the next year empty. */
    private static boolean isClosedOut(Calculation year, Account account, ReturnKind kind) {
        LineId retained = kind.bookLines().retainedEarnings();
        return isClosedByTreatment(year, account, kind)
                || year.target(account.number())
                        .filter(target ->
                                target.opening() == null && !target.id().equals(retained))
                        .isPresent();
    }

    /** Whether the account's treatment closes it with the year, wherever it is mapped. */
    static boolean isClosedByTreatment(Calculation year, Account account, ReturnKind kind) {
        return year.snapshot()
                .mapping(account.number())
                .filter(mapping -> kind.isClosedOut(mapping.treatment()))
                .isPresent();
    }

    /** The account of retained earnings: the largest of those mapped there that stay open. */
    public static Optional<Account> retainedEarnings(Calculation year, ReturnKind kind) {
        LineId line = kind.bookLines().retainedEarnings();
        return year.snapshot().accounts().values().stream()
                .filter(account -> year.snapshot()
                        .mapping(account.number())
                        .filter(mapping -> mapping.line().equals(line) && !kind.isClosedOut(mapping.treatment()))
                        .isPresent())
                .max(Comparator.comparing((Account account) -> account.closing().abs())
                        .thenComparing(Account::number));
    }

    /** Every account that differs, in the order of its number. */
    public static List<Difference> differences(Calculation year, Calculation lastYear, ReturnKind kind) {
        Map<String, Money> expected = after(lastYear, kind);
        Map<String, String> names = new TreeMap<>();
        lastYear.snapshot().accounts().values().forEach(each -> names.put(each.number(), each.name()));
        year.snapshot().accounts().values().forEach(each -> names.put(each.number(), each.name()));
        List<Difference> differences = new ArrayList<>();
        names.forEach((number, name) -> {
            Account account = year.snapshot().accounts().get(number);
            Money opening = account == null ? Money.ZERO : year.opening(account);
            Money closed = expected.getOrDefault(number, Money.ZERO);
            if (!opening.equals(closed)) {
                differences.add(new Difference(number, name, closed, opening));
            }
        });
        return differences;
    }
}
