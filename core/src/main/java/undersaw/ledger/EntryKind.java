package undersaw.ledger;

import java.util.Locale;
import java.util.Optional;

/**
 * What an entry changes: the books, their arrangement, or only the tax amount; or it puts to retained earnings what a
 * trial balance lacks, by a person's order, and then has one side only.
 */
public enum EntryKind {
    ADJUSTING,
    RECLASSIFYING,
    TAX,
    BALANCING;

    /** The word used in files. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<EntryKind> parse(String word) {
        for (EntryKind kind : values()) {
            if (kind.word().equals(word)) {
                return Optional.of(kind);
            }
        }
        return Optional.empty();
    }
}
