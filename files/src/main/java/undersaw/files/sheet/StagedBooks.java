package undersaw.files.sheet;

import java.util.ArrayList;
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
 * @param rows rows that are no accounts, and rows of which a person may say otherwise
 * @param notes what was taken for granted, and what looks odd, in words
 * @param faults everything wrong with the file, and what a person must answer first
 * @param unsure accounts whose statement is not sure
 */
public record StagedBooks(
        String file,
        List<Account> accounts,
        long transactions,
        List<StagedRow> rows,
        List<String> notes,
        List<FileFault> faults,
        List<Unsure> unsure) {
    /**
     * An account whose statement is not sure.
     *
     * @param account the account as it would be taken
     * @param why how its statement was told
     */
    public record Unsure(Account account, String why) {}

    /** Keeps its own copies. */
    public StagedBooks {
        accounts = List.copyOf(accounts);
        rows = List.copyOf(rows);
        notes = List.copyOf(notes);
        faults = List.copyOf(faults);
        unsure = List.copyOf(unsure);
    }

    static StagedBooks refused(String file, FileFault fault) {
        return new StagedBooks(file, List.of(), 0, List.of(), List.of(), List.of(fault), List.of());
    }

    /** The same with what was said before its rows were read. */
    StagedBooks noting(List<String> first, List<FileFault> open) {
        List<String> all = new ArrayList<>(first);
        all.addAll(notes);
        List<FileFault> more = new ArrayList<>(open);
        more.addAll(faults);
        return new StagedBooks(file, accounts, transactions, rows, all, more, unsure);
    }

    /** Whether it can take the place of the books. */
    public boolean isSound() {
        return faults.isEmpty() && !accounts.isEmpty();
    }

    /** Rows that are no accounts, with their row numbers and why. */
    public List<String> leftOut() {
        return rows.stream()
                .filter(row -> !row.taken())
                .map(StagedRow::sentence)
                .toList();
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
