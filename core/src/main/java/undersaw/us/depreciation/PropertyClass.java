package undersaw.us.depreciation;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import undersaw.table.Table;
import undersaw.table.TableRow;

/**
 * A kind of property: over which life and how it is recovered, and what it may take (IRC 168(e), (g), 179(d), 197;
 * Publication 946, Appendix B; from memory). Classes are data; a further one is a row.
 *
 * @param code as the register names it
 * @param caption what belongs there
 * @param recovery how the cost is recovered
 * @param life the recovery period of the general system, in {@link YearParts}
 * @param factor of declining balance in percent; 0 for the straight line
 * @param ads the recovery period of the alternative system
 * @param adsBefore2018 the same for property placed in service before 2018
 * @param character 1245, 1250, 1231 or none: what a gain on it is
 * @param section179 whether cost can be elected under section 179: yes, no, or suv for up to the law's amount
 * @param bonus whether the special allowance is open to it
 * @param listed whether it is listed property, and of which kind; empty where it is not
 * @param line where it stands on Form 4562
 * @param citation its law
 */
public record PropertyClass(
        String code,
        String caption,
        Pattern recovery,
        int life,
        int factor,
        int ads,
        int adsBefore2018,
        String character,
        String section179,
        boolean bonus,
        String listed,
        String line,
        String citation) {
    /** How cost is recovered. */
    public enum Pattern {
        /** Equipment: half-year or mid-quarter. */
        PERSONAL,
        /** Buildings: mid-month. */
        REAL,
        /** Even amounts by whole months. */
        MONTHS,
        /** A part at once in the first year, the rest by months (IRC 195, 248, 709). */
        FIRST_COSTS,
        /** Even amounts from the middle of the first year (IRC 174). */
        MIDPOINT,
        /** As a person types it. */
        TYPED,
        NONE
    }

    private static final List<String> COLUMNS = List.of(
            "class",
            "caption",
            "recovery",
            "life",
            "factor",
            "ads",
            "adsBefore2018",
            "character",
            "section179",
            "bonus",
            "listed",
            "line",
            "citation");
    private static final int ADS_CHANGED = 2018;
    private static final Map<String, PropertyClass> ALL = read();

    /** The class of that code. */
    public static Optional<PropertyClass> of(String code) {
        return Optional.ofNullable(ALL.get(code));
    }

    /** Every class, in the order of the law. */
    public static List<PropertyClass> all() {
        return List.copyOf(ALL.values());
    }

    /** Whether it is depreciated under section 168. */
    public boolean isAccelerated() {
        return recovery == Pattern.PERSONAL || recovery == Pattern.REAL;
    }

    /** Whether it is amortized, on Part VI. */
    public boolean isAmortized() {
        return line.equals("42");
    }

    public boolean isListed() {
        return !listed.isEmpty();
    }

    /** Whether yearly amounts are capped (IRC 280F(a)). */
    public boolean isAutomobile() {
        return listed.equals("automobile");
    }

    /** Whether any cost can be elected under section 179. */
    public boolean mayElect() {
        return !section179.equals("no");
    }

    public boolean isSportUtility() {
        return section179.equals("suv");
    }

    /** The life of the alternative system. */
    public int ads(LocalDate placed) {
        return placed.getYear() < ADS_CHANGED ? adsBefore2018 : ads;
    }

    /**
     * The class that an election out of the special allowance names: property of one recovery period goes together,
     * improvements of buildings with that of fifteen years (Reg. 1.168(k)-2(f); from memory).
     */
    public String electedWith() {
        return isAccelerated() ? String.valueOf(life / YearParts.YEAR) : code;
    }

    private static Map<String, PropertyClass> read() {
        Map<String, PropertyClass> all = new LinkedHashMap<>();
        for (TableRow row : Table.read("undersaw/us/depreciation/property-classes.csv", COLUMNS)) {
            all.put(
                    row.text("class"),
                    new PropertyClass(
                            row.text("class"),
                            row.text("caption"),
                            Pattern.valueOf(row.text("recovery")
                                    .toUpperCase(Locale.ROOT)
                                    .replace('-', '_')),
                            years(row.text("life")),
                            Integer.parseInt(row.text("factor")),
                            years(row.text("ads")),
                            years(row.text("adsBefore2018")),
                            row.text("character"),
                            row.text("section179"),
                            row.text("bonus").equals("yes"),
                            row.text("listed"),
                            row.text("line"),
                            row.text("citation")));
        }
        return all;
    }

    /** Years, up to one decimal, in {@link YearParts}. */
    static int years(String text) {
        return new BigDecimal(text).multiply(BigDecimal.valueOf(YearParts.YEAR)).intValueExact();
    }
}
