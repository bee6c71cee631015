package undersaw.ledger;

/**
 * Where the trial balance came from.
 *
 * @param file the client's file; empty where accounts were typed or came with a folder
 * @param ledger the number under which its transactions are kept; 0 where it held only balances
 */
public record BooksSource(String file, long ledger) {
    /** No file stands behind the books. */
    public static final BooksSource NONE = new BooksSource("", 0);

    public boolean hasTransactions() {
        return ledger != 0;
    }
}
