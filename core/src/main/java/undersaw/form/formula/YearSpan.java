package undersaw.form.formula;

/**
 * Years of origin counted back from the year of the return.
 *
 * @param oldest how many years back the span begins
 * @param newest how many years back it ends, at least 1
 * @param before only years before this calendar year; 9999 for no such bound
 * @param since only years from this calendar year on; 0 for no such bound
 */
public record YearSpan(int oldest, int newest, int before, int since) {
    private static final int WITHOUT_END = 9999;

    /** All earlier years. */
    public static YearSpan allBefore() {
        return new YearSpan(WITHOUT_END, 1, 9999, 0);
    }

    /** The last so many years. */
    public static YearSpan last(int years) {
        return new YearSpan(years, 1, 9999, 0);
    }

    /** The last so many years, those before a calendar year only. */
    public static YearSpan lastBefore(int years, int calendarYear) {
        return new YearSpan(years, 1, calendarYear, 0);
    }

    /** All years from a calendar year on. */
    public static YearSpan since(int calendarYear) {
        return new YearSpan(WITHOUT_END, 1, 9999, calendarYear);
    }

    public boolean contains(int origin, int returnYear) {
        int back = returnYear - origin;
        return back <= oldest && back >= newest && origin < before && origin >= since;
    }

    /** The span inside a sentence. */
    public String words() {
        if (since > 0) {
            return "years from " + since + " on";
        }
        if (oldest == WITHOUT_END) {
            return "earlier years";
        }
        String span = "the last " + oldest + " years";
        return before < 9999 ? span + ", those before " + before : span;
    }
}
