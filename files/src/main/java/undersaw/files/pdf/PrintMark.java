package undersaw.files.pdf;

/**
 * What stands at the head of every page: whether the return has been filed.
 *
 * @param text the mark in words
 * @param filed whether it was accepted
 */
public record PrintMark(String text, boolean filed) {
    /** A return that the authority has not accepted. */
    public static PrintMark draft() {
        return new PrintMark("Draft, not filed", false);
    }

    /** A draft that says how many figures came from last year and were never confirmed. */
    public static PrintMark draft(long fromLastYear) {
        return fromLastYear == 0
                ? draft()
                : new PrintMark(
                        "Draft, not filed; figures from last year that nobody has confirmed: " + fromLastYear, false);
    }

    /** A copy without what the public may not see. */
    public static PrintMark publicCopy() {
        return new PrintMark("Copy for public inspection", true);
    }

    /** A return that was accepted. */
    public static PrintMark accepted(String date, String confirmation) {
        return new PrintMark("Accepted " + date + ", confirmation " + confirmation, true);
    }
}
