package undersaw.store;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import undersaw.ledger.Account;

/** Trial balances that were read and wait for a person to let them replace the books. */
public final class StagedImports {
    private final Database database;
    private final AccountRows accounts = new AccountRows("staged_account");

    public StagedImports(Database database) {
        this.database = database;
    }

    /**
     * A waiting import.
     *
     * @param file the file's name
     * @param notes what the reader left out or took for granted
     * @param stagedBy who imported it, and when, in words
     * @param accounts the accounts it would put in place
     */
    public record Staged(String file, List<String> notes, String stagedBy, List<Account> accounts) {}

    private record Row(String file, String notes, String stagedBy) {}

    /** Keeps an import waiting, in place of any other. */
    public void put(long engagement, Staged staged) {
        database.inTransaction(() -> {
            remove(engagement);
            database.write()
                    .sql("insert into staged_books (engagement, file, notes, staged_by) values (?, ?, ?, ?)")
                    .params(engagement, staged.file(), String.join("\n", staged.notes()), staged.stagedBy())
                    .update();
            accounts.replace(database.write(), engagement, staged.accounts());
            return true;
        });
    }

    public Optional<Staged> find(long engagement) {
        return database.read()
                .sql("select file, notes, staged_by from staged_books where engagement = ?")
                .param(engagement)
                .query(Row.class)
                .optional()
                .map(row -> new Staged(
                        row.file(),
                        row.notes().isEmpty()
                                ? List.of()
                                : Arrays.asList(row.notes().split("\n", -1)),
                        row.stagedBy(),
                        accounts.read(database.read(), engagement)));
    }

    /** Forgets a waiting import. */
    public void discard(long engagement) {
        database.inTransaction(() -> {
            remove(engagement);
            return true;
        });
    }

    private void remove(long engagement) {
        database.write()
                .sql("delete from staged_books where engagement = ?")
                .param(engagement)
                .update();
    }
}
