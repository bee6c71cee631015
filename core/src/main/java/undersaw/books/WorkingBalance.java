package undersaw.books;

import java.util.List;
import java.util.Optional;
import undersaw.calc.Calculation;
import undersaw.ledger.Account;
import undersaw.money.Money;

/**
 * One account of the adjusted trial balance; every amount in cents, debit positive.
 *
 * @param account the account
 * @param lastYear last year's adjusted closing balance; nothing where last year is not known
 * @param opening opening balance
 * @param unadjusted closing balance as the client's books have it
 * @param entries adjusting and reclassifying entries
 * @param adjusted closing balance after them
 * @param taxEntries tax entries
 * @param taxBasis closing balance after these too
 */
public record WorkingBalance(
        Account account,
        Optional<Money> lastYear,
        Money opening,
        Money unadjusted,
        Money entries,
        Money adjusted,
        Money taxEntries,
        Money taxBasis) {

    /** Every account, by its number; in books without numbers as on the return. */
    public static List<WorkingBalance> of(Calculation calculation, Optional<Calculation> lastYear) {
        return calculation.snapshot().accounts().values().stream()
                .sorted(AccountOrder.of(calculation))
                .map(account -> row(calculation, lastYear, account))
                .toList();
    }

    private static WorkingBalance row(Calculation calculation, Optional<Calculation> lastYear, Account account) {
        Money adjusted = calculation.adjusted(account);
        Money tax = calculation.taxEntries(account);
        return new WorkingBalance(
                account,
                lastYear.map(year -> closing(year, account.number())),
                calculation.opening(account),
                account.closing(),
                adjusted.minus(account.closing()),
                adjusted,
                tax,
                adjusted.plus(tax));
    }

    /** Adjusted closing balance of an account; nothing where the year has no such account. */
    static Money closing(Calculation year, String number) {
        Account account = year.snapshot().accounts().get(number);
        return account == null ? Money.ZERO : year.adjusted(account);
    }

    /** Net income: credits less debits of the income statement, adjusted. */
    public static Money netIncome(Calculation calculation) {
        return Money.sum(calculation.snapshot().accounts().values().stream()
                        .filter(Account::onIncomeStatement)
                        .map(calculation::adjusted)
                        .toList())
                .negated();
    }
}
