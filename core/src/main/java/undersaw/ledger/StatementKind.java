package undersaw.ledger;

/** The financial statement that an account belongs to. */
public enum StatementKind {
    BALANCE_SHEET("balance sheet"),
    INCOME_STATEMENT("income statement");

    private final String words;

    StatementKind(String words) {
        this.words = words;
    }

    /** The statement's name inside a sentence. */
    public String words() {
        return words;
    }
}
