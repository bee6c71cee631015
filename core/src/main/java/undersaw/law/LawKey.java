package undersaw.law;

/** The figures that the law fixes per year; each names its row in the year's tables. */
public enum LawKey {
    CORPORATE_RATE("corporate-rate", "the corporate rate"),
    DIVIDENDS_SMALL_HOLDING("dividends-small-holding", "the share for holdings under 20%"),
    DIVIDENDS_LARGE_HOLDING("dividends-large-holding", "the share for holdings of 20% or more"),
    DIVIDENDS_WHOLE("dividends-affiliated", "the share for affiliates"),
    DIVIDENDS_UTILITY_SMALL("dividends-utility-small", "the share for utility preferred stock under 20%"),
    DIVIDENDS_UTILITY_LARGE("dividends-utility-large", "the share for utility preferred stock of 20% or more"),
    NOL_SHARE("nol-share", "the share of income that later losses may use"),
    CHARITABLE_SHARE("charitable-share", "the limit on gifts"),
    CHARITABLE_FLOOR("charitable-floor", "the floor under gifts"),
    CREDIT_SHARE("general-credit-share", "the share of tax kept from credits"),
    CREDIT_THRESHOLD("general-credit-threshold", "the tax above which credits are cut"),
    SCHEDULES_EXCUSED("schedules-excused", "the size below which Schedules L, M-1 and M-2 are excused"),
    SCHEDULE_M3("schedule-m3", "the assets from which Schedule M-3 is due"),
    OFFICERS_SCHEDULE("officers-schedule", "the receipts from which Form 1125-E is due"),
    ESTIMATE_THRESHOLD("estimate-threshold", "the tax below which no estimates are due"),
    SMALL_BUSINESS_RECEIPTS("small-business-receipts", "the small business limit on average receipts"),
    SECTION_179_LIMIT("section-179-limit", "the section 179 limit"),
    INFORMATION_RETURN("information-return", "the payment from which an information return is due"),
    EARNINGS_CREDIT("accumulated-earnings-credit", "the accumulated earnings credit");

    private final String key;
    private final String words;

    LawKey(String key, String words) {
        this.key = key;
        this.words = words;
    }

    /** The name of the row in {@code law/<year>/corporation.csv}. */
    public String key() {
        return key;
    }

    /** The figure's name inside a sentence. */
    public String words() {
        return words;
    }
}
