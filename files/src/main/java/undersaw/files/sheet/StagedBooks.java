package undersaw.files.sheet;

import java.util.List;
import undersaw.files.FileFault;
import undersaw.ledger.Account;
import undersaw.money.Money;

/**
 * A trial balance that was read and replaces nothing yet.
 *
 * @param file the file's name
 * @param accounts the accounts, in the order of the file
 * @param notes what was left out or taken for granted, in words
 * @param faults everything wrong with the file
 */
public record StagedBooks(String file, List<Account> accounts, List<String> notes, List<FileFault> faults) {
    /** Keeps its own copies. */
    public StagedBooks {
        accounts = List.copyOf(accounts);
        notes = List.copyOf(notes);
        faults = List.copyOf(faults);
    }

    static StagedBooks refused(String file, FileFault fault) {
        return new StagedBooks(file, List.of(), List.of(), List.of(fault));
    }

    /** Whether it can take the place of the books. */
    public boolean isSound() {
        return faults.isEmpty() && !accounts.isEmpty();
    }

    public Money opening() {
        return Money.sum(accounts.stream().map(Account::opening).toList());
    }

    public Money closing() {
        return Money.sum(accounts.stream().map(Account::closing).toList());
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
