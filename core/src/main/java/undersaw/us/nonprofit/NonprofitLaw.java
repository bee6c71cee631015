package undersaw.us.nonprofit;

import java.util.List;
import undersaw.law.LawKey;

/** The figures of the law that a small nonprofit's return reads; each year's table cites them row by row. */
public final class NonprofitLaw {
    public static final LawKey RECEIPTS_LIMIT = key("receipts-limit", "the receipts from which the full form is due");
    public static final LawKey ASSETS_LIMIT = key("assets-limit", "the assets from which the full form is due");
    public static final LawKey NOTICE_RECEIPTS = key("notice-receipts", "the receipts up to which a notice will do");
    public static final LawKey EVENTS_SCHEDULE =
            key("events-schedule", "the receipts of events, or of gaming, up to which Schedule G is excused");
    public static final LawKey CONTRIBUTOR = key("contributor", "the gift from which Schedule B lists its giver");
    public static final LawKey CONTRIBUTOR_SHARE =
            key("contributor-share", "the share of contributions under the special rule of Schedule B");
    public static final LawKey UNRELATED_RECEIPTS =
            key("unrelated-receipts", "the unrelated receipts from which Form 990-T is due");
    public static final LawKey HIGHLY_PAID =
            key("highly-paid", "the pay above which employees and contractors of a charity are listed");

    private static final List<LawKey> ALL = List.of(
            RECEIPTS_LIMIT,
            ASSETS_LIMIT,
            NOTICE_RECEIPTS,
            EVENTS_SCHEDULE,
            CONTRIBUTOR,
            CONTRIBUTOR_SHARE,
            UNRELATED_RECEIPTS,
            HIGHLY_PAID);

    private NonprofitLaw() {}

    private static LawKey key(String key, String words) {
        return new LawKey("nonprofit", key, words);
    }

    /** Every figure, in the order of the tables. */
    public static List<LawKey> all() {
        return ALL;
    }
}
