package undersaw.files.sheet;

/**
 * A row of a file and what was made of it.
 *
 * @param at its row number
 * @param words its cells as one text
 * @param taken whether an account was made of it
 * @param why why it was left out, or what is doubtful; may be empty
 * @param account what the account goes by; empty where there is none
 */
public record StagedRow(long at, String words, boolean taken, String why, String account) {
    /** The row and its reason as one sentence. */
    public String sentence() {
        return "Row " + at + (why.isEmpty() ? "" : ", " + why) + ": " + words;
    }
}
