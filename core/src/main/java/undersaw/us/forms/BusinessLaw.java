package undersaw.us.forms;

import java.util.List;
import undersaw.law.LawKey;

/** The figures of the law that forms of every business read; each year's table cites them row by row. */
public final class BusinessLaw {
    public static final LawKey CORPORATE_RATE = key("corporate-rate", "the corporate rate");
    public static final LawKey OFFICERS_SCHEDULE =
            key("officers-schedule", "the receipts from which Form 1125-E is due");
    public static final LawKey SMALL_BUSINESS_RECEIPTS =
            key("small-business-receipts", "the small business limit on average receipts");
    public static final LawKey INTEREST_SHARE =
            key("interest-share", "the share of adjusted income that interest may take");
    public static final LawKey INTEREST_DEPRECIATION =
            key("interest-depreciation", "the share of depreciation added back for the interest limit");

    private static final List<LawKey> ALL =
            List.of(CORPORATE_RATE, OFFICERS_SCHEDULE, SMALL_BUSINESS_RECEIPTS, INTEREST_SHARE, INTEREST_DEPRECIATION);

    private BusinessLaw() {}

    private static LawKey key(String key, String words) {
        return new LawKey("corporation", key, words);
    }

    /** Every figure, in the order of the tables. */
    public static List<LawKey> all() {
        return ALL;
    }
}
