package undersaw.ledger;

import java.util.Optional;

/** How a payment of tax was made. */
public enum PaymentKind {
    ESTIMATED("estimated", "Estimated payment"),
    EXTENSION("extension", "Paid with the extension"),
    WITHHELD("withheld", "Withheld"),
    OVERPAYMENT_APPLIED("overpayment-applied", "Last year's overpayment");

    private final String word;
    private final String caption;

    PaymentKind(String word, String caption) {
        this.word = word;
        this.caption = caption;
    }

    /** The word used in files. */
    public String word() {
        return word;
    }

    public String caption() {
        return caption;
    }

    public static Optional<PaymentKind> parse(String word) {
        for (PaymentKind kind : values()) {
            if (kind.word.equals(word)) {
                return Optional.of(kind);
            }
        }
        return Optional.empty();
    }
}
