package undersaw.calc;

/**
 * What a total over members came to.
 *
 * @param parts what each member brings to it; members that bring nothing are left out
 * @param sum of all parts
 */
record Tally(Column parts, long sum) {
    static final Tally NOTHING = new Tally(Column.EMPTY, 0);

    /** Whether any member brings anything. */
    boolean isFilled() {
        return parts.count() > 0;
    }
}
