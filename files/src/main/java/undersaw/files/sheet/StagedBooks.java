package undersaw.files.sheet;

import java.util.List;
import undersaw.files.FileFault;
import undersaw.ledger.Account;
import undersaw.money.Money;

/**
 * A client's books that were read and replace nothing yet.
 *
 * @param file the file's name
 * @param accounts the accounts, in the order of the file
 * @param transactions how many transactions the balances are the sums of; 0 where the file holds balances
 * @param leftOut rows that are no accounts, such as subtotals, with their row numbers
 * @param notes what was taken for granted, and what looks odd, in words
 * @param faults everything wrong with the file
 */
public record StagedBooks(
        String file,
        List<Account> accounts,
        long transactions,
        List<String> leftOut,
        List<String> notes,
        List<FileFault> faults) {
    /** Keeps its own copies. */
    public StagedBooks {
        accounts = List.copyOf(accounts);
        leftOut = List.copyOf(leftOut);
        notes = List.copyOf(notes);
        faults = List.copyOf(faults);
    }

    static StagedBooks refused(String file, FileFault fault) {
        return new StagedBooks(file, List.of(), 0, List.of(), List.of(), List.of(fault));
    }

    /** Whether it can take the place of the books. */
    public boolean isSound() {
        return faults.isEmpty() && !accounts.isEmpty();
    }

    public Money debits() {
        return Money.sum(accounts.stream()
                .map(account -> account.closing().notBelowZero())
                .toList());
    }

    /** Net income: credits less debits of the income statement. */
    public Money netIncome() {
        return Money.sum(accounts.stream()
                        .filter(Account::onIncomeStatement)
                        .map(Account::closing)
                        .toList())
                .negated();
    }
}
