package undersaw.files.sheet;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import undersaw.files.FileFault;
import undersaw.ledger.Account;
import undersaw.money.Money;

/**
 * What to say where debits and credits of a file differ.
 *
 * @param file the file's name
 * @param accounts the accounts that were made of it
 * @param subtotals rows with amounts that were left out
 * @param rows the rows that were taken
 */
record BalanceFault(String file, List<Account> accounts, List<BalanceRow> subtotals, List<BalanceRow> rows) {
    private static final int MOST_ACCOUNTS = 50_000;

    Optional<FileFault> of(String which, Function<Account, Money> amount) {
        Money difference = Money.sum(accounts.stream().map(amount).toList());
        if (difference.isZero()) {
            return Optional.empty();
        }
        List<String> clues = new ImbalanceClues(accounts, amount, subtotals, rows).to(difference);
        return Optional.of(words(file, which, difference, clues));
    }

    /** Too few or too many accounts are a fault too; none is one only where nothing else is wrong. */
    static void ofCount(String file, int accounts, List<FileFault> faults) {
        if (accounts == 0 && faults.isEmpty()) {
            faults.add(FileFault.whole(
                    file,
                    "There is no account below the header. Export the trial balance again, "
                            + "or correct the header row."));
        }
        if (accounts > MOST_ACCOUNTS) {
            faults.add(FileFault.whole(
                    file, "The file has " + accounts + " accounts; at most " + MOST_ACCOUNTS + " are read."));
        }
    }

    static FileFault words(String file, String which, Money difference, List<String> clues) {
        String hint = clues.isEmpty() ? "" : " Look here: " + String.join("; ", clues) + ".";
        return FileFault.whole(
                file,
                which + " debits and credits differ by " + difference.abs().printed()
                        + (difference.isPositive() ? " (debits are more)." : " (credits are more).") + hint
                        + " Nothing was replaced.");
    }
}
