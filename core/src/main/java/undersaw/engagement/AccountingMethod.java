package undersaw.engagement;

import java.util.Locale;
import java.util.Optional;

/** When income and expense are counted. */
public enum AccountingMethod {
    CASH,
    ACCRUAL,
    OTHER;

    /** The word used in files and on forms. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<AccountingMethod> parse(String word) {
        for (AccountingMethod method : values()) {
            if (method.word().equals(word)) {
                return Optional.of(method);
            }
        }
        return Optional.empty();
    }
}
