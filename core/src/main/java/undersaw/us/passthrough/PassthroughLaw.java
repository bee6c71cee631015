package undersaw.us.passthrough;

import undersaw.law.LawKey;

/** The figures of the law that returns of partnerships and S corporations read; each year's table cites them. */
public final class PassthroughLaw {
    public static final LawKey PASSIVE_SHARE = key("passive-share", "the share of receipts that may be passive");
    public static final LawKey SMALL_S = key("small-s", "the size below which Schedules L and M-1 are excused");
    public static final LawKey SMALL_RECEIPTS =
            key("small-receipts", "the receipts below which a partnership need not give Schedules L, M-1 and M-2");
    public static final LawKey SMALL_ASSETS =
            key("small-assets", "the assets below which a partnership need not give Schedules L, M-1 and M-2");
    public static final LawKey SCHEDULE_M3 = key("schedule-m3", "the assets from which Schedule M-3 is due");
    public static final LawKey SCHEDULE_M3_RECEIPTS =
            key("schedule-m3-receipts", "the receipts from which a partnership owes Schedule M-3");
    public static final LawKey LATE_OWNER_MONTH =
            key("late-owner-month", "the penalty for each owner and month that the return is late");

    private PassthroughLaw() {}

    private static LawKey key(String key, String words) {
        return new LawKey("passthrough", key, words);
    }
}
