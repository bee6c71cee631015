package undersaw.us.depreciation;

import java.util.List;
import undersaw.law.LawKey;

/** The figures of the law that depreciation reads; each year's table cites them row by row. */
public final class DepreciationLaw {
    public static final LawKey SECTION_179_LIMIT = key("section-179-limit", "the section 179 limit");
    public static final LawKey SECTION_179_THRESHOLD =
            key("section-179-threshold", "the cost above which the section 179 limit falls");
    public static final LawKey SECTION_179_SUV =
            key("section-179-suv", "the most of section 179 for a sport utility vehicle");
    public static final LawKey MID_QUARTER_SHARE =
            key("mid-quarter-share", "the share of the last quarter above which the mid-quarter convention applies");
    public static final LawKey FIRST_YEAR_COSTS =
            key("first-year-costs", "the start-up or organization costs deducted at once");
    public static final LawKey FIRST_YEAR_THRESHOLD =
            key("first-year-threshold", "the costs above which that deduction falls");

    private static final List<LawKey> ALL = List.of(
            SECTION_179_LIMIT,
            SECTION_179_THRESHOLD,
            SECTION_179_SUV,
            MID_QUARTER_SHARE,
            FIRST_YEAR_COSTS,
            FIRST_YEAR_THRESHOLD);

    private DepreciationLaw() {}

    private static LawKey key(String key, String words) {
        return new LawKey("corporation", key, words);
    }

    /** Every figure, in the order of the tables. */
    public static List<LawKey> all() {
        return ALL;
    }
}
