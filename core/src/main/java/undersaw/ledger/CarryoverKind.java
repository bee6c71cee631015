package undersaw.ledger;

import java.util.Optional;

/** What an earlier year can leave to this one. */
public enum CarryoverKind {
    NOL("nol", "Net operating loss"),
    CHARITABLE("charitable", "Charitable contributions"),
    CAPITAL_LOSS("capital-loss", "Capital loss"),
    INTEREST_163J("163j", "Business interest"),
    GENERAL_CREDIT("general-credit", "General business credit"),
    SECTION_179("section-179", "Section 179");

    private final String word;
    private final String caption;

    CarryoverKind(String word, String caption) {
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

    public static Optional<CarryoverKind> parse(String word) {
        for (CarryoverKind kind : values()) {
            if (kind.word.equals(word)) {
                return Optional.of(kind);
            }
        }
        return Optional.empty();
    }
}
