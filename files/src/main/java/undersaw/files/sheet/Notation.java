package undersaw.files.sheet;

/**
 * How a client's file writes amounts and days.
 *
 * @param decimalComma whether {@code 1.234,50} is meant
 * @param dayFirst whether {@code 3/4/2025} is the third of April
 * @param signs which way amounts of one column are signed
 * @param scale what an amount counts: 1, or 1000 where the file is in thousands
 */
public record Notation(boolean decimalComma, boolean dayFirst, Signs signs, int scale) {
    /** Which way the amounts of one column are signed. */
    public enum Signs {
        /** To be told from what the accounts are and from what balances. */
        FROM_ROWS("told from the accounts"),
        DEBITS_POSITIVE("below zero"),
        CREDITS_POSITIVE("above zero, debits below"),
        /** Credits have a column of their own and carry a minus there all the same. */
        CREDITS_BELOW_ZERO("below zero in their own column"),
        /** Each account on its natural side is positive, as on a balance sheet and an income statement. */
        NATURAL("without sign, as each account usually lies");

        private final String words;

        Signs(String words) {
            this.words = words;
        }

        /** How credits are shown, in words. */
        public String words() {
            return words;
        }
    }

    /** Points before cents, the month first, debits positive, single units. */
    static final Notation USUAL = new Notation(false, false, Signs.DEBITS_POSITIVE, 1);

    Notation signed(Signs other) {
        return new Notation(decimalComma, dayFirst, other, scale);
    }
}
